import type { Job } from '@lone-heron/contract';
import { CircleAlert, CircleCheck } from 'lucide-react';
import { Link } from 'react-router';
import { useReadinessOf, type Missing } from './useReadinessOf.js';
import type { ShownPlan } from './useJobPlan.js';

/** What stands between the job and its first light; each leads to its page. */
export function BeforeLight({ job, shown }: { job: Job; shown: ShownPlan }) {
  const missing = useReadinessOf(job, shown.plan);
  return (
    <section
      className="sheet flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2"
      aria-label="Before the first light"
    >
      <h2 className="font-semibold">Before the first light</h2>
      {missing === null && <span className="text-soft">Looking.</span>}
      {missing?.length === 0 && (
        <span className="flex items-center gap-2">
          <CircleCheck className="size-5 text-success" aria-hidden="true" /> nothing is missing that is
          written down here
        </span>
      )}
      {missing?.map((each) => (
        <MissingLine key={each.words} missing={each} />
      ))}
    </section>
  );
}

function MissingLine({ missing: { words, to, isStop } }: { missing: Missing }) {
  return (
    <Link to={to} className="touch-always inline-flex items-center gap-2 underline underline-offset-4">
      <CircleAlert
        className={`size-5 shrink-0 ${isStop ? 'text-error' : 'text-accent'}`}
        aria-hidden="true"
      />
      {words}
    </Link>
  );
}
