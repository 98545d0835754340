import {
  couponFileName,
  couponFileVersion,
  type ColumnUnits,
  type Coupon,
  type CouponTest,
  type FiledCoupon,
  type FiledTest,
} from '@lone-heron/contract';
import { columnsIn } from '../../csv/columnUnits.js';
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

/** Coupons as they come, some at a time. */
export type CouponPages = AsyncIterable<readonly Coupon[]>;

/** Coupons as CSV: UTF-8, comma, point, a head that names the units, ISO 8601. */
export async function* couponsAsCsv(
  pages: CouponPages,
  { machine, person }: Names,
  units: ColumnUnits,
): AsyncGenerator<string> {
  const columns = columnsIn(csvColumns, units);
  yield writeTable(columns, []);
  for await (const coupons of pages)
    yield writeTable(
      columns,
      coupons.map((coupon) => ({
        ...filedCoupon(coupon),
        machineName: machine(coupon.machineId),
        personName: person(coupon.personId),
      })),
      false,
    );
}

/** Coupons as JSON, with the names that go with the ids in them. */
export async function* couponsAsJson(pages: CouponPages, { machine, person }: Names): AsyncGenerator<string> {
  const machines = new Map<string, string>();
  const people = new Map<string, string>();
  yield `{\n "format": "${couponFileName}",\n "version": ${couponFileVersion},\n "coupons": [`;
  let isFirst = true;
  for await (const coupons of pages) {
    for (const { machineId } of coupons) machines.set(machineId, machine(machineId));
    for (const { personId } of coupons) people.set(personId, person(personId));
    yield coupons
      .map((coupon, i) => `${isFirst && i === 0 ? '' : ','}\n${JSON.stringify(filedCoupon(coupon), null, 1)}`)
      .join('');
    isFirst = false;
  }
  yield `\n ],\n "machines": ${named(machines)},\n "people": ${named(people)}\n}\n`;
}

function named(names: ReadonlyMap<string, string>): string {
  return JSON.stringify(
    [...names].map(([id, name]) => ({ id, name })),
    null,
    1,
  );
}

/** What a file carries of a test. */
export function filedTest({
  recordedAt: _recordedAt,
  withdrawnAt: _withdrawnAt,
  ...filed
}: CouponTest): FiledTest {
  return filed;
}
