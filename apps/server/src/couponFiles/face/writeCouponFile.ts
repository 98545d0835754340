import {
  couponFileName,
  couponFileVersion,
  type Coupon,
  type CouponTest,
  type FiledCoupon,
  type FiledTest,
} from '@lone-heron/contract';
import { writeTable } from '../../csv/writeTable.js';
import { csvColumns } from '../csvColumns.js';

/** What a file carries of a coupon: what was logged, and by whom. */
export function filedCoupon(coupon: Coupon): FiledCoupon {
  const {
    number: _number,
    machineRevision: _revision,
    windowId: _windowId,
    windowNumber: _windowNumber,
    recordedAt: _recordedAt,
    withdrawnAt: _withdrawnAt,
    revision: _entry,
    section: _section,
    rung: _rung,
    ...filed
  } = coupon;
  return filed;
}

/** Coupons as CSV: UTF-8, comma, point, a head, ISO 8601. */
export function couponsAsCsv(coupons: readonly Coupon[]): string {
  return writeTable(csvColumns, coupons.map(filedCoupon));
}

export function couponsAsJson(coupons: readonly Coupon[]): string {
  const content = { format: couponFileName, version: couponFileVersion, coupons: coupons.map(filedCoupon) };
  return JSON.stringify(content, null, 1);
}

/** What a file carries of a test. */
export function filedTest({
  recordedAt: _recordedAt,
  withdrawnAt: _withdrawnAt,
  ...filed
}: CouponTest): FiledTest {
  return filed;
}
