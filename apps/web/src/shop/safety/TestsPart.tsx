import type { Machine, RecordDetail, RecordKind, ShopRecord } from '@lone-heron/contract';
import { differenceInCalendarDays } from 'date-fns';
import { useState } from 'react';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { useRecordsOfQuery } from '../../shared/api/recordsApi.js';
import { useAsSomebody } from '../../shared/door/useAsSomebody.js';
import { useWriteRecord } from '../../shared/records/useWriteRecord.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { SheetPart } from './SheetPart.js';
import { useNow } from '../../shared/clock/useNow.js';

type TestKind = Extract<RecordKind, 'interlockTest' | 'barrierTest' | 'signsCheck' | 'extractionTest'>;

const tests: readonly { kind: TestKind; title: string; how: string }[] = [
  { kind: 'barrierTest', title: 'Barrier', how: 'whole, closed all round, its rating still legible' },
  { kind: 'interlockTest', title: 'Door interlock', how: 'door opened while ready: no light can be struck' },
  { kind: 'signsCheck', title: 'Signs and warning light', how: 'at every way in, lit while the laser is on' },
  {
    kind: 'extractionTest',
    title: 'Fume extraction and filters',
    how: 'draws at the hood, filters not full',
  },
];

/** Tests of the cell with their dates, and the fire watch after cutting. */
export function TestsPart({ machine }: { machine: Machine }) {
  const { data: records = [] } = useRecordsOfQuery(machine.id);
  return (
    <SheetPart title="Barrier, interlock, signs, fume, fire">
      <ul className="divide-y divide-base-300">
        {tests.map(({ kind, title, how }) => (
          <TestRow
            key={kind}
            machine={machine}
            title={title}
            how={how}
            last={records.find(({ detail }) => detail.kind === kind)}
            detailOf={(passed) => ({ kind, passed })}
          />
        ))}
        <FireWatch machine={machine} last={records.find(({ detail }) => detail.kind === 'fireWatch')} />
      </ul>
      <p className="text-sm text-soft">
        How often each is tested, and how long a fire watch is kept, the safety officer and local rules say.
      </p>
    </SheetPart>
  );
}

interface TestRowProps {
  machine: Machine;
  title: string;
  how: string;
  last: ShopRecord | undefined;
  detailOf: (passed: boolean) => RecordDetail;
}

function TestRow({ machine, title, how, last, detailOf }: TestRowProps) {
  const asSomebody = useAsSomebody();
  const { write, isSaving, failure } = useWriteRecord(machine.id);
  const hasFailed = last !== undefined && 'passed' in last.detail && !last.detail.passed;
  return (
    <li className="flex flex-wrap items-center gap-3 py-2">
      <span className="mr-auto leading-tight">
        <span className="font-medium">{title}</span> <span className="text-soft">{how}</span>
        <LastTest last={last} hasFailed={hasFailed} />
      </span>
      {(['in order', 'failed'] as const).map((result) => (
        <button
          key={result}
          type="button"
          className="btn touch-always print:hidden"
          aria-label={`${title}: ${result}`}
          disabled={isSaving}
          onClick={() =>
            asSomebody(
              () => void write(detailOf(result === 'in order'), '', `${title}, ${result}: written down.`),
            )
          }
        >
          {result}
        </button>
      ))}
      {failure !== null && (
        <p role="alert" className="fault w-full">
          Not stored. {failure}
        </p>
      )}
    </li>
  );
}

function LastTest({ last, hasFailed }: { last: ShopRecord | undefined; hasFailed: boolean }) {
  const now = useNow();
  const { data: people = [] } = usePeopleQuery(undefined);
  if (last === undefined) return <span className="block text-sm fault">never written down</span>;
  const days = differenceInCalendarDays(now, new Date(last.at));
  const name = people.find(({ id }) => id === last.personId)?.name;
  return (
    <span className={`block text-sm ${hasFailed ? 'fault' : 'text-soft'}`}>
      {hasFailed ? 'Failed' : 'In order'} {shownMoment(last.at, now)} by {name}
      {days > 0 && `, ${days} ${days === 1 ? 'day' : 'days'} ago`}
      {hasFailed && ': no light until it is mended and tested again'}
      {last.note !== '' && `: ${last.note}`}
    </span>
  );
}

const watchMinutes = [15, 30, 60] as const;

function FireWatch({ machine, last }: { machine: Machine; last: ShopRecord | undefined }) {
  const now = useNow();
  const asSomebody = useAsSomebody();
  const [minutes, setMinutes] = useState<number>(watchMinutes[1]);
  const { write, isSaving, failure } = useWriteRecord(machine.id);
  return (
    <li className="flex flex-wrap items-center gap-3 py-2">
      <span className="mr-auto leading-tight">
        <span className="font-medium">Fire watch after cutting</span>{' '}
        <span className="text-soft">embers show late, also behind the work</span>
        <span className="block text-sm text-soft">
          {last?.detail.kind === 'fireWatch'
            ? `Last ${shownMoment(last.at, now)}, ${last.detail.minutes} min`
            : 'none written down'}
        </span>
      </span>
      <select
        className="select touch-always w-28 text-base print:hidden"
        aria-label="Minutes of fire watch"
        value={minutes}
        onChange={(event) => setMinutes(Number(event.target.value))}
      >
        {watchMinutes.map((each) => (
          <option key={each} value={each}>
            {each} min
          </option>
        ))}
      </select>
      <button
        type="button"
        className="btn touch-always print:hidden"
        disabled={isSaving}
        onClick={() =>
          asSomebody(() => void write({ kind: 'fireWatch', minutes }, '', 'Fire watch: written down.'))
        }
      >
        Watch kept
      </button>
      {failure !== null && (
        <p role="alert" className="fault w-full">
          Not stored. {failure}
        </p>
      )}
    </li>
  );
}
