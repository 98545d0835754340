import type { CouponTint } from '@lone-heron/contract';
import { dialledMetals, findMetal, type DialledMetalId } from '@lone-heron/core';
import type { EntityManager } from 'typeorm';
import { couponsById } from '../coupons/face/readCoupons.js';
import { CouponTestEntity } from './couponTest.entity.js';

/** Each is a field to solve on the page: the newest are enough. */
const mostReadings = 6;

/** The newest coupons of a metal’s family whose colours were read off a photo, each by its newest reading. */
export async function tintReadings(manager: EntityManager, metal: DialledMetalId): Promise<CouponTint[]> {
  const { family } = findMetal(metal);
  const metals = dialledMetals.filter((each) => findMetal(each).family === family);
  const rows = await manager
    .createQueryBuilder(CouponTestEntity, 'test')
    .innerJoin('test.coupon', 'coupon')
    .where('test.kind = :kind AND test.withdrawnAt IS NULL', { kind: 'tint' })
    .andWhere('coupon.withdrawnAt IS NULL AND coupon.metal IN (:...metals)', { metals })
    .orderBy('test.doneAt', 'DESC')
    .addOrderBy('test.id', 'DESC')
    .take(4 * mostReadings)
    .getMany();
  const newest = new Map(rows.toReversed().map((row) => [row.couponId, row]));
  const ids = [...new Set(rows.map(({ couponId }) => couponId))].slice(0, mostReadings);
  const coupons = new Map((await couponsById(manager, ids)).map((coupon) => [coupon.id, coupon]));
  return ids.flatMap((id) => {
    const [coupon, detail] = [coupons.get(id), newest.get(id)?.detail];
    return coupon === undefined || detail?.kind !== 'tint' ? [] : [{ coupon, widths: detail.widths }];
  });
}
