import { dayProgress, type Day } from '@lone-heron/contract';
import { format } from 'date-fns';
import { Link, useParams } from 'react-router';
import { useMachinesQuery, usePeopleQuery } from '../../shared/api/heronApi.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { useDaysOfQuery } from '../readyApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** A machine's days, newest first. */
export function DaysList() {
  const { id = '' } = useParams();
  const { data: days, error, refetch } = unlessShown(useDaysOfQuery(id));
  const { data: machines = [] } = useMachinesQuery(undefined);
  if (error !== undefined) return <LoadFailed what="the days" error={error} retry={refetch} />;
  if (days === undefined) return <Loading what="the days" />;
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-4 px-4 py-4 sm:px-6">
      <PageHeader
        title={`Days of ${machines.find((each) => each.id === id)?.name ?? id}`}
        back={{ to: `/ready?machine=${id}`, name: 'Ready' }}
      />
      {days.length === 0 ? (
        <p className="sheet p-4 text-soft">No day yet. The first start-up makes the first record.</p>
      ) : (
        <ul className="sheet divide-y divide-base-300">
          {days.map((day) => (
            <DayRow key={day.id} day={day} />
          ))}
        </ul>
      )}
    </div>
  );
}

function DayRow({ day }: { day: Day }) {
  const { data: people = [] } = usePeopleQuery(undefined);
  const { standings } = dayProgress(day);
  const odd = Object.values(standings).filter((each) => each === 'unmet' || each === 'skipped').length;
  const opener = people.find(({ id }) => id === day.openedBy)?.name ?? day.openedBy;
  return (
    <li>
      <Link to={`/ready/day/${day.id}`} className="flex min-h-14 flex-wrap items-center gap-x-4 px-4 py-2">
        <strong className="min-w-40">{format(new Date(day.openedAt), 'EEE d MMM yyyy')}</strong>
        <span className="tabular-nums">
          {format(new Date(day.openedAt), 'HH:mm')} to{' '}
          {day.closedAt === null ? 'now' : format(new Date(day.closedAt), 'HH:mm')}
        </span>
        <span className="text-soft">opened by {opener}</span>
        <span className={`ml-auto ${odd > 0 ? 'text-accent' : 'text-soft'}`}>
          {odd === 0 ? 'all as it should be' : `${odd} left out or not met`}
        </span>
      </Link>
    </li>
  );
}
