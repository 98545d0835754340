import { doneLiesAt, type DoneLies } from '@lone-heron/contract';
import { addMonths, format, startOfMonth } from 'date-fns';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useUpkeepQuery } from '../../shared/api/upkeepApi.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { standingTasks, type StandingTask } from '../../shared/upkeep/upkeepDue.js';
import { NoMachine } from '../NoMachine.js';
import { missedDays } from './missedDays.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { inUse } from '../../shared/machines/inUse.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Months back and ahead of this one. */
const monthsBack = 11;
const monthsAhead = 1;

type Lies = DoneLies | 'missed' | 'due';
const marks: Readonly<Record<Lies, { sign: string; colour: string; words: string }>> = {
  onTime: { sign: '●', colour: 'text-success', words: 'on time' },
  early: { sign: '◐', colour: 'text-primary', words: 'early' },
  late: { sign: '▲', colour: 'text-accent', words: 'late' },
  missed: { sign: '✕', colour: 'text-error', words: 'missed' },
  first: { sign: '○', colour: 'text-soft', words: 'done, the first on record' },
  due: { sign: '◇', colour: 'text-base-content', words: 'due' },
};

/** A year of upkeep, a line a task: what was on time, early, late and missed, and what is due next. */
export function UpkeepYear() {
  const now = useNow();
  const { data: upkeep, error, refetch } = unlessShown(useUpkeepQuery(undefined));
  const { data: machines } = useMachinesQuery(undefined);
  if (error !== undefined) return <LoadFailed what="the upkeep" error={error} retry={refetch} />;
  if (upkeep === undefined || machines === undefined) return <Loading what="the upkeep" />;
  const first = startOfMonth(addMonths(now, -monthsBack));
  const months = Array.from({ length: monthsBack + monthsAhead + 1 }, (_, i) => addMonths(first, i));
  const tasks = standingTasks(upkeep, now).filter(
    ({ task, standing }) => task.interval.by !== 'condition' || standing.done.length > 0,
  );
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="A year of upkeep" back={{ to: '/optics/upkeep', name: 'Upkeep' }} />
      <p className="flex flex-wrap gap-x-5 gap-y-1" aria-label="Signs">
        {Object.values(marks).map(({ sign, colour, words }) => (
          <span key={words}>
            <span className={`${colour} text-lg`} aria-hidden="true">
              {sign}
            </span>{' '}
            {words}
          </span>
        ))}
      </p>
      {machines.length === 0 && <NoMachine />}
      {inUse(machines)
        .filter(({ id }) => upkeep.some(({ plan }) => plan.machineId === id))
        .map((machine) => (
          <section
            key={machine.id}
            className="sheet overflow-x-auto px-4 py-2"
            aria-label={`Year of ${machine.name}`}
            tabIndex={0}
          >
            <table className="table table-fixed min-w-[60rem]">
              <caption className="pb-1 text-left font-semibold">{machine.name}</caption>
              <thead>
                <tr>
                  <th scope="col" className="w-56">
                    Task
                  </th>
                  {months.map((month) => (
                    <th key={month.getTime()} scope="col" className="px-1 text-center">
                      {format(month, 'MMM')}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {tasks
                  .filter(({ machineId }) => machineId === machine.id)
                  .map((each) => (
                    <YearRow key={each.task.id} of={each} months={months} now={now} />
                  ))}
              </tbody>
            </table>
          </section>
        ))}
    </div>
  );
}

function YearRow({ of, months, now }: { of: StandingTask; months: readonly Date[]; now: Date }) {
  const all = marksOf(of, now);
  return (
    <tr>
      <th scope="row" className="font-medium whitespace-normal">
        {of.task.title}
      </th>
      {months.map((month) => {
        const mine = all.filter(({ at }) => format(at, 'yyyy-MM') === format(month, 'yyyy-MM'));
        return (
          <td key={month.getTime()} className="px-1 text-center whitespace-normal">
            {mine.map(({ at, lies }) => (
              <span
                key={at.getTime()}
                className={`${marks[lies].colour} px-0.5 text-lg`}
                title={`${format(at, 'd MMM')}: ${marks[lies].words}`}
              >
                <span aria-hidden="true">{marks[lies].sign}</span>
                <span className="sr-only">
                  {format(at, 'd MMM')} {marks[lies].words}
                </span>
              </span>
            ))}
          </td>
        );
      })}
    </tr>
  );
}

function marksOf({ task, standing, state }: StandingTask, now: Date): readonly { at: Date; lies: Lies }[] {
  const done = standing.done.map((each) => ({ at: new Date(each.at), lies: doneLiesAt(each) }));
  const missed = missedDays(task, standing, now).map((at) => ({ at, lies: 'missed' as const }));
  const due = standing.dueAt === null || state === 'missed' ? [] : [new Date(standing.dueAt)];
  return [...done, ...missed, ...due.map((at) => ({ at, lies: 'due' as const }))].toSorted(
    (one, other) => one.at.getTime() - other.at.getTime(),
  );
}
