import type { ExchangePreview, ExchangeRow, ExchangeStanding } from '@lone-heron/contract';

interface ShownExchangeProps {
  shown: ExchangePreview;
  taken: readonly string[];
  /** Storing, or looking anew: nothing else is asked meanwhile. */
  isBusy: boolean;
  onTake: (id: string, isTaken: boolean) => void;
  onConfirm: () => void;
  onLeave: () => void;
}

const standingWords: Readonly<Record<ExchangeStanding, string>> = {
  wrong: 'wrong and left out',
  conflict: 'under an id of yours, saying something else',
  newer: 'further on than yours',
  new: 'to be added',
  here: 'here already',
};
/** What somebody must see first. */
const order: readonly ExchangeStanding[] = ['wrong', 'conflict', 'newer', 'new', 'here'];
/** More parts of a kind than these are only counted: nobody reads thousands. */
const rowsShown = 200;

/** What would become of a file, part by part; where it clashes, what to take. */
export function ShownExchange({ shown, taken, isBusy, onTake, onConfirm, onLeave }: ShownExchangeProps) {
  const of = (standing: ExchangeStanding) => shown.rows.filter((row) => row.standing === standing);
  const count = of('new').length + of('newer').length + taken.length;
  return (
    <>
      <p className="text-lg" role="status">
        <strong>{count === 0 ? 'Nothing' : count} to be stored</strong>, {of('here').length} here already,{' '}
        {of('conflict').length} saying something else than yours, {of('wrong').length} wrong and left out.
      </p>
      {order.map((standing) => (
        <Rows key={standing} standing={standing} rows={of(standing)} taken={taken} onTake={onTake} />
      ))}
      <div className="flex flex-wrap justify-end gap-3">
        <button type="button" className="btn touch-always btn-ghost" onClick={onLeave}>
          Store nothing
        </button>
        <button
          type="button"
          className="btn touch-always btn-primary"
          disabled={count === 0 || isBusy}
          onClick={onConfirm}
        >
          {isBusy ? 'A moment' : `Store ${count}`}
        </button>
      </div>
    </>
  );
}

interface RowsProps {
  standing: ExchangeStanding;
  rows: readonly ExchangeRow[];
  taken: readonly string[];
  onTake: ShownExchangeProps['onTake'];
}

function Rows({ standing, rows, taken, onTake }: RowsProps) {
  if (rows.length === 0) return null;
  return (
    <details open={standing !== 'here'} className="rounded-box border border-base-300 px-4">
      <summary className="min-h-12 cursor-pointer content-center font-medium">
        {rows.length} {standingWords[standing]}
      </summary>
      <ul className="mb-3 flex flex-col divide-y divide-base-300">
        {rows.slice(0, rowsShown).map(({ of, row, id, words, reasons }) => (
          <li key={`${of} ${row}`} className="flex flex-wrap items-center gap-x-4 py-2">
            <span className="w-28 text-soft">
              {of === 'modeCard' ? 'mode card' : of} {row}
            </span>
            <span className="min-w-48 grow">
              {words}
              {reasons.length > 0 && (
                <span className={`block text-sm ${standing === 'wrong' ? 'fault' : 'text-soft'}`}>
                  {reasons.join('; ')}
                </span>
              )}
            </span>
            {standing === 'conflict' && (
              <label className="flex min-h-12 items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox"
                  checked={taken.includes(id)}
                  onChange={(event) => onTake(id, event.target.checked)}
                />
                Take theirs
              </label>
            )}
          </li>
        ))}
      </ul>
      {rows.length > rowsShown && <p className="pb-3 text-soft">and {rows.length - rowsShown} more.</p>}
    </details>
  );
}
