import {
  couponGroupings,
  couponQuerySchema,
  type CouponGrouping,
  type CouponQuery,
} from '@lone-heron/contract';

/** Columns that can be left out. */
export const listColumns = ['section', 'setting', 'back', 'travel', 'machine', 'who'] as const;
export type ListColumn = (typeof listColumns)[number];

/** What the list shows, as it stands in the address. */
export interface ListAddress {
  readonly query: Partial<Omit<CouponQuery, 'offset' | 'limit'>>;
  readonly group: CouponGrouping | null;
  readonly hidden: readonly ListColumn[];
}

const asked = [
  'workshopId',
  'machineId',
  'metal',
  'kind',
  'personId',
  'back',
  'slips',
  'thinnestMm',
  'thickestMm',
  'from',
  'to',
  'words',
  'sort',
  'order',
] as const;

/** Reads what of an address the list can be asked for; what cannot be is left out. */
export function readListAddress(search: URLSearchParams): ListAddress {
  const query: Record<string, unknown> = {};
  for (const name of asked) {
    const text = search.get(name);
    if (text === null || text === '') continue;
    const parsed = couponQuerySchema.shape[name].safeParse(text);
    if (parsed.success) query[name] = parsed.data;
  }
  const group = search.get('group');
  const hidden = (search.get('hide') ?? '').split(',');
  return {
    query,
    group: couponGroupings.find((each) => each === group) ?? null,
    hidden: listColumns.filter((column) => hidden.includes(column)),
  };
}

/** Whether anything narrows the list down. */
export function isNarrowed({ query }: ListAddress): boolean {
  return Object.keys(query).some((name) => name !== 'sort' && name !== 'order');
}
