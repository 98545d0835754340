import type { Job, WeldedOrder } from '@lone-heron/contract';
import { Bookmark } from 'lucide-react';
import { useMemo } from 'react';
import { figure } from '../../shared/figures/figures.js';
import { useKept } from '../../shared/typing/useKept.js';
import { orderCounts } from './orderWords.js';
import { useJobPlan } from './useJobPlan.js';

interface OrdersBesideProps {
  job: Job;
  /** The order as it stands, worked out. */
  order: WeldedOrder;
  /** The computed one where it is another. */
  computed: WeldedOrder | null;
  onTake: (order: readonly string[] | null, said: string) => void;
}

/** Orders beside each other: as it stands, the computed one, and one that somebody put aside, each with what it costs. */
export function OrdersBeside({ job, order, computed, onTake }: OrdersBesideProps) {
  const [aside, setAside] = useKept<readonly string[]>(`orders of job ${job.id}`, 'aside', () => []);
  const marks = order.steps.map(({ mark }) => mark);
  const beside = useAside(job, aside);
  const isSame = aside.join() === marks.join();
  return (
    <>
      {(computed !== null || beside !== null) && (
        <table className="table table-sm" aria-label="Orders beside each other">
          <thead>
            <tr>
              <th scope="col">Order</th>
              <th scope="col">nozzles</th>
              <th scope="col">wires</th>
              <th scope="col">turns</th>
              <th scope="col">min lost</th>
              <th scope="col">
                <span className="sr-only">Take it</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <OrderLine name="as it stands" order={order} />
            {computed !== null && (
              <OrderLine
                name="computed"
                order={computed}
                onTake={() => onTake(null, 'The computed order is taken.')}
              />
            )}
            {beside !== null && !isSame && (
              <OrderLine
                name="put aside"
                order={beside}
                onTake={() => onTake(aside, 'The order that was put aside is taken.')}
              />
            )}
          </tbody>
        </table>
      )}
      {!isSame && (
        <button
          type="button"
          className="btn touch-always self-start btn-ghost"
          onClick={() => setAside(marks)}
        >
          <Bookmark className="size-5" aria-hidden="true" /> Put this order aside to compare
        </button>
      )}
    </>
  );
}

/** The order that was put aside, as the welds are now; null where there is none, and where welds came or went since. */
function useAside({ draft }: Job, aside: readonly string[]): WeldedOrder | null {
  const isWhole =
    aside.length === draft.welds.length && draft.welds.every(({ mark }) => aside.includes(mark));
  const asked = useMemo(() => (isWhole ? { ...draft, order: [...aside] } : null), [draft, aside, isWhole]);
  const { plan } = useJobPlan(asked);
  return asked === null ? null : (plan?.order ?? null);
}

function OrderLine({ name, order, onTake }: { name: string; order: WeldedOrder; onTake?: () => void }) {
  const { nozzles, wires, turns, minutes } = orderCounts(order);
  return (
    <tr>
      <th scope="row" className="text-sm font-normal">
        {name}
      </th>
      <td className="figure text-base">{nozzles}</td>
      <td className="figure text-base">{wires}</td>
      <td className="figure text-base">{turns}</td>
      <td className="figure text-base">{figure(minutes, 1)}</td>
      <td className="text-right">
        {onTake !== undefined && (
          <button
            type="button"
            className="btn touch-always btn-sm"
            aria-label={`Take the order ${name}`}
            onClick={onTake}
          >
            Take
          </button>
        )}
      </td>
    </tr>
  );
}
