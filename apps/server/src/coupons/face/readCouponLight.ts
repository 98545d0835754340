import type { MachineRuns } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import type { ReadRows } from '../../storage/longReads.js';
import { plainLight, type LightColumns, type LightThrough } from '../../windows/face/plainLight.js';
import { CouponEntity } from '../coupon.entity.js';

const columns: LightColumns = {
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

/** Light of coupons through windows. @see plainLight */
export function lightOfCoupons(
  manager: EntityManager,
  windowIds: readonly string[] | null,
  read: ReadRows,
): LightThrough {
  return plainLight(manager.createQueryBuilder(CouponEntity, 'it'), columns, windowIds, read);
}

/** What is usual is what is usual now, and the middle of millions would be looked for among all of them. */
const mostTimed = 2000;

/** The middle of the newest coupons that were timed, s; null where none was. */
export async function usualCouponSeconds(manager: EntityManager): Promise<number | null> {
  const timed = `(SELECT light_on_s FROM coupon WHERE withdrawn_at IS NULL AND light_on_s IS NOT NULL ORDER BY number DESC LIMIT ${mostTimed})`;
  const [middle] = await manager.query<{ seconds: number }[]>(
    `SELECT light_on_s AS seconds FROM ${timed} AS newest ORDER BY light_on_s LIMIT 1 OFFSET (SELECT COUNT(*) / 2 FROM ${timed} AS counted)`,
  );
  return middle?.seconds ?? null;
}

/** When a machine's light was on for coupons that were timed, and for how many hours. */
export function couponsLit(
  manager: EntityManager,
  machineId: string,
  since: string,
): Promise<MachineRuns['light'][number][]> {
  return manager
    .createQueryBuilder(CouponEntity, 'it')
    .select('it.weldedAt', 'at')
    .addSelect('it.lightOnS / 3600', 'hours')
    .where('it.machineId = :machineId AND it.withdrawnAt IS NULL AND it.lightOnS IS NOT NULL', { machineId })
    .andWhere('it.weldedAt >= :since', { since })
    .getRawMany();
}
