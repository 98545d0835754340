import type { Coupon, CouponQuery, CouponSort } from '@lone-heron/contract';
import { useTable } from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo, useRef, useSyncExternalStore, type ReactNode } from 'react';
import {
  columnHeads,
  couponColumns,
  couponFeatures,
  type CouponNames,
  type CouponRow,
} from './couponColumns.js';
import type { ListColumn } from './listAddress.js';
import type { Shown } from './useCouponRows.js';

/** Every row is as high as two lines and a glove; on a narrow screen it folds into a card. */
const rowHeights = { wide: 60, narrow: 146 };
const narrow = '(max-width: 900px)';

interface CouponTableProps {
  rows: ReadonlyMap<number, Coupon>;
  total: number;
  names: CouponNames;
  query: Partial<CouponQuery>;
  hidden: readonly ListColumn[];
  picked: readonly string[];
  onPick: (id: string) => void;
  onSort: (sort: CouponSort) => void;
  onShown: (shown: Shown) => void;
}

/** One line a coupon, however many there are: only those on the screen are drawn and held. */
export function CouponTable({
  rows,
  total,
  names,
  query,
  hidden,
  picked,
  onPick,
  onSort,
  onShown,
}: CouponTableProps) {
  const scroller = useRef<HTMLDivElement>(null);
  const rowPx = useIsNarrow() ? rowHeights.narrow : rowHeights.wide;
  const virtual = useVirtualizer({
    count: total,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowPx,
    overscan: 6,
    onChange: ({ range }) => {
      if (range !== null) onShown({ first: range.startIndex, last: range.endIndex });
    },
  });
  const lines = virtual.getVirtualItems();
  const first = lines[0]?.index ?? 0;
  const last = lines.at(-1)?.index ?? -1;
  const data = useMemo(() => rowsBetween(rows, names, first, last), [rows, names, first, last]);
  const columnVisibility = useMemo(
    () => Object.fromEntries(hidden.map((column) => [column, false])),
    [hidden],
  );
  const table = useTable({
    features: couponFeatures,
    columns: couponColumns,
    data,
    state: { columnVisibility },
    getRowId: ({ coupon }) => coupon.id,
  });
  const columns = table.getVisibleLeafColumns().length + 1;
  return (
    <div
      ref={scroller}
      className="sheet coupon-scroller overflow-auto"
      tabIndex={0}
      aria-label="Coupons"
      role="region"
    >
      <table className="table coupon-table" aria-rowcount={total + 1}>
        <Heads ids={table.getVisibleLeafColumns().map(({ id }) => id)} query={query} onSort={onSort} />
        <tbody>
          <Space px={first * rowPx} columns={columns} />
          {table.getRowModel().rows.map((row) => (
            <Line
              key={row.id}
              coupon={row.original.coupon}
              heightPx={rowPx}
              isPicked={picked.includes(row.id)}
              onPick={onPick}
            >
              {row.getVisibleCells().map((cell) => {
                const Cell = cell.column.id === 'number' ? 'th' : 'td';
                return (
                  <Cell
                    key={cell.id}
                    className={`coupon-${cell.column.id}`}
                    scope={Cell === 'th' ? 'row' : undefined}
                  >
                    <table.FlexRender cell={cell} />
                  </Cell>
                );
              })}
            </Line>
          ))}
          <Space px={(total - first - data.length) * rowPx} columns={columns} />
        </tbody>
      </table>
    </div>
  );
}

interface LineProps {
  coupon: Coupon;
  heightPx: number;
  isPicked: boolean;
  onPick: (id: string) => void;
  children: ReactNode;
}

function Line({ coupon, heightPx, isPicked, onPick, children }: LineProps) {
  return (
    <tr style={{ height: heightPx }}>
      <td className="w-12 px-0 text-center">
        <label className="touch inline-flex items-center justify-center">
          <input
            type="checkbox"
            className="checkbox"
            checked={isPicked}
            aria-label={`Compare coupon ${coupon.number}`}
            onChange={() => onPick(coupon.id)}
          />
        </label>
      </td>
      {children}
    </tr>
  );
}

function useIsNarrow(): boolean {
  return useSyncExternalStore(
    (changed) => {
      const query = window.matchMedia(narrow);
      query.addEventListener('change', changed);
      return () => query.removeEventListener('change', changed);
    },
    () => window.matchMedia(narrow).matches,
  );
}

/** Lines that have been fetched; those on their way leave their space. */
function rowsBetween(rows: ReadonlyMap<number, Coupon>, names: CouponNames, first: number, last: number) {
  const shown: CouponRow[] = [];
  for (let index = first; index <= last; index++) {
    const coupon = rows.get(index);
    if (coupon !== undefined) shown.push({ ...names, coupon });
  }
  return shown;
}

/** What lies above and below the lines on the screen. */
function Space({ px, columns }: { px: number; columns: number }) {
  if (px <= 0) return null;
  return (
    <tr aria-hidden="true" className="border-0">
      <td colSpan={columns} style={{ height: px, padding: 0 }} />
    </tr>
  );
}

function Heads({ ids, query, onSort }: Omit<HeadProps, 'id'> & { ids: readonly string[] }) {
  return (
    <thead className="sticky top-0 z-10 bg-base-100">
      <tr>
        <th scope="col">
          <span className="sr-only">Compare</span>
        </th>
        {ids.map((id) => (
          <Head key={id} id={id} query={query} onSort={onSort} />
        ))}
      </tr>
    </thead>
  );
}

interface HeadProps {
  id: string;
  query: Partial<CouponQuery>;
  onSort: (sort: CouponSort) => void;
}

function Head({ id, query, onSort }: HeadProps) {
  const { name = id, sort = null } = columnHeads[id] ?? {};
  if (sort === null) return <th scope="col">{name}</th>;
  const isSorted = (query.sort ?? 'number') === sort;
  const isUp = query.order === 'up';
  const Arrow = isUp ? ArrowUp : ArrowDown;
  return (
    <th scope="col" aria-sort={isSorted ? (isUp ? 'ascending' : 'descending') : 'none'}>
      <button type="button" className="btn touch px-1 text-sm btn-ghost" onClick={() => onSort(sort)}>
        {name}
        {sortWords[id] !== undefined && <span className="font-normal text-soft">{sortWords[id]}</span>}
        {isSorted && <Arrow className="size-4" aria-hidden="true" />}
      </button>
    </th>
  );
}

/** What a column that shows more than one thing sorts by. */
const sortWords: Readonly<Record<string, string>> = {
  section: 'by thickness',
  setting: 'by power',
  who: 'by day',
};
