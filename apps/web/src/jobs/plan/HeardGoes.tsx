import { meanPowerW, type Job, type WeldRun } from '@lone-heron/contract';
import { TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import { figure } from '../../shared/figures/figures.js';
import { HeardOfWeld } from '../../shared/live/HeardOfWeld.js';
import { isOtherPower } from '../../shared/live/isOtherPower.js';

/** What the machine said of the seams of a job, go by go, its course at a press; nothing where no go took anything of it. */
export function HeardGoes({ job }: { job: Job }) {
  const goes = job.runs.filter(({ heard, dialled }) => heard !== undefined && dialled !== null);
  const off = goes.filter(isOff);
  if (goes.length === 0) return null;
  return (
    <details className="sheet px-4 py-2">
      <summary className="min-h-12 cursor-pointer content-center font-medium">
        Heard from the machine: {goes.length === 1 ? '1 seam' : `${goes.length} seams`}
        {off.length > 0 && `, ${off.length} with another power than was dialled`}
      </summary>
      <ul className="flex flex-col divide-y divide-base-300">
        {goes.map((go) => (
          <Go key={go.id} go={go} />
        ))}
      </ul>
    </details>
  );
}

function Go({ go }: { go: WeldRun }) {
  const [isOpen, setOpen] = useState(false);
  const { id, mark, seam, heard, dialled } = go;
  if (heard === undefined || dialled === null) return null;
  return (
    <li className="py-1">
      <button
        type="button"
        className="btn touch-always h-auto w-full justify-start py-1 text-left font-normal btn-ghost"
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
      >
        {isOff(go) && <TriangleAlert className="size-5 shrink-0 text-error" aria-hidden="true" />}
        {mark}, seam {seam}: light on {figure(heard.litS, 1)} s
        {heard.powerW !== null && `, ${figure(heard.powerW, 0)} W of ${figure(meanPowerW(dialled), 0)} W`}
      </button>
      {isOpen && <HeardOfWeld recordId={id} heard={heard} dialledW={meanPowerW(dialled)} />}
    </li>
  );
}

function isOff({ heard, dialled }: WeldRun): boolean {
  return heard?.powerW != null && dialled !== null && isOtherPower(heard.powerW, meanPowerW(dialled));
}
