import type { ShopRecord } from '@lone-heron/contract';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { useNow } from '../../shared/clock/useNow.js';

const shown = 8;

interface RecordLogProps<Kept extends ShopRecord> {
  records: readonly Kept[];
  wordsOf: (record: Kept) => string;
}

/** The newest records of a kind: when, what, who. */
export function RecordLog<Kept extends ShopRecord>({ records, wordsOf }: RecordLogProps<Kept>) {
  const now = useNow();
  const { data: people = [] } = usePeopleQuery(undefined);
  if (records.length === 0) return <p className="text-sm text-soft">Nothing written down yet.</p>;
  return (
    <ul className="divide-y divide-base-300 text-sm leading-snug" aria-label="Log">
      {records.slice(0, shown).map((record) => (
        <li key={record.id} className="flex justify-between gap-3 py-1.5">
          <span>
            {wordsOf(record)}
            {record.note !== '' && <span className="block text-soft">{record.note}</span>}
          </span>
          <span className="text-right whitespace-nowrap text-soft">
            {shownMoment(record.at, now)}
            <span className="block">{people.find(({ id }) => id === record.personId)?.name}</span>
          </span>
        </li>
      ))}
    </ul>
  );
}
