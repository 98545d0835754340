import type { Coupon } from '@lone-heron/contract';
import type { EntityManager, SelectQueryBuilder } from 'typeorm';
import { plainRows } from '../storage/plainRows.js';
import { CouponEntity } from './coupon.entity.js';
import { couponFromRow, couponKeys } from './couponRow.js';

/** The coupons of a query, each with the number of its window. */
export async function wholeCoupons(query: SelectQueryBuilder<CouponEntity>): Promise<readonly Coupon[]> {
  const rows = await plainRows(query.leftJoin('coupon.window', 'window'), couponKeys, {
    windowNumber: 'window.number',
  });
  return rows.map((row) => couponFromRow(row, row.windowNumber as number));
}

/** The coupons of these ids that there are, in the order of the ids. */
export async function couponsInOrder(
  manager: EntityManager,
  ids: readonly string[],
): Promise<readonly Coupon[]> {
  if (ids.length === 0) return [];
  const coupons = await wholeCoupons(
    manager.createQueryBuilder(CouponEntity, 'coupon').where('coupon.id IN (:...ids)', { ids }),
  );
  const byId = new Map(coupons.map((coupon) => [coupon.id, coupon]));
  return ids.flatMap((id) => byId.get(id) ?? []);
}
