import type { Machine } from '@lone-heron/contract';
import { dayInWords, isReady } from '../shared/readiness/dayWords.js';
import { Link } from 'react-router';
import { useLatestDaysQuery } from '../shared/api/daysApi.js';
import { sentenceStart } from '../shared/sentences/sentenceStart.js';
import { useNow } from '../shared/clock/useNow.js';

/** One line where the machine's day has not been opened. Reading and dialling go on all the same. */
export default function NotOpened({ machine }: { machine: Machine }) {
  const now = useNow();
  const { data: days } = useLatestDaysQuery(undefined);
  const day = days?.find(({ machineId }) => machineId === machine.id);
  if (days === undefined || isReady(day)) return null;
  const words = dayInWords(day, now);
  return (
    <p className="caution -mb-2 flex flex-wrap items-center gap-x-3 px-3 py-0.5 leading-snug" role="note">
      <span>
        {words === 'not opened'
          ? `${sentenceStart(machine.name)} has not been opened today.`
          : `${sentenceStart(machine.name)} is not open for work: ${words}.`}
      </span>
      <Link className="touch flex items-center font-semibold underline" to={`/ready?machine=${machine.id}`}>
        To its start-up
      </Link>
    </p>
  );
}
