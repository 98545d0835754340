import type { WindowLight } from '@lone-heron/contract';
import type { ObjectLiteral, SelectQueryBuilder } from 'typeorm';

/** Where each thing that is known of light stands in a table called "it". */
export type LightColumns = Readonly<Record<keyof WindowLight, string>>;
export type LightThrough = Promise<readonly WindowLight[]>;

/** A row as the database answers: truth as it writes it. */
type LightRow = Omit<WindowLight, 'isCoupon' | 'isSoftStart'> & {
  isCoupon: unknown;
  isSoftStart: unknown;
};

/**
 * Light that went through windows, row by row, taken-back ones left out. Read as plain rows that are made whole where
 * they stand: there are tens of thousands over the years.
 *
 * @param windowIds whose light it is; null for all
 */
export async function plainLight<Row extends ObjectLiteral>(
  query: SelectQueryBuilder<Row>,
  columns: LightColumns,
  windowIds: readonly string[] | null,
): LightThrough {
  const kept = query.select([]).where('it.withdrawnAt IS NULL');
  if (windowIds !== null) kept.andWhere('it.windowId IN (:...windowIds)', { windowIds });
  for (const [name, column] of Object.entries(columns)) kept.addSelect(column, name);
  const rows = await kept.getRawMany<LightRow>();
  for (const row of rows) {
    row.isCoupon = Boolean(row.isCoupon);
    row.isSoftStart = row.isSoftStart === null ? null : Boolean(row.isSoftStart);
  }
  return rows as readonly WindowLight[];
}
