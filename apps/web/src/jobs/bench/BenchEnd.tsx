import type { Job } from '@lone-heron/contract';
import { CircleCheck, Users } from 'lucide-react';
import { Link } from 'react-router';
import type { BenchPlace } from './seamNow.js';

/** Nothing is left for this person: all is settled, or the rest is in somebody else's hands. */
export function BenchEnd({ job, place: { elsewhere, seams } }: { job: Job; place: BenchPlace }) {
  const isDone = elsewhere === 0;
  const Icon = isDone ? CircleCheck : Users;
  return (
    <section className="sheet flex flex-col items-start gap-3 p-6" aria-label="Nothing is left here">
      <p className="flex items-center gap-3 text-xl font-semibold">
        <Icon className="size-7" aria-hidden="true" />
        {isDone
          ? `All ${seams.length} seams are settled.`
          : `The last ${elsewhere} are in somebody else’s hands.`}
      </p>
      <p className="text-soft">
        {isDone
          ? 'Look at what was left out or slipped, then say that the job is done.'
          : 'They are free again once they are welded, let go, or half an hour has passed.'}
      </p>
      <Link className="btn touch-always btn-primary" to={`/jobs/${job.id}`}>
        To the job
      </Link>
    </section>
  );
}
