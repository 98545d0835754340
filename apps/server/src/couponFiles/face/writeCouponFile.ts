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

/** What this shop calls a machine or a person, by id. */
export interface Names {
  readonly machine: (id: string) => string;
  readonly person: (id: string) => string;
}

/** Coupons as CSV: UTF-8, comma, point, a head, ISO 8601. */
export function couponsAsCsv(coupons: readonly Coupon[], { machine, person }: Names): string {
  const rows = coupons.map((coupon) => ({
    ...filedCoupon(coupon),
    machineName: machine(coupon.machineId),
    personName: person(coupon.personId),
  }));
  return writeTable(csvColumns, rows);
}

/** Coupons as JSON, with the names that go with the ids in them. */
export function couponsAsJson(coupons: readonly Coupon[], { machine, person }: Names): string {
  const content = {
    ...{ format: couponFileName, version: couponFileVersion },
    machines: named(coupons, ({ machineId }) => machineId, machine),
    people: named(coupons, ({ personId }) => personId, person),
    coupons: coupons.map(filedCoupon),
  };
  return JSON.stringify(content, null, 1);
}

function named(
  coupons: readonly Coupon[],
  idOf: (coupon: Coupon) => string,
  nameOf: (id: string) => string,
): { id: string; name: string }[] {
  return [...new Set(coupons.map(idOf))].map((id) => ({ id, name: nameOf(id) }));
}

/** What a file carries of a test. */
export function filedTest({
  recordedAt: _recordedAt,
  withdrawnAt: _withdrawnAt,
  ...filed
}: CouponTest): FiledTest {
  return filed;
}
