import type { Machine, RecordDetail, ShopRecord } from '@lone-heron/contract';
import { addMonths, differenceInCalendarDays, format } from 'date-fns';
import { useAsSomebody } from '../../shared/door/useAsSomebody.js';
import { useRecordsOfQuery } from '../../shared/api/recordsApi.js';
import { useWriteRecord } from '../../shared/records/useWriteRecord.js';
import { mainsFigures, mainsInWords } from '../machines/mainsFigures.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Water, air and mains of one machine: when each was last seen to, and when it is due. */
export function MachineSupply({ machine }: { machine: Machine }) {
  const { data: records = [] } = useRecordsOfQuery(machine.id);
  const { profile } = machine;
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label={`Supply of ${machine.name}`}>
      <h2 className="text-xl font-semibold">{machine.name}</h2>
      <ul className="divide-y divide-base-300">
        {profile.coolant.map(({ name, changeMonths }, index) => {
          const circuit = index === 0 ? 1 : 2;
          return (
            <UpkeepRow
              key={name}
              machine={machine}
              title={`Water, ${name}`}
              button="Changed"
              detail={{ kind: 'waterChange', circuit }}
              last={records.find(({ detail }) => detail.kind === 'waterChange' && detail.circuit === circuit)}
              dueMonths={changeMonths}
            />
          );
        })}
        <UpkeepRow
          machine={machine}
          title="Air filter"
          button="Changed"
          detail={{ kind: 'airFilter' }}
          last={records.find(({ detail }) => detail.kind === 'airFilter')}
          dueMonths={null}
        />
        <UpkeepRow
          machine={machine}
          title="Dryer and its drain"
          button="Drained"
          detail={{ kind: 'dryerDrain' }}
          last={records.find(({ detail }) => detail.kind === 'dryerDrain')}
          dueMonths={null}
        />
      </ul>
      <p className="leading-snug">
        {profile.mains === null
          ? 'The mains are not known: enter them with the machine.'
          : mainsInWords(mainsFigures(profile.mains, profile.configuredPowerW))}
      </p>
      <p className="text-sm text-soft">
        Moisture or dust in the air burns on the window at once. Deionised or distilled water, as the
        chiller’s manual says.
      </p>
    </section>
  );
}

interface UpkeepRowProps {
  machine: Machine;
  title: string;
  button: string;
  detail: RecordDetail;
  last: ShopRecord | undefined;
  /** Interval; null where the shop has set none. */
  dueMonths: number | null;
}

function UpkeepRow({ machine, title, button, detail, last, dueMonths }: UpkeepRowProps) {
  const now = useNow();
  const asSomebody = useAsSomebody();
  const { write, isSaving, failure } = useWriteRecord(machine.id);
  const due = dueInWords(last, dueMonths, now);
  return (
    <li className="flex flex-wrap items-center gap-3 py-2">
      <span className="mr-auto leading-tight">
        <span className="font-medium">{title}</span>
        <span className={`block text-sm ${due.isLate ? 'fault' : 'text-soft'}`}>{due.words}</span>
      </span>
      <button
        type="button"
        className="btn touch-always"
        aria-label={`${title} of ${machine.name}: ${button.toLowerCase()} now`}
        disabled={isSaving}
        onClick={() => asSomebody(() => void write(detail, '', `${title}: written down.`))}
      >
        {button} now
      </button>
      {failure !== null && (
        <p role="alert" className="fault w-full">
          Not stored. {failure}
        </p>
      )}
    </li>
  );
}

function dueInWords(last: ShopRecord | undefined, months: number | null, now: Date) {
  if (last === undefined) return { words: 'never written down', isLate: months !== null };
  const at = new Date(last.at);
  const days = differenceInCalendarDays(now, at);
  const since = days === 0 ? 'today' : `${days} ${days === 1 ? 'day' : 'days'} ago`;
  if (months === null) return { words: `last ${since}`, isLate: false };
  const due = addMonths(at, months);
  const isLate = due < now;
  return { words: `last ${since}; ${isLate ? 'was due' : 'due'} ${format(due, 'd MMM yyyy')}`, isLate };
}
