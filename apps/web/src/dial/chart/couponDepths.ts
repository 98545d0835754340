import { coreSetting, isAskedRight, seenAt, type BackLook, type Coupon } from '@lone-heron/contract';
import { inMm, jointThermal, knobValue, type Knob } from '@lone-heron/core';
import type { DialOutcome } from '../dialOutcome.js';
import { isSameJoint } from '../rail/isSameJoint.js';

/** What a look at the back says of depth over thickness; the ends are where the eye stops telling. */
const reachSeen: Readonly<Record<BackLook, readonly [from: number, to: number]>> = {
  none: [0.5, 0.8],
  faint: [0.8, 1],
  even: [1, 1.35],
  heavy: [1.35, 1.6],
  hole: [1.6, 1.8],
};

/** A coupon of this joint on the chart: where its knob stood, and between what its depth lay, mm. */
export interface CouponDepth {
  readonly number: number;
  readonly back: BackLook;
  readonly value: number;
  readonly from: number;
  readonly to: number;
}

/** The coupons of a joint on its machine, as far as their settings have the knob. */
export function couponDepths(
  coupons: readonly Coupon[],
  { said, job }: DialOutcome,
  knob: Knob,
): readonly CouponDepth[] {
  const thickness = inMm(jointThermal(job.joint).thickness);
  return coupons
    .filter(
      (coupon) =>
        coupon.machineId === said.machine.id &&
        // Toes and far side say less than a band of depth.
        seenAt(coupon.joint) !== 'toes' &&
        isAskedRight(coupon) &&
        coupon.joint.metal === said.joint.metal &&
        isSameJoint(coupon.joint, said.joint),
    )
    .flatMap(({ number, back, setting }) => {
      const value = knobValue(coreSetting(setting), knob);
      const [from, to] = reachSeen[back];
      return value === null ? [] : [{ number, back, value, from: from * thickness, to: to * thickness }];
    });
}
