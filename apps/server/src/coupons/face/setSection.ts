import type { Coupon } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { CouponEntity } from '../coupon.entity.js';

/** Keeps what a section showed on the coupon itself, for lists and for the evidence. */
export async function setSection(
  manager: EntityManager,
  couponId: string,
  section: Coupon['section'],
): Promise<void> {
  await manager.update(CouponEntity, { id: couponId }, { section });
}
