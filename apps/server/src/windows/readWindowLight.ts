import type { WindowLight } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { lightOfCoupons } from '../coupons/face/readCouponLight.js';
import { lightOfEntries } from '../light/face/readLight.js';

/**
 * All light through windows, coupon by coupon and entry by entry, taken-back ones left out.
 *
 * @param windowIds whose light it is; null for all
 */
export async function readWindowLight(
  manager: EntityManager,
  windowIds: readonly string[] | null,
): Promise<readonly WindowLight[]> {
  return [...(await lightOfCoupons(manager, windowIds)), ...(await lightOfEntries(manager, windowIds))];
}
