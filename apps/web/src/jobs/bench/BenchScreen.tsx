import type { Job, JobSeam } from '@lone-heron/contract';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useJobQuery } from '../../shared/api/jobsApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { useJobPlan } from '../plan/useJobPlan.js';
import { BenchEnd } from './BenchEnd.js';
import { BenchSeam } from './BenchSeam.js';
import { BenchHead } from './BenchHead.js';
import { benchPlace } from './seamNow.js';
import { useAskEvery } from '../../shared/news/newsOpen.js';
import { useWriteGo } from './useWriteGo.js';

/** How often it is looked whether somebody else took a seam, where the server does not tell, ms. */
const lookEvery = 10_000;

/** A job at the bench: one seam fills the screen. */
export function BenchScreen() {
  const { id = '' } = useParams();
  const {
    data: job,
    error,
    refetch,
  } = unlessShown(useJobQuery(id, { pollingInterval: useAskEvery(lookEvery) }));
  if (error !== undefined) return <LoadFailed what="the job" error={error} retry={refetch} />;
  if (job === undefined) return <Loading what="the job" />;
  return <Bench key={job.id} job={job} />;
}

function Bench({ job }: { job: Job }) {
  const person = usePersonAtDesk();
  const [wanted, setWanted] = useState<JobSeam | null>(null);
  const { plan, fault } = useJobPlan(job.draft);
  const { write, here } = useWriteGo(job);
  const order = job.draft.order ?? plan?.order.steps.map(({ mark }) => mark) ?? null;
  if (order === null)
    return fault === null ? <Loading what="the order" /> : <p className="fault p-6">{fault}</p>;
  const place = benchPlace(job, { order, here, personId: person?.id ?? null, wanted });
  const { now } = place;
  return (
    <div className="mx-auto flex max-w-2xl flex-col gap-3 px-3 py-2">
      <BenchHead job={job} place={place} onGo={setWanted} />
      {now === null ? (
        <BenchEnd job={job} place={place} />
      ) : (
        <BenchSeam
          key={`${now.mark} ${now.seam}`}
          job={job}
          plan={plan}
          seam={now}
          here={here}
          onWrite={async (draft, words) => {
            if (person === null) return false;
            setWanted(null);
            return write(draft, person.id, words);
          }}
          onTaken={() => setWanted(null)}
        />
      )}
    </div>
  );
}
