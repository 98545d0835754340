import { inDegrees, inMm, saidHeat, type SeamWarp, type WeldHeatInput } from '@lone-heron/core';
import { useMemo } from 'react';
import { figure } from '../../shared/figures/figures.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import { spokenForce } from '../../shared/figures/spokenStates.js';
import { useWorked, type ShownWork } from '../../shared/worker/useWorked.js';
import type { DialOutcome } from '../dialOutcome.js';
import { UnderWay } from '../../shared/worker/UnderWay.js';
import { warpTask, type WarpTask } from './warpTask.js';
import type { WarpAnswer } from './warpWorker.js';

const start = () => new Worker(new URL('./warpWorker.ts', import.meta.url), { type: 'module' });

/** What the seam does to free sheets, beside the other ways to weld it. */
export default function WarpPanel({ outcome, task }: { outcome: DialOutcome; task: WeldHeatInput }) {
  const ways = useMemo(() => warpTask(outcome, task), [outcome, task]);
  const worked = useWorked<WarpTask, WarpAnswer>(ways, start);
  const isOld = worked.done !== null || worked.fault !== null;
  return (
    <>
      {worked.shown !== null && <WarpShown shown={worked.shown} outcome={outcome} isOld={isOld} />}
      <UnderWay worked={worked} what="the warp" />
    </>
  );
}

interface WarpShownProps {
  shown: ShownWork<WarpTask, WarpAnswer>;
  outcome: DialOutcome;
  isOld: boolean;
}

function WarpShown({ shown: { task, answer }, outcome, isOld }: WarpShownProps) {
  const dialled = answer.warps[0];
  return (
    <div className={`min-h-0 grow overflow-y-auto leading-snug ${isOld ? 'opacity-60' : ''}`}>
      <table className="w-full text-[0.95rem]">
        <thead className="text-soft">
          <tr>
            {['', 'draws together', 'pulls along', 'stays flat to'].map((head) => (
              <th key={head} scope="col" className="pr-2 text-left font-normal">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {task.ways.map(({ name, welded }, i) => (
            <WarpRow key={name} name={name} welded={welded} warp={answer.warps[i] ?? null} />
          ))}
        </tbody>
      </table>
      {dialled !== null && dialled !== undefined && <p className="mt-2">{bucklingWords(dialled, task)}</p>}
      <p className="mt-1">{turnWords(outcome)}</p>
      <p className="mt-1 text-sm text-soft">
        Free sheets; each figure within a factor of two either way, so compare them and promise nothing.
        Clamps hold the turn while they are on; part of it springs back.
      </p>
    </div>
  );
}

function WarpRow({ name, welded, warp }: { name: string; welded: number; warp: SeamWarp | null }) {
  if (warp === null)
    return (
      <tr>
        <th scope="row" className="text-left font-normal">
          {name}
        </th>
        <td colSpan={3}>its heat did not settle</td>
      </tr>
    );
  const pull = warp.pull * welded;
  return (
    <tr>
      <th scope="row" className="pr-2 text-left font-normal">
        {name}
      </th>
      <td>{spokenLength(warp.shrinkage * 1000 * welded)}</td>
      <td>{spokenForce(pull)}</td>
      <td>{spokenLength(Math.round((warp.widestFlat * 1000) / welded))}</td>
    </tr>
  );
}

/** Whether a sheet as wide as this gives way. */
function bucklingWords({ heat, bucklesFrom }: SeamWarp, { ways }: WarpTask): string {
  const part = ways[0]?.input.part;
  const width = part === undefined ? '' : spokenLength(inMm(part.sideWidth));
  const [has, from] = [heat, bucklesFrom].map((each) => saidHeat(each, shopUnits())) as [string, string];
  return heat > bucklesFrom
    ? `A free sheet ${width} wide gives way from ${from} on, and this seam leaves ${has}: expect waves along it. Less heat, stitches, a fold or a rib beside the seam hold it flat.`
    : `A free sheet ${width} wide bears it: it would give way from ${from} on, and this seam leaves ${has}.`;
}

function turnWords({ consequences, said }: DialOutcome): string {
  const degrees = inDegrees(consequences.distortion.angle);
  const way = degrees >= 0 ? 'up towards the gun' : 'away from the gun';
  const both = said.joint.sides === 2 ? ' The second side turns it back, most of the way.' : '';
  return Math.abs(degrees) < 0.1
    ? `The sheets hardly turn.${both}`
    : `The sheets turn about ${figure(Math.abs(degrees), 1)}° ${way}.${both}`;
}
