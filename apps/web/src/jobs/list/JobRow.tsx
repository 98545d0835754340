import type { JobLine } from '@lone-heron/contract';
import { Link } from 'react-router';
import { dayInWords, dueInWords, minutesInWords, stateWords } from '../jobWords.js';
import { Progress } from '../Progress.js';
import type { WhenDone } from './whenDone.js';

interface JobRowProps {
  job: JobLine;
  now: Date;
  /** Null while it is not worked out. */
  minutesLeft: number | null;
  done: WhenDone | null;
}

/** A job in the list: what, for whom, by when, how far, and when it would be done. */
export function JobRow({ job, now, minutesLeft, done }: JobRowProps) {
  const { id, name, customer, reference, quantity, settled, seams, state, withdrawnAt } = job;
  const due = dueInWords(job, now);
  const about = [customer, reference, quantity === 1 ? '' : `${quantity} of them`, due ?? ''].filter(
    (each) => each !== '',
  );
  return (
    <li>
      <Link to={`/jobs/${id}`} className="sheet flex h-full flex-col gap-2 px-4 py-3">
        <span className="flex items-baseline gap-3">
          <strong className="grow text-lg">{name}</strong>
          <span className="text-soft">{withdrawnAt === null ? stateWords[state] : 'taken back'}</span>
        </span>
        <span className="text-soft">{about.join(' · ')}</span>
        <Progress
          settled={settled}
          seams={seams}
          more={
            minutesLeft === null || done === null
              ? ''
              : ` · about ${minutesInWords(minutesLeft)} left, done ${dayInWords(done.day, now)}`
          }
        />
        {done?.isLate === true && <strong className="fault">That is after the day it is due.</strong>}
      </Link>
    </li>
  );
}
