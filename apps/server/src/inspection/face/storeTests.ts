import type { FiledTest } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { CouponTestEntity } from '../couponTest.entity.js';
import { keepSection } from './keepSection.js';

/** Stores tests that came in a file, and what their sections show with the coupons. */
export async function storeTests(
  manager: EntityManager,
  tests: readonly FiledTest[],
  recordedAt: string,
): Promise<void> {
  for (const test of tests) {
    const kind = test.detail.kind;
    await manager.insert(CouponTestEntity, { ...test, kind, recordedAt, withdrawnAt: null });
  }
  for (const couponId of new Set(tests.map(({ couponId: of }) => of))) await keepSection(manager, couponId);
}
