import {
  testLineLooks,
  type Machine,
  type RecordDetail,
  type ShopRecord,
  type TestLineLook,
} from '@lone-heron/contract';
import { Link } from 'react-router';
import { useAsSomebody } from '../../shared/door/useAsSomebody.js';
import { useWriteRecord } from '../../shared/records/useWriteRecord.js';
import { RecordLog } from './RecordLog.js';
import { ScrapPart } from './ScrapPart.js';

type LineRecord = ShopRecord & { readonly detail: Extract<RecordDetail, { kind: 'testLine' }> };

const looks: Readonly<Record<TestLineLook, { short: string; next: string }>> = {
  bright: { short: 'bright and narrow', next: 'Go on to the work.' },
  dull: { short: 'dull or wide', next: 'Look at the window first, then find focus.' },
  sparking: {
    short: 'sparking',
    next: 'Light off. Look at the window, then at the pointer in the nozzle, then find focus.',
  },
};

/** The line on scrap as it came out, and what to look at next where it is not bright. */
export function TestLinePart({ machine, records }: { machine: Machine; records: readonly ShopRecord[] }) {
  const log = records.filter((record): record is LineRecord => record.detail.kind === 'testLine');
  const asSomebody = useAsSomebody();
  const { write, isSaving, failure } = useWriteRecord(machine.id);
  const last = log[0]?.detail.look;
  return (
    <ScrapPart title="Test line" how="One line on clean scrap at a setting you know. How did it come out?">
      <div className="grid gap-2">
        {testLineLooks.map((look) => (
          <button
            key={look}
            type="button"
            className="btn h-14 justify-start gap-4 text-lg"
            disabled={isSaving}
            onClick={() =>
              asSomebody(
                () =>
                  void write({ kind: 'testLine', look }, '', `Test line ${looks[look].short}: written down.`),
              )
            }
          >
            <LineSketch look={look} />
            {looks[look].short}
          </button>
        ))}
      </div>
      {failure !== null && (
        <p role="alert" className="fault">
          Not stored. {failure}
        </p>
      )}
      {last !== undefined && (
        <p role="status" className={`p-3 leading-snug ${last === 'bright' ? '' : 'caution'}`}>
          {looks[last].next}{' '}
          {last !== 'bright' && (
            <Link to="/optics" className="font-semibold underline">
              To the window
            </Link>
          )}
        </p>
      )}
      <RecordLog records={log} wordsOf={({ detail }) => looks[detail.look].short} />
    </ScrapPart>
  );
}

/** A line on scrap, as it looks. Decorative: the words stand beside it. */
function LineSketch({ look }: { look: TestLineLook }) {
  return (
    <svg viewBox="0 0 64 24" className="h-6 w-16" aria-hidden="true" focusable="false">
      <rect width="64" height="24" rx="3" fill="var(--steel)" />
      {look === 'bright' && (
        <path d="M6 12H58" stroke="var(--melt-hot)" strokeWidth="3" strokeLinecap="round" />
      )}
      {look === 'dull' && (
        <path d="M6 12H58" stroke="var(--steel-line)" strokeWidth="8" strokeLinecap="round" />
      )}
      {look === 'sparking' && (
        <path
          d="M6 12H58M20 12l-5-8M32 12l3-9M44 12l6-7M26 12l-3 8M40 12l5 8"
          stroke="var(--ember)"
          strokeWidth="2"
          strokeLinecap="round"
        />
      )}
    </svg>
  );
}
