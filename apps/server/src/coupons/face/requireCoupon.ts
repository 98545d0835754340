import type { Joint } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { notFound } from '../../http/problem.js';
import { CouponEntity } from '../coupon.entity.js';

/** A coupon's number and joint by its id, taken back or not; 404 where there is none. */
export async function requireCoupon(
  manager: EntityManager,
  id: string,
): Promise<{ readonly number: number; readonly joint: Joint; readonly machineId: string }> {
  const select = { id: true, number: true, joint: true, machineId: true } as const;
  const row = await manager.findOne(CouponEntity, { where: { id }, select });
  if (row === null) throw notFound('coupon', id);
  return { number: row.number, joint: row.joint, machineId: row.machineId };
}
