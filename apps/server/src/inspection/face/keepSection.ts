import type { Coupon } from '@lone-heron/contract';
import { IsNull, type EntityManager } from 'typeorm';
import { setSection } from '../../coupons/face/setSection.js';
import { CouponTestEntity } from '../couponTest.entity.js';

/** Keeps what the newest section showed on the coupon itself, for lists and for the evidence. */
export async function keepSection(manager: EntityManager, couponId: string): Promise<void> {
  const newest = await manager.findOne(CouponTestEntity, {
    where: { couponId, kind: 'section', withdrawnAt: IsNull() },
    order: { doneAt: 'DESC', id: 'DESC' },
  });
  await setSection(manager, couponId, sectionOf(newest));
}

function sectionOf(row: CouponTestEntity | null): Coupon['section'] {
  if (row === null || row.detail.kind !== 'section') return null;
  const { isThrough, measured } = row.detail;
  if (isThrough) return { isThrough };
  return measured.depth === undefined ? null : { isThrough, depthMm: measured.depth.mm };
}
