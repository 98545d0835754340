import type { CouponTest, CouponTestDraft } from '@lone-heron/contract';
import type { CouponTestEntity } from './couponTest.entity.js';

export function testDraftOf({ detail, result, remark, doneAt, photoIds }: CouponTestEntity): CouponTestDraft {
  return { detail, result, remark, doneAt, photoIds };
}

export function testFromRow(row: CouponTestEntity): CouponTest {
  const { id, couponId, doneBy, recordedAt, withdrawnAt } = row;
  return { ...testDraftOf(row), id, couponId, doneBy, recordedAt, withdrawnAt };
}
