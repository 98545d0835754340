import type { EntityManager } from 'typeorm';
import { notFound } from '../http/problem.js';
import { CouponEntity } from './coupon.entity.js';

/** A coupon by its id, taken back or not; 404 where there is none. */
export async function requireCoupon(manager: EntityManager, id: string): Promise<CouponEntity> {
  const row = await manager.findOneBy(CouponEntity, { id });
  if (row === null) throw notFound('coupon', id);
  return row;
}
