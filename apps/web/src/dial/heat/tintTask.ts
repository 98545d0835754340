import { coreConditions, type CouponTint, type Machine } from '@lone-heron/contract';
import {
  forecastWeld,
  mm,
  seamRow,
  weldHeatInput,
  type Tint,
  type TintReading,
  type WeldHeatInput,
} from '@lone-heron/core';
import { asWelded } from '../../shared/evidence/asWelded.js';

/** A coupon whose colours were read, as its heat is worked out. */
interface ReadCoupon {
  readonly input: WeldHeatInput;
  readonly read: TintReading['read'];
}

export interface TintTask {
  readonly coupons: readonly ReadCoupon[];
}

/** A coupon is a small piece. */
const couponPart = { sideWidth: mm(40), seamLength: mm(100) };

/** What photographed colours are held against; null where none speak. A slip of the hand, and faces that do not lie flat, say nothing. */
export function tintTask(tints: readonly CouponTint[], machines: readonly Machine[]): TintTask | null {
  const coupons = tints.flatMap(({ coupon, widths }): ReadCoupon[] => {
    const machine = machines.find(({ id }) => id === coupon.machineId);
    if (machine === undefined || coupon.slip !== undefined || !seamRow(coupon.joint.kind).hasFlatFaces)
      return [];
    const { job, setting } = asWelded(coupon, machine.profile);
    if (job.joint.kind === 'tack') return [];
    const { backing } = coreConditions(coupon.joint);
    const input = weldHeatInput(job, setting, forecastWeld(job, setting), { backing, part: couponPart });
    const read = Object.entries(widths).flatMap(([tint, width]) =>
      width === undefined ? [] : [[tint as Tint, { width: width.mm / 1000, give: width.giveMm / 1000 }]],
    );
    return [{ input, read: Object.fromEntries(read) as TintReading['read'] }];
  });
  return coupons.length === 0 ? null : { coupons };
}
