import {
  areWeldedAlike,
  coreJoint,
  couponReadings,
  realTravelMmS,
  type Coupon,
  type LadderKnob,
  type Machine,
} from '@lone-heron/contract';
import { inMm, jointThermal } from '@lone-heron/core';
import { placeOn } from '../ladders/ladderKnobs.js';

/** Coupons of one joint on one machine. */
export interface JointCoupons {
  /** Id of the newest of them, to know the group by. */
  readonly id: string;
  readonly machine: Machine;
  readonly coupons: readonly Coupon[];
}

/** Fewer are no chart. */
const leastCoupons = 3;

/** The joints that were welded most, each on its machine; coupons in which the hand slipped are left out. */
export function couponsByJoint(
  coupons: readonly Coupon[],
  machines: readonly Machine[],
): readonly JointCoupons[] {
  const groups: { id: string; machine: Machine; coupons: Coupon[] }[] = [];
  for (const coupon of coupons) {
    const machine = machines.find(({ id }) => id === coupon.machineId);
    if (machine === undefined || coupon.slip !== undefined) continue;
    const group = groups.find(
      (each) =>
        each.machine.id === machine.id &&
        each.coupons.some(({ joint }) => areWeldedAlike(joint, coupon.joint)),
    );
    if (group === undefined) groups.push({ id: coupon.id, machine, coupons: [coupon] });
    else group.coupons.push(coupon);
  }
  return groups
    .filter((group) => group.coupons.length >= leastCoupons)
    .toSorted((one, other) => other.coupons.length - one.coupons.length);
}

/** Where a coupon's knob stood, SI, and between what its depth lies, mm. */
export interface KnobDepth {
  readonly couponId: string;
  readonly number: number;
  readonly at: number;
  readonly lowMm: number;
  readonly highMm: number;
}

/** A hole, or a melt that came through, is open upwards: it is drawn to so many times the thickness. */
const drawnTo = 1.8;

/** Depth over a knob: what each coupon, or each stretch of it, allows. Travel is the real one; untimed coupons have none. */
export function knobDepths({ coupons, machine }: JointCoupons, knob: LadderKnob): readonly KnobDepth[] {
  return coupons.flatMap((coupon) => {
    const at = placeOf(coupon, knob);
    if (at === null) return [];
    const mostMm = drawnTo * inMm(jointThermal(coreJoint(coupon.joint)).thickness);
    return couponReadings(coupon, machine.profile).map(({ low, high, modelDepth }) => ({
      couponId: coupon.id,
      number: coupon.number,
      at,
      lowMm: Math.min(Math.exp(low) * inMm(modelDepth), mostMm),
      highMm: Math.min(Math.exp(high) * inMm(modelDepth), mostMm),
    }));
  });
}

function placeOf(coupon: Coupon, knob: LadderKnob): number | null {
  if (knob !== 'travel') return placeOn(coupon.setting, knob);
  const travel = realTravelMmS(coupon);
  return travel === null ? null : travel / 1000;
}
