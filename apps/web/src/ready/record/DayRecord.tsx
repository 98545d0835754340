import { dayProgress, type Day, type DayEntry, type Step } from '@lone-heron/contract';
import { format } from 'date-fns';
import { Printer } from 'lucide-react';
import { useParams } from 'react-router';
import { useMachinesQuery, usePeopleQuery } from '../../shared/api/heronApi.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { readingInWords } from '../day/readingInWords.js';
import { useDayQuery } from '../readyApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

const clock = (iso: string) => format(new Date(iso), 'd MMM yyyy HH:mm');

/** One day as it was: every step with who, when, what was read and what it meant. To be printed. */
export function DayRecord() {
  const { id = '' } = useParams();
  const { data: day, error, refetch } = unlessShown(useDayQuery(id));
  const { data: machines = [] } = useMachinesQuery(undefined);
  if (error !== undefined) return <LoadFailed what="the day" error={error} retry={refetch} />;
  if (day === undefined) return <Loading what="the day" />;
  const machine = machines.find((each) => each.id === day.machineId)?.name ?? day.machineId;
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-4 px-4 py-4 sm:px-6">
      <PageHeader
        title={`${machine}, ${format(new Date(day.openedAt), 'EEEE d MMMM yyyy')}`}
        back={{ to: `/ready?machine=${day.machineId}`, name: 'Ready' }}
      >
        <button type="button" className="btn touch-always print:hidden" onClick={() => window.print()}>
          <Printer className="size-5" aria-hidden="true" /> Print
        </button>
      </PageHeader>
      <p className="text-soft">
        Opened {clock(day.openedAt)};{' '}
        {day.closedAt === null ? 'not shut down yet' : `shut down ${clock(day.closedAt)}`}. Steps of{' '}
        {day.sequenceRevision === 0 ? 'the usual sequence' : `template revision ${day.sequenceRevision}`}.
      </p>
      <Phase title="Start-up" day={day} steps={day.startUp} />
      <Phase title="Shut-down" day={day} steps={day.shutDown} />
      <Corrections day={day} />
    </div>
  );
}

const standingWords = { todo: 'not done', done: 'done', skipped: 'left out', unmet: 'not met' } as const;

function Phase({ title, day, steps }: { title: string; day: Day; steps: readonly Step[] }) {
  const { standings, entryOf } = dayProgress(day);
  return (
    <section className="sheet overflow-x-auto" aria-label={title} tabIndex={0}>
      <h2 className="px-4 pt-3 font-semibold">{title}</h2>
      <table className="table">
        <thead>
          <tr>
            <th scope="col">Step</th>
            <th scope="col">State</th>
            <th scope="col">Who and when</th>
            <th scope="col">Read</th>
          </tr>
        </thead>
        <tbody>
          {steps.map((step) => {
            const entry = entryOf[step.id];
            return (
              <tr key={step.id}>
                <th scope="row" className="font-normal">
                  {step.title}
                </th>
                <td className={standings[step.id] === 'unmet' ? 'fault' : ''}>
                  {standingWords[standings[step.id] ?? 'todo']}
                </td>
                <td>{entry !== undefined && <WhoWhen entry={entry} />}</td>
                <td>{entry !== undefined && <What entry={entry} />}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}

function WhoWhen({ entry }: { entry: DayEntry }) {
  const { data: people = [] } = usePeopleQuery(undefined);
  return (
    <>
      {people.find(({ id }) => id === entry.personId)?.name ?? entry.personId}{' '}
      <span className="whitespace-nowrap text-soft">{format(new Date(entry.at), 'd MMM HH:mm')}</span>
    </>
  );
}

function What({ entry }: { entry: DayEntry }) {
  if (entry.outcome === 'skipped') return <>Why: {entry.reason}</>;
  return (
    <>
      {readingInWords(entry.reading)}
      {entry.words !== '' && <span className="block text-sm text-soft">{entry.words}</span>}
    </>
  );
}

/** Entries that later ones replaced: nothing that was written down goes away. */
function Corrections({ day }: { day: Day }) {
  const { entryOf } = dayProgress(day);
  const counting = new Set(Object.values(entryOf).map(({ id }) => id));
  const replaced = day.entries.filter(({ id }) => !counting.has(id));
  if (replaced.length === 0) return null;
  const titleOf = (stepId: string) =>
    [...day.startUp, ...day.shutDown].find(({ id }) => id === stepId)?.title ?? stepId;
  return (
    <section className="sheet p-4" aria-label="Done before and replaced">
      <h2 className="font-semibold">Done before and replaced</h2>
      <ul className="list-disc pl-5">
        {replaced.map((entry) => (
          <li key={entry.id}>
            {titleOf(entry.stepId)}: {entry.outcome === 'undone' ? 'taken back' : entry.outcome}{' '}
            <What entry={entry} /> <WhoWhen entry={entry} />
          </li>
        ))}
      </ul>
    </section>
  );
}
