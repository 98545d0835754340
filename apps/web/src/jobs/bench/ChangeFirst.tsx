import type { Job, JobSeam, JobWeld } from '@lone-heron/contract';
import { gasTable } from '@lone-heron/core';
import { Replace } from 'lucide-react';
import { nozzleInWords } from '../../shared/sentences/nozzleInWords.js';
import { wireInWords } from '../../shared/sentences/wireInWords.js';
import type { JobPlan } from '../plan/planJob.js';

interface ChangeFirstProps {
  job: Job;
  plan: JobPlan | null;
  weld: JobWeld;
  before: JobSeam | null;
}

/** What has to be changed on the gun, or how the part has to be turned, before this seam; nothing where nothing has. */
export function ChangeFirst({ job, plan, weld, before }: ChangeFirstProps) {
  const changes = changesFor({ job, plan, weld, before });
  if (changes.length === 0) return null;
  return (
    <section className="caution flex items-start gap-3 px-3 py-2" aria-label="Change first">
      <Replace className="mt-1 size-6 shrink-0" aria-hidden="true" />
      <div>
        <h2 className="font-semibold">{before === null ? 'Fit first' : 'Change first'}</h2>
        <ul className="text-lg">
          {changes.map((each) => (
            <li key={each}>{each}</li>
          ))}
        </ul>
      </div>
    </section>
  );
}

/** From the seam before to this one; everything for the first of all. */
function changesFor({ job, plan, weld, before }: ChangeFirstProps): readonly string[] {
  const plannedOf = (mark: string) => plan?.welds.find((each) => each.mark === mark);
  const [to, from] = [plannedOf(weld.mark), before === null ? undefined : plannedOf(before.mark)];
  const poseBefore = before === null ? null : job.draft.welds.find(({ mark }) => mark === before.mark)?.pose;
  const turn =
    poseBefore !== undefined && poseBefore !== weld.pose && weld.pose !== '' ? [`Part: ${weld.pose}`] : [];
  if (to === undefined) return turn;
  const said = ({ content, filler }: typeof to) => ({
    nozzle: `Nozzle: ${nozzleInWords(content.nozzle)}`,
    wire:
      content.setting.pace.by === 'hand'
        ? 'No wire'
        : `${[filler ?? '', wireInWords(content.setting.pace.wireDiameterMm)].join(' ').trim()} wire`,
    gas: `Gas: ${gasTable[content.setting.gas].name}`,
  });
  const [now, then] = [said(to), from === undefined ? null : said(from)];
  const changed = (['nozzle', 'wire', 'gas'] as const).flatMap((name) =>
    then?.[name] === now[name] ? [] : [now[name]],
  );
  return [...changed, ...turn];
}
