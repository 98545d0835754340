import type { CounterReading, WindowLight } from '@lone-heron/contract';
import type { EntityManager, SelectQueryBuilder } from 'typeorm';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { LightEntryEntity } from '../light/lightEntry.entity.js';
import { ShopRecordEntity } from '../records/shopRecord.entity.js';

/** A row as the database answers: truth as it writes it. */
type LightRow = Omit<WindowLight, 'isCoupon' | 'isSoftStart'> & {
  isCoupon: unknown;
  isSoftStart: unknown;
};

/** Where each thing stands in the coupons, and in the light log. */
const couponColumns: Readonly<Record<keyof LightRow, string>> = {
  windowId: 'it.windowId',
  personId: 'it.personId',
  seconds: 'it.lightOnS',
  powerW: 'it.meanPowerW',
  metal: 'it.metal',
  gunAngleDeg: 'it.gunAngleDeg',
  gas: 'it.gas',
  batch: 'NULL',
  isSoftStart: 'NULL',
  isCoupon: '1',
};
const logColumns: Readonly<Record<keyof LightRow, string>> = {
  ...couponColumns,
  seconds: 'it.minutes * 60',
  powerW: 'it.powerW',
  batch: 'it.batch',
  isSoftStart: 'it.isSoftStart',
  isCoupon: '0',
};

/**
 * All light through windows, coupon by coupon and entry by entry, taken-back ones left out. Read as plain rows that are
 * made whole where they stand: there are tens of thousands over the years.
 *
 * @param windowIds whose light it is; null for all
 */
export async function readWindowLight(
  manager: EntityManager,
  windowIds: readonly string[] | null,
): Promise<readonly WindowLight[]> {
  const coupons = manager.createQueryBuilder(CouponEntity, 'it');
  const entries = manager.createQueryBuilder(LightEntryEntity, 'it');
  const rows = [
    ...(await rowsOf(coupons, couponColumns, windowIds)),
    ...(await rowsOf(entries, logColumns, windowIds)),
  ];
  for (const row of rows) {
    row.isCoupon = Boolean(row.isCoupon);
    row.isSoftStart = row.isSoftStart === null ? null : Boolean(row.isSoftStart);
  }
  return rows as readonly WindowLight[];
}

function rowsOf<Row extends CouponEntity | LightEntryEntity>(
  query: SelectQueryBuilder<Row>,
  columns: Readonly<Record<keyof LightRow, string>>,
  windowIds: readonly string[] | null,
): Promise<LightRow[]> {
  const kept = query.select([]).where('it.withdrawnAt IS NULL');
  if (windowIds !== null) kept.andWhere('it.windowId IN (:...windowIds)', { windowIds });
  for (const [name, column] of Object.entries(columns)) kept.addSelect(column, name);
  return kept.getRawMany<LightRow>();
}

/** What the machines' own counters of light showed, machine by machine. */
export async function readCounters(manager: EntityManager): Promise<readonly CounterReading[]> {
  const rows = await manager.findBy(ShopRecordEntity, { kind: 'hourCounter' });
  return rows.flatMap(({ machineId, at, detail, withdrawnAt }) =>
    detail.kind === 'hourCounter' && withdrawnAt === null ? [{ machineId, at, hours: detail.hours }] : [],
  );
}
