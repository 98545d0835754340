import type { Job } from '@lone-heron/contract';
import type { PartHeat } from '@lone-heron/core';
import { useMemo, useState } from 'react';
import { HeatClock } from '../../shared/heat/HeatClock.js';
import { timeWords } from '../../shared/heat/heatFigures.js';
import { spokenRise } from '../../shared/figures/spokenStates.js';
import { UnderWay } from '../../shared/worker/UnderWay.js';
import { useWorked } from '../../shared/worker/useWorked.js';
import type { JobPlan } from '../plan/planJob.js';
import { PartHeatPicture } from './PartHeatPicture.js';
import { partHeatTask, type PartHeatTask } from './partHeatTask.js';
import type { PartHeatAnswer } from './partHeatWorker.js';

const start = () => new Worker(new URL('./partHeatWorker.ts', import.meta.url), { type: 'module' });

interface PartHeatPartProps {
  job: Job;
  plan: JobPlan;
}

/** How the order warms the part, once somebody asks: where it has to cool before the next seam, beside an order that goes by the coolest place. */
export default function PartHeatPart({ job, plan }: PartHeatPartProps) {
  const [isAsked, setAsked] = useState(false);
  const task = useMemo(() => partHeatTask(job.draft, plan), [job.draft, plan]);
  const worked = useWorked<PartHeatTask, PartHeatAnswer>(isAsked ? task : null, start);
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label="Heat of the order">
      <h2 className="text-lg font-semibold">Heat of the order</h2>
      {task === null ? (
        <p className="text-soft">
          Place two seams and more on one picture, and measure its width: then this shows where the part has
          to cool between seams.
        </p>
      ) : !isAsked ? (
        <button type="button" className="btn touch-always self-start" onClick={() => setAsked(true)}>
          Work out its heat
        </button>
      ) : (
        <>
          {worked.shown !== null && (
            <OrderHeat
              answer={worked.shown.answer}
              task={worked.shown.task}
              isOld={worked.done !== null || worked.fault !== null}
            />
          )}
          <UnderWay worked={worked} what="the heat of the order" />
        </>
      )}
    </section>
  );
}

const orders = [
  { id: 'asItStands', name: 'As it stands' },
  { id: 'coolest', name: 'Coolest place next' },
] as const;
type OrderId = (typeof orders)[number]['id'];

function OrderHeat({ answer, task, isOld }: { answer: PartHeatAnswer; task: PartHeatTask; isOld: boolean }) {
  const [id, setId] = useState<OrderId>('asItStands');
  const heat = answer[id];
  const [picked, setPicked] = useState(heat.frames.length - 1);
  const frame = Math.min(picked, heat.frames.length - 1);
  return (
    <div className={`flex flex-col gap-2 ${isOld ? 'opacity-60' : ''}`}>
      <table className="table table-sm" aria-label="Orders by their heat">
        <thead>
          <tr>
            {['Order', 'waits', 'warmest start', 'lasts'].map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {orders.map((order) => (
            <tr key={order.id}>
              <th scope="row">
                <button
                  type="button"
                  className={`btn touch-always btn-ghost btn-sm ${order.id === id ? 'underline underline-offset-4' : 'font-normal'}`}
                  aria-pressed={order.id === id}
                  onClick={() => setId(order.id)}
                >
                  {order.name}
                </button>
              </th>
              <td>{timeWords(answer[order.id].waited)}</td>
              <td>{spokenRise(warmest(answer[order.id]))} over cold</td>
              <td>{timeWords(answer[order.id].lasts)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <PartHeatPicture task={task} heat={heat} frame={frame} words={pictureWords(heat)} />
      <HeatClock
        frames={heat.frames.length}
        sayMoment={(each) => `${timeWords(heat.times[each] ?? 0)} from the first light`}
        frame={frame}
        onFrame={setPicked}
      />
      <p className="leading-snug">{heat.seams.map(({ mark }) => mark).join(', ')}.</p>
      <p className="leading-snug">{waitWords(heat, task)}</p>
      <p className="text-sm leading-snug text-soft">
        The seams on this picture as one flat sheet in still air, each once, {timeWords(task.input.between)}{' '}
        from one to the next. A folded part feels its neighbours less. Feel before you go on.
      </p>
    </div>
  );
}

function warmest({ seams }: PartHeat): number {
  return Math.max(...seams.map(({ riseAtStart }) => riseAtStart));
}

function waitWords(heat: PartHeat, { input }: PartHeatTask): string {
  const waited = heat.seams.filter((seam) => seam.waited > 5);
  if (waited.length === 0)
    return `No seam has to wait for its place to cool: none begins more than ${spokenRise(warmest(heat))} over cold.`;
  const longest = waited.toSorted((one, other) => other.waited - one.waited)[0];
  return `${waited.length === 1 ? 'One seam waits' : `${waited.length} seams wait`} until its place is less than ${spokenRise(input.letBe)} over cold, the longest ${longest?.mark ?? ''}: ${timeWords(longest?.waited ?? 0)}. Begun at once it would pull and colour more.`;
}

function pictureWords(heat: PartHeat): string {
  return `The part from above while its seams are welded: ${heat.seams.map(({ mark }) => mark).join(', ')}.`;
}
