import {
  degree,
  evidenceWeldOf,
  hertz,
  mm,
  mmPerSecond,
  type CouponFinding,
  type EvidenceCoupon,
} from '@lone-heron/core';
import { realTravelMmS } from './realTravel.js';
import type { Coupon } from '../coupon.js';
import { lookFinding } from './couponLook.js';
import type { MachineProfile } from '../../machines/machine.js';
import { coreJob, coreSetting, isThroughBoth } from '../../joint/rules/toCore.js';

/** Coupons whose angle nobody told are taken to be welded as most are. */
export const usualGunAngle = degree(45);

/** What the evidence needs of a coupon. */
type Weld = Pick<
  Coupon,
  | 'id'
  | 'machineId'
  | 'joint'
  | 'setting'
  | 'back'
  | 'lookedAt'
  | 'face'
  | 'along'
  | 'slip'
  | 'section'
  | 'gunAngleDeg'
  | 'lightOnS'
  | 'runLengthMm'
>;

/**
 * A coupon as the evidence takes it, at its real travel where that was timed. A section says more than a look and
 * stands for the coupon; without one, each stretch along the run is a reading of its own, and without stretches the
 * back of the whole. A slip of the hand keeps its stretch, or the whole coupon, out of the evidence.
 *
 * @param profile of the machine it was welded on
 */
export function couponEvidence(coupon: Weld, profile: MachineProfile): readonly EvidenceCoupon[] {
  const { pace } = coupon.setting;
  const wireDiameterMm = pace.by === 'wire' ? pace.wireDiameterMm : null;
  const job = coreJob(coupon.joint, wireDiameterMm, profile, { kind: 'reach' });
  const setting = coreSetting(coupon.setting);
  const travel = realTravelMmS(coupon);
  const weld =
    travel === null ? evidenceWeldOf(job, setting) : evidenceWeldOf(job, setting, mmPerSecond(travel));
  const { modulationHz } = coupon.setting;
  const modulation = modulationHz === undefined ? {} : { modulation: hertz(modulationHz) };
  const common = {
    weld: {
      ...weld,
      machineId: coupon.machineId,
      gas: coupon.setting.gas,
      gunAngle: coupon.gunAngleDeg === undefined ? usualGunAngle : degree(coupon.gunAngleDeg),
      melt: { ...weld.melt, ...modulation },
    },
    isTravelMeasured: travel !== null,
  };
  return readings(coupon).map(({ finding, isSlip }, index) => ({
    ...common,
    id: index === 0 ? coupon.id : `${coupon.id}/${index}`,
    finding,
    isSlip,
  }));
}

interface Reading {
  readonly finding: CouponFinding;
  readonly isSlip: boolean;
}

function readings(coupon: Weld): readonly Reading[] {
  const { section, along, back, slip } = coupon;
  const isSlip = slip !== undefined;
  // Two runs that are fused throughout may each have gone little more than half the way.
  const isMeeting = section?.isThrough === true && isThroughBoth(coupon.joint);
  if (section !== null && !isMeeting) {
    const finding: CouponFinding = section.isThrough
      ? { by: 'sectionThrough' }
      : { by: 'section', depth: mm(section.depthMm) };
    return [{ finding, isSlip }];
  }
  if (along === undefined) return [{ finding: lookFinding(coupon, back), isSlip }];
  return along.map((stretch) => ({
    finding: lookFinding(coupon, stretch.back),
    isSlip: isSlip || stretch.slip !== null,
  }));
}
