import type { Job } from '@lone-heron/contract';
import { useMemo, useState } from 'react';
import { figure } from '../../shared/figures/figures.js';
import { useJobPlan } from './useJobPlan.js';

interface KeepUpToProps {
  job: Job;
  /** The order as it stands. */
  marks: readonly string[];
  minutes: number;
  /** The weld up to which the order is kept. */
  looked: string;
  onTake: (order: readonly string[]) => void;
}

/** The order kept up to a weld with the rest computed behind it, held against the one that stands before it is taken. */
export function KeepUpTo({ job, marks, minutes, looked, onTake }: KeepUpToProps) {
  const [upTo, setUpTo] = useState<string | null>(null);
  const kept = useMemo(() => (upTo === null ? [] : marks.slice(0, marks.indexOf(upTo) + 1)), [marks, upTo]);
  const draft = useMemo(() => (upTo === null ? null : { ...job.draft, order: null }), [job, upTo]);
  const { plan, isUnderWay, fault } = useJobPlan(draft, kept);
  if (upTo === null)
    return (
      <button type="button" className="btn touch-always self-start" onClick={() => setUpTo(looked)}>
        Keep up to {looked}, compute the rest
      </button>
    );
  const order = plan?.order;
  return (
    <p className="flex flex-wrap items-center gap-x-3 gap-y-1 border-l-4 border-primary pl-3" role="status">
      {fault !== null && <span className="fault">{fault}</span>}
      {isUnderWay && <span className="text-soft">Working it out.</span>}
      {!isUnderWay && order !== undefined && (
        <>
          <span>
            Kept up to {upTo}: {figure(order.minutes, 1)} min lost, against {figure(minutes, 1)} as it stands.
          </span>
          <button
            type="button"
            className="btn touch-always btn-sm btn-primary"
            onClick={() => {
              onTake(order.steps.map(({ mark }) => mark));
              setUpTo(null);
            }}
          >
            Take it
          </button>
        </>
      )}
      <button type="button" className="btn touch-always btn-ghost btn-sm" onClick={() => setUpTo(null)}>
        Leave it
      </button>
    </p>
  );
}
