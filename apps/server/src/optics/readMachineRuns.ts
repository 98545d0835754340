import type { MachineRuns } from '@lone-heron/contract';
import { IsNull, Not, type EntityManager } from 'typeorm';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { LightEntryEntity } from '../lightLog/lightEntry.entity.js';
import { DayEntity } from '../readiness/day.entity.js';

/** How a machine ran: its light on timed coupons and in the light log, and the days it was started up. */
export async function readMachineRuns(manager: EntityManager, machineId: string): Promise<MachineRuns> {
  const mine = { machineId, withdrawnAt: IsNull() };
  const coupons = await manager.find(CouponEntity, {
    select: { id: true, weldedAt: true, lightOnS: true },
    where: { ...mine, lightOnS: Not(IsNull()) },
  });
  const entries = await manager.find(LightEntryEntity, {
    select: { id: true, weldedAt: true, minutes: true },
    where: mine,
  });
  const days = await manager.find(DayEntity, {
    select: { id: true, openedAt: true },
    where: { machineId },
  });
  return {
    light: [
      ...coupons.map(({ weldedAt, lightOnS }) => ({ at: weldedAt, hours: (lightOnS ?? 0) / 3600 })),
      ...entries.map(({ weldedAt, minutes }) => ({ at: weldedAt, hours: minutes / 60 })),
    ],
    starts: days.map(({ openedAt }) => openedAt),
  };
}
