import type { WindowLight } from '@lone-heron/contract';
import type { ObjectLiteral, SelectQueryBuilder } from 'typeorm';
import type { ReadRows } from '../../storage/longReads.js';

/** Where each thing that is known of light stands in a table called "it". */
export type LightColumns = Readonly<Record<Exclude<keyof WindowLight, 'count'>, string>>;
export type LightThrough = Promise<readonly WindowLight[]>;

/** A row as the database answers: truth as it writes it. */
type LightRow = Omit<WindowLight, 'isCoupon' | 'isSoftStart'> & {
  isCoupon: unknown;
  isSoftStart: unknown;
};

/**
 * Light that went through windows, what is alike taken together, taken-back ones left out. The database adds it up: there are
 * a hundred thousand over the years, of a few settings for each window.
 *
 * @param windowIds whose light it is; null for all
 * @param read where its rows are read
 */
export async function plainLight<Row extends ObjectLiteral>(
  query: SelectQueryBuilder<Row>,
  columns: LightColumns,
  windowIds: readonly string[] | null,
  read: ReadRows,
): LightThrough {
  const kept = query.select([]).where('it.withdrawnAt IS NULL AND it.windowId IS NOT NULL');
  if (windowIds !== null) kept.andWhere('it.windowId IN (:...windowIds)', { windowIds });
  const { seconds, ...alike } = columns;
  for (const [name, column] of Object.entries(alike)) kept.addSelect(column, name);
  for (const column of Object.values(alike).filter(isOfTheTable)) kept.addGroupBy(column);
  kept
    .addSelect(`SUM(${seconds})`, 'seconds')
    .addSelect('COUNT(*)', 'count')
    .addGroupBy(`${seconds} IS NULL`);
  const rows = await read<LightRow>(kept);
  for (const row of rows) {
    row.isCoupon = Boolean(row.isCoupon);
    row.isSoftStart = row.isSoftStart === null ? null : Boolean(row.isSoftStart);
  }
  return rows as readonly WindowLight[];
}

/** What stands for all rows alike is a number to SQL, which would be taken for the place of a column. */
const isOfTheTable = (column: string): boolean => column.startsWith('it.');
