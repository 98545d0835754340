import type { Coupon, CouponDraft } from '@lone-heron/contract';
import type { CouponEntity } from './coupon.entity.js';

/** What the client sent, out of a stored row. */
export function draftFromRow(row: CouponEntity): CouponDraft {
  const { machineId, joint, setting, back, lightOnS, runLengthMm, remark, weldedAt } = row;
  return { machineId, joint, setting, back, lightOnS, runLengthMm, remark, weldedAt };
}

/** A stored row with its window as the client sees it. */
export function couponFromRow(row: CouponEntity): Coupon {
  const { id, personId, number, machineRevision, windowId, recordedAt, withdrawnAt } = row;
  return {
    ...draftFromRow(row),
    id,
    personId,
    number,
    machineRevision,
    windowId,
    windowNumber: row.window.number,
    recordedAt,
    withdrawnAt,
  };
}
