import type { Coupon, CouponDraft, CouponFilter } from '@lone-heron/contract';
import { In, IsNull, type EntityManager } from 'typeorm';
import { CouponEntity } from '../coupon.entity.js';
import { matchingCoupons } from '../couponList.js';
import { couponFromRow, draftFromRow } from '../couponRow.js';

/** Coupons by their ids, taken-back ones among them. */
export async function couponsById(
  manager: EntityManager,
  ids: readonly string[],
): Promise<readonly Coupon[]> {
  const where = { id: In([...new Set(ids)]) };
  return (await manager.find(CouponEntity, { where, relations: { window: true } })).map(couponFromRow);
}

/** Coupons that a filter lets through, oldest first. */
export async function couponsMatching(
  manager: EntityManager,
  filter: CouponFilter,
): Promise<readonly Coupon[]> {
  const rows = await matchingCoupons(manager, filter)
    .leftJoinAndSelect('coupon.window', 'window')
    .orderBy('coupon.number', 'ASC')
    .getMany();
  return rows.map(couponFromRow);
}

/** Every coupon that was not taken back, oldest first. */
export async function standingCoupons(manager: EntityManager): Promise<readonly Coupon[]> {
  const rows = await manager.find(CouponEntity, {
    where: { withdrawnAt: IsNull() },
    relations: { window: true },
    order: { number: 'ASC' },
  });
  return rows.map(couponFromRow);
}

/** Which of these ids are of coupons that are stored, taken back or not. */
export async function storedCouponIds(
  manager: EntityManager,
  ids: readonly string[],
): Promise<readonly string[]> {
  const rows = await manager.find(CouponEntity, { where: { id: In([...ids]) }, select: { id: true } });
  return rows.map(({ id }) => id);
}

/** A stored coupon as somebody wrote it. */
export interface StoredDraft {
  readonly id: string;
  readonly number: number;
  readonly draft: CouponDraft;
}

/** What is stored under any of these ids, or was welded at any of these moments. */
export async function storedDrafts(
  manager: EntityManager,
  { ids, moments }: { readonly ids: readonly string[]; readonly moments: readonly string[] },
): Promise<readonly StoredDraft[]> {
  const rows = await manager.findBy(CouponEntity, [{ id: In([...ids]) }, { weldedAt: In([...moments]) }]);
  return rows.map((row) => ({ id: row.id, number: row.number, draft: draftFromRow(row) }));
}

/** Whether anything was welded through a window, counted or taken back. */
export function wasWeldedThrough(manager: EntityManager, windowId: string): Promise<boolean> {
  return manager.existsBy(CouponEntity, { windowId });
}
