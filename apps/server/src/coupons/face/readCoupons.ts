import { setImmediate } from 'node:timers/promises';
import type { Coupon, CouponDraft, CouponFilter } from '@lone-heron/contract';
import { In, type EntityManager } from 'typeorm';
import { inBatches } from '../../storage/inBatches.js';
import { CouponEntity } from '../coupon.entity.js';
import { matchingCoupons } from '../couponList.js';
import { draftFromRow } from '../couponRow.js';
import { couponsInOrder, wholeCoupons } from '../wholeCoupons.js';

/** Coupons by their ids, taken-back ones among them. */
export async function couponsById(
  manager: EntityManager,
  ids: readonly string[],
): Promise<readonly Coupon[]> {
  return inBatches(ids, (some) => couponsInOrder(manager, some));
}

/** Coupons that are read at once: as many as nobody notices waiting for. */
const atOnce = 150;

/** Coupons that a filter lets through, oldest first, some at a time; others have their turn between. */
export async function* couponsMatching(
  manager: EntityManager,
  filter: CouponFilter,
): AsyncGenerator<readonly Coupon[]> {
  let last = 0;
  for (;;) {
    const coupons = await wholeCoupons(
      matchingCoupons(manager, filter)
        .andWhere('coupon.number > :last', { last })
        .orderBy('coupon.number', 'ASC')
        // Each has one window, so that a limit is a number of coupons: asked for as a page it would be counted out anew.
        .limit(atOnce),
    );
    const newest = coupons.at(-1);
    if (newest === undefined) return;
    yield coupons;
    last = newest.number;
    await setImmediate();
  }
}

/** Ids of the coupons that a filter lets through. */
export async function idsMatching(
  manager: EntityManager,
  filter: CouponFilter,
): Promise<ReadonlySet<string>> {
  const rows = await matchingCoupons(manager, filter).select('coupon.id', 'id').getRawMany<{ id: string }>();
  return new Set(rows.map(({ id }) => id));
}

/** Which of these ids are of coupons that are stored, taken back or not. */
export async function storedCouponIds(
  manager: EntityManager,
  ids: readonly string[],
): Promise<readonly string[]> {
  const rows = await inBatches(ids, (some) =>
    manager.find(CouponEntity, { where: { id: In(some) }, select: { id: true } }),
  );
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
