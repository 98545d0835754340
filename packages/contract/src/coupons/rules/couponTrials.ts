import {
  runsMeetFrom,
  triedSettings,
  type Aim,
  type TriedSetting,
  type TrialVerdict,
} from '@lone-heron/core';
import { areWeldedAlike } from '../../cards/rules/cardProof.js';
import type { BackLook, Coupon } from '../coupon.js';
import { isAskedRight, seenAt } from './couponLook.js';
import type { Joint } from '../../joint/joint.js';
import { coreSetting } from '../../joint/rules/toCore.js';

/** What was welded, as far as a setting is proven or refuted by it. */
export interface Trial {
  readonly joint: Joint;
  readonly machineId: string;
}

type Weld = Pick<
  Coupon,
  'machineId' | 'joint' | 'setting' | 'back' | 'lookedAt' | 'slip' | 'section' | 'withdrawnAt' | 'along'
>;

/**
 * What came of the settings that this very joint was welded with on this machine: gathered by setting. Slips and
 * taken-back coupons count for nothing; a joint without a back that was asked for one counts for nothing but a hole.
 */
export function triedOf(
  coupons: readonly Weld[],
  { joint, machineId }: Trial,
  aim: Aim,
): readonly TriedSetting[] {
  const mine = coupons.filter(
    (coupon) =>
      coupon.machineId === machineId &&
      coupon.withdrawnAt === null &&
      coupon.slip === undefined &&
      areWeldedAlike(coupon.joint, joint),
  );
  return triedSettings(
    mine.flatMap((coupon) => {
      const verdict = verdictOf(coupon, aim);
      return verdict === null ? [] : [{ setting: coreSetting(coupon.setting), verdict }];
    }),
  );
}

function verdictOf(coupon: Weld, aim: Aim): TrialVerdict | null {
  const looks = [
    coupon.back,
    ...(coupon.along ?? []).filter(({ slip }) => slip === null).map(({ back }) => back),
  ];
  if (looks.includes('hole')) return 'hole';
  if (aim.kind === 'share') return shareVerdict(coupon, aim.share);
  if (seenAt(coupon.joint) === 'firstRun') return runsVerdict(coupon, looks);
  if (!isAskedRight(coupon)) return null;
  if (coupon.section !== null && !coupon.section.isThrough && seenAt(coupon.joint) === 'back') return 'short';
  if (looks.includes('none') || looks.includes('faint')) return 'short';
  return looks.includes('heavy') ? 'hot' : 'even';
}

/** Two runs meet where a section says so, or where the first already showed behind; without a mark only a section tells. */
function runsVerdict(coupon: Weld, looks: readonly BackLook[]): TrialVerdict | null {
  const { section } = coupon;
  if (section !== null)
    return section.isThrough || reachOf(coupon, section) >= runsMeetFrom ? 'even' : 'short';
  if (!isAskedRight(coupon)) return null;
  if (looks.includes('heavy')) return 'hot';
  return looks.every((look) => look === 'faint' || look === 'even') ? 'even' : null;
}

/** A share of the way is told by a section alone, or by a back that shows it went all the way. */
function shareVerdict(coupon: Weld, share: number): TrialVerdict | null {
  const { section } = coupon;
  if (section === null) return null;
  if (section.isThrough) return 'hot';
  const reach = reachOf(coupon, section);
  if (reach < share) return 'short';
  return reach > 1.35 * share ? 'hot' : 'even';
}

function reachOf({ joint }: Weld, { depthMm }: Extract<Weld['section'], { isThrough: false }>): number {
  return depthMm / Math.min(joint.firstThicknessMm, joint.secondThicknessMm);
}
