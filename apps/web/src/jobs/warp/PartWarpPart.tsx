import type { Job } from '@lone-heron/contract';
import { useMemo, useState } from 'react';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { HeatClock } from '../../shared/heat/HeatClock.js';
import { SheetWidth } from '../../shared/heat/SheetWidth.js';
import { UnderWay } from '../../shared/worker/UnderWay.js';
import { useWorked, type ShownWork } from '../../shared/worker/useWorked.js';
import type { JobPlan } from '../plan/planJob.js';
import { PartWarpPicture } from './PartWarpPicture.js';
import { isTakenFlat, partWarpTask, type PartWarpTask } from './partWarpTask.js';
import {
  comparedWords,
  flatWords,
  givingWayWords,
  offWords,
  rankedWays,
  type RankedWay,
  tornWords,
  wayNames,
} from './partWarpWords.js';
import type { PartWarpAnswer, WarpedWay } from './partWarpWorker.js';

const start = () => new Worker(new URL('./partWarpWorker.ts', import.meta.url), { type: 'module' });
/** Sheet beside the outermost seams until somebody says how much. */
const usualBeyondMm = 40;

interface PartWarpPartProps {
  job: Job;
  plan: JobPlan;
}

/** How the part comes out of its order, once somebody asks, beside other orders and other ways. */
export default function PartWarpPart({ job, plan }: PartWarpPartProps) {
  const [isAsked, setAsked] = useState(false);
  const [isFlat, setFlat] = useState(() => isTakenFlat(job.draft));
  const [beyondMm, setBeyondMm] = useState(usualBeyondMm);
  const house = houseContent(useHouseQuery(undefined).data);
  const task = useMemo(
    () => partWarpTask(job.draft, plan, house, beyondMm),
    [job.draft, plan, house, beyondMm],
  );
  const worked = useWorked<PartWarpTask, PartWarpAnswer>(isAsked ? task : null, start);
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label="Warp of the order">
      <h2 className="text-lg font-semibold">Warp of the order</h2>
      {task === null ? (
        <p className="text-soft">Place two seams and more on one picture, and measure its width.</p>
      ) : (
        <>
          <SheetWidth
            label="Sheet beside the outermost seams"
            widthMm={beyondMm}
            onWidth={setBeyondMm}
            before="The sheet runs on"
          >
            beside the outermost seams, and ends where butts end.
          </SheetWidth>
          <ShapePick isFlat={isFlat} onFlat={setFlat} />
          {!isAsked && (
            <button type="button" className="btn touch-always self-start" onClick={() => setAsked(true)}>
              Work out its warp
            </button>
          )}
          {worked.shown !== null && (
            <WarpedOrder
              shown={worked.shown}
              isFlat={isFlat}
              isOld={worked.done !== null || worked.fault !== null}
            />
          )}
          {isAsked && <UnderWay worked={worked} what="the warp of the order" />}
        </>
      )}
    </section>
  );
}

interface ShapePickProps {
  isFlat: boolean;
  onFlat: (isFlat: boolean) => void;
}

/** Whether the figures are a flat sheet's own, or the most that a stiffer part could do. */
function ShapePick({ isFlat, onFlat }: ShapePickProps) {
  return (
    <label className="flex flex-wrap items-center gap-2 text-sm text-soft">
      It is
      <select
        className="select touch w-auto grow select-sm text-base text-base-content"
        aria-label="What the part is"
        value={isFlat ? 'flat' : 'stiff'}
        onChange={(event) => onFlat(event.target.value === 'flat')}
      >
        <option value="flat">one flat sheet</option>
        <option value="stiff">folded, or a frame</option>
      </select>
    </label>
  );
}

interface WarpedOrderProps {
  shown: ShownWork<PartWarpTask, PartWarpAnswer>;
  isFlat: boolean;
  isOld: boolean;
}

function WarpedOrder({ shown: { task, answer }, isFlat, isOld }: WarpedOrderProps) {
  const [id, setId] = useState<WarpedWay['id']>('asItStands');
  const ranked = rankedWays(answer.ways);
  const looked = ranked.find((way) => way.id === id) ?? ranked[0];
  const [picked, setPicked] = useState<number | null>(null);
  if (looked === undefined) return null;
  const { warp } = looked;
  const last = warp.stages.length - 1;
  const stage = Math.min(picked ?? last, last);
  return (
    <div className={`flex flex-col gap-2 ${isOld ? 'opacity-60' : ''}`}>
      <WaysTable ways={ranked} looked={looked} isFlat={isFlat} onLook={setId} />
      <p className="leading-snug">{comparedWords(answer.ways)}</p>
      <PartWarpPicture seams={task.warp.seams} warp={warp} stage={stage} words={pictureWords(looked)} />
      <HeatClock
        frames={warp.stages.length}
        sayMoment={(each) => stageWords(looked, each)}
        frame={stage}
        onFrame={setPicked}
        playedPerSecond={2}
      />
      {[isFlat ? givingWayWords(warp) : null, tornWords(warp)].map(
        (words) =>
          words !== null && (
            <p key={words} className="leading-snug">
              {words}
            </p>
          ),
      )}
      <p className="text-sm leading-snug text-soft">
        Drawn ten times as bent.{' '}
        {isFlat
          ? 'Each figure within a factor of two either way: compare them and promise nothing.'
          : 'Worked out as one flat sheet: a folded part or a frame bends a small part of this, so go by which way is less, not by the figures.'}{' '}
        Ways less than a sixth apart are not told apart. A T’s standing sheet is not counted. From both sides:
        six tenths of the heat each.
      </p>
    </div>
  );
}

interface WaysTableProps {
  ways: readonly RankedWay[];
  looked: WarpedWay;
  isFlat: boolean;
  onLook: (id: WarpedWay['id']) => void;
}

function WaysTable({ ways, looked, isFlat, onLook }: WaysTableProps) {
  return (
    <table className="table text-[0.95rem] table-sm" aria-label="Ways by their warp">
      <thead>
        <tr>
          {['Way, least first', 'bends', 'draws', ...(isFlat ? ['sheet'] : [])].map((head) => (
            <th key={head} scope="col" className="px-1">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {ways.map(({ id, warp, standing }) => (
          <tr key={id} className={standing === 'same' && id !== 'asItStands' ? 'text-soft' : ''}>
            <th scope="row" className="px-1 py-0">
              <button
                type="button"
                className={`btn touch-always h-auto min-h-11 justify-start btn-ghost px-0 py-1 text-left text-[0.95rem] btn-sm ${id === looked.id ? 'underline underline-offset-4' : 'font-normal'}`}
                aria-pressed={id === looked.id}
                onClick={() => onLook(id)}
              >
                {wayNames[id]}
              </button>
            </th>
            <td className="px-1 text-[0.95rem] whitespace-nowrap">{offWords(warp.bends)}</td>
            <td className="px-1 text-[0.95rem] whitespace-nowrap">{offWords(warp.draws)}</td>
            {isFlat && <td className="px-1 text-[0.95rem]">{flatWords(warp)}</td>}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function stageWords({ warp }: WarpedWay, stage: number): string {
  const mark = warp.stages[stage]?.mark ?? null;
  return mark === null ? 'cold and free' : `after ${mark}`;
}

function pictureWords({ id, warp }: WarpedWay): string {
  return `The part bent, ${wayNames[id].toLowerCase()}: ${offWords(warp.bends)} from its lowest place to its highest, edges drawn in by ${offWords(warp.draws)} at most.`;
}
