import type { CouponTest } from '@lone-heron/contract';
import { In, IsNull, type EntityManager } from 'typeorm';
import { CouponTestEntity } from '../couponTest.entity.js';
import { testFromRow } from '../testFromRow.js';

/** Tests of some coupons, oldest first, taken-back ones left out. */
export async function testsOfCoupons(
  manager: EntityManager,
  couponIds: readonly string[],
): Promise<readonly CouponTest[]> {
  const rows = await manager.find(CouponTestEntity, {
    where: { couponId: In([...new Set(couponIds)]), withdrawnAt: IsNull() },
    order: { doneAt: 'ASC', id: 'ASC' },
  });
  return rows.map(testFromRow);
}

/** Every test that was not taken back. */
export async function standingTests(manager: EntityManager): Promise<readonly CouponTest[]> {
  return (await manager.findBy(CouponTestEntity, { withdrawnAt: IsNull() })).map(testFromRow);
}

/** Tests by their ids, taken-back ones among them. */
export async function testsById(
  manager: EntityManager,
  ids: readonly string[],
): Promise<readonly CouponTest[]> {
  return (await manager.findBy(CouponTestEntity, { id: In([...ids]) })).map(testFromRow);
}
