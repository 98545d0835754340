import type { BackLook, CouponGrouping, CouponQuery, Machine, Person } from '@lone-heron/contract';
import { seamRow, type SeamKind } from '@lone-heron/core';
import { isMetalId } from '../../shared/vocabulary/metalNames.js';
import { useCouponGroupsQuery } from '../../shared/api/couponsApi.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { lookWords } from '../../shared/vocabulary/looks.js';
import { metalName } from '../../shared/vocabulary/metalNames.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

interface GroupHeadingsProps {
  by: CouponGrouping;
  query: Partial<CouponQuery>;
  machines: readonly Machine[];
  people: readonly Person[];
  onOpen: (value: string) => void;
}

/** Headings with how many coupons each has and how many of them were right; one that is pressed opens its list. */
export function GroupHeadings({ by, query, machines, people, onOpen }: GroupHeadingsProps) {
  const { sort: _sort, order: _order, offset: _offset, limit: _limit, ...filter } = query;
  const { data = [], error, refetch } = unlessShown(useCouponGroupsQuery({ ...filter, by }));
  if (error !== undefined) return <LoadFailed what="the headings" error={error} retry={refetch} />;
  const most = Math.max(1, ...data.map(({ count }) => count));
  return (
    <ul className="sheet flex flex-col divide-y divide-base-300">
      {data.map(({ value, count, even }) => (
        <li key={value}>
          <button
            type="button"
            className="grid min-h-14 w-full grid-cols-[minmax(8rem,16rem)_1fr_auto] items-center gap-4 px-4 text-left hover:bg-base-200"
            onClick={() => onOpen(value)}
          >
            <strong>{headingWords(by, value, machines, people)}</strong>
            <span className="flex h-3 overflow-hidden rounded-sm" aria-hidden="true">
              <span style={{ width: `${(even / most) * 100}%`, background: 'var(--full)' }} />
              <span style={{ width: `${((count - even) / most) * 100}%`, background: 'var(--part)' }} />
            </span>
            <span className="whitespace-nowrap tabular-nums">
              {count} <span className="text-soft">of which {even} even</span>
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

function headingWords(
  by: CouponGrouping,
  value: string,
  machines: readonly Machine[],
  people: readonly Person[],
): string {
  switch (by) {
    case 'machineId':
      return machines.find(({ id }) => id === value)?.name ?? value;
    case 'personId':
      return people.find(({ id }) => id === value)?.name ?? value;
    case 'metal':
      return isMetalId(value) ? metalName(value) : value;
    case 'kind':
      return seamRow(value as SeamKind).short;
    case 'back':
      return lookWords[value as BackLook].short;
  }
}
