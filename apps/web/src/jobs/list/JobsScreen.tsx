import type { JobLine } from '@lone-heron/contract';
import { FileInput, Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useJobsQuery } from '../../shared/api/jobsApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { boardOf, type BoardColumn } from './board.js';
import { JobRow } from './JobRow.js';
import { useMinutesLeft } from './useMinutesLeft.js';
import { whenDone, type WhenDone } from './whenDone.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Every job by its due day: what is late, what is for today, what comes, what is done. */
export function JobsScreen() {
  const { data: jobs, error, refetch } = unlessShown(useJobsQuery(undefined));
  const now = useNow();
  const [isAll, setAll] = useState(false);
  const minutes = useMinutesLeft(jobs ?? noJobs);
  const done = useMemo(() => whenDone(jobs ?? noJobs, minutes, now), [jobs, minutes, now]);
  if (error !== undefined) return <LoadFailed what="the jobs" error={error} retry={refetch} />;
  if (jobs === undefined) return <Loading what="the jobs" />;
  const board = boardOf(jobs, now);
  const closed = jobs.filter(({ state, withdrawnAt }) => state === 'done' || withdrawnAt !== null);
  return (
    <div className="mx-auto flex max-w-[1300px] flex-col gap-3 px-4 py-3 sm:px-6">
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="mr-auto text-2xl font-semibold">
          Jobs <span className="font-normal text-soft">{jobs.length - closed.length} open</span>
        </h1>
        <Link className="btn touch-always btn-ghost" to="/cards/exchange">
          <FileInput className="size-5" aria-hidden="true" /> From a file
        </Link>
        <Link className="btn touch-always btn-primary" to="/jobs/new">
          <Plus className="size-5" aria-hidden="true" /> New job
        </Link>
      </header>
      {jobs.length === 0 && <NoJobs />}
      {board.map((column) => (
        <Column key={column.name} column={column} now={now} minutes={minutes} done={done} />
      ))}
      {closed.length > 0 && (
        <section className="flex flex-col gap-2" aria-label="Done and taken back">
          <button
            type="button"
            className="btn touch-always self-start border-base-300"
            aria-expanded={isAll}
            onClick={() => setAll(!isAll)}
          >
            Done and taken back: {closed.length}
          </button>
          {isAll && <Rows jobs={closed} now={now} minutes={minutes} done={done} />}
        </section>
      )}
      {/* Last, and there from the start: what comes in later would move a key from under the finger. */}
      {board.length > 0 && (
        <p className="text-sm text-soft">
          When a job would be done goes by the learned times, one after the other on its machine, at eight
          hours a day, Monday to Friday.
        </p>
      )}
    </div>
  );
}

const noJobs: readonly JobLine[] = [];

interface Reckoned {
  now: Date;
  minutes: ReadonlyMap<string, number>;
  done: ReadonlyMap<string, WhenDone>;
}

function Column({ column: { name, jobs, isLate }, ...reckoned }: Reckoned & { column: BoardColumn }) {
  return (
    <section className="flex flex-col gap-2" aria-label={name}>
      <h2 className={`font-semibold ${isLate ? 'fault' : ''}`}>{name}</h2>
      <Rows jobs={jobs} {...reckoned} />
    </section>
  );
}

function Rows({ jobs, now, minutes, done }: Reckoned & { jobs: readonly JobLine[] }) {
  return (
    <ul className="grid gap-2 lg:grid-cols-2">
      {jobs.map((job) => (
        <JobRow
          key={job.id}
          job={job}
          now={now}
          minutesLeft={minutes.get(job.id) ?? null}
          done={done.get(job.id) ?? null}
        />
      ))}
    </ul>
  );
}

function NoJobs() {
  return (
    <div className="sheet flex flex-col items-start gap-3 p-8">
      <p className="max-w-2xl text-lg">
        No job yet. A job is a whole part: a list of its welds, worked out into settings, an order and what it
        takes, then welded from a phone at the bench.
      </p>
      <Link to="/jobs/new" className="btn touch-always btn-primary">
        Make the first one
      </Link>
    </div>
  );
}
