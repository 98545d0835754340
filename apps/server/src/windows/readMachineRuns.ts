import type { MachineRuns } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { LightEntryEntity } from '../light/lightEntry.entity.js';
import { DayEntity } from '../readiness/day.entity.js';

type Lit = MachineRuns['light'][number];

/**
 * How a machine ran: its light on timed coupons and in the light log, and the days it was started up. Read as plain
 * rows: there are tens of thousands over the years.
 */
export async function readMachineRuns(manager: EntityManager, machineId: string): Promise<MachineRuns> {
  const mine = 'it.machineId = :machineId AND it.withdrawnAt IS NULL';
  const coupons = await manager
    .createQueryBuilder(CouponEntity, 'it')
    .select('it.weldedAt', 'at')
    .addSelect('it.lightOnS / 3600', 'hours')
    .where(`${mine} AND it.lightOnS IS NOT NULL`, { machineId })
    .getRawMany<Lit>();
  const entries = await manager
    .createQueryBuilder(LightEntryEntity, 'it')
    .select('it.weldedAt', 'at')
    .addSelect('it.minutes / 60', 'hours')
    .where(mine, { machineId })
    .getRawMany<Lit>();
  const days = await manager.find(DayEntity, {
    select: { id: true, openedAt: true },
    where: { machineId },
  });
  return { light: [...coupons, ...entries], starts: days.map(({ openedAt }) => openedAt) };
}
