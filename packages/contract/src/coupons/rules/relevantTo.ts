import { findMetal, metalTable, seamKinds, seamRow, type MetalId, type SeamKind } from '@lone-heron/core';
import type { Joint } from '../../joint/joint.js';
import type { Coupon } from '../coupon.js';
import type { RelevantCoupons, RelevantQuery } from '../relevantCoupons.js';

/** Kinds of joint whose coupons speak to a joint of this kind: welded alike. */
export function kindsLike(kind: SeamKind): readonly SeamKind[] {
  const { weldedAlike } = seamRow(kind);
  return seamKinds.filter((each) => seamRow(each).weldedAlike === weldedAlike);
}

/** Metals whose coupons speak to this one. */
export function metalsLike(metal: MetalId): readonly MetalId[] {
  const { family } = findMetal(metal);
  return Object.values(metalTable)
    .filter((each) => each.family === family)
    .map(({ id }) => id);
}

/** Sheet up to so many times as thick, or as thin, speaks to a joint. */
export const thicknessFactor = 2;

/** So many coupons are weighed at most. */
export const evidenceBudget = 200;

/** The question that a joint on a machine is. */
export function relevantTo(joint: Joint, machineId: string, machine: 'any' | 'only' = 'any'): RelevantQuery {
  return {
    machineId,
    metal: joint.metal,
    kind: joint.kind,
    thicknessMm: Math.min(joint.firstThicknessMm, joint.secondThicknessMm),
    machine,
  };
}

/**
 * Of coupons that are at hand, those that speak to a question, the alike ones first: what there is while the whole shop
 * cannot be asked.
 *
 * @param coupons newest first
 * @param total of the shop's coupons, those at hand among them
 */
export function relevantAmong(
  coupons: readonly Coupon[],
  total: number,
  { machineId, metal, kind, thicknessMm, machine }: RelevantQuery,
): RelevantCoupons {
  const [metals, kinds] = [metalsLike(findMetal(metal).id), kindsLike(kind)];
  const asked = coupons.filter((coupon) => machine === 'any' || coupon.machineId === machineId);
  const isAlike = ({ joint }: Coupon) =>
    metals.includes(joint.metal) &&
    kinds.includes(joint.kind) &&
    joint.firstThicknessMm >= thicknessMm / thicknessFactor &&
    joint.firstThicknessMm <= thicknessMm * thicknessFactor;
  const alike = asked.filter(isAlike);
  const others = asked.filter(
    (coupon) => !isAlike(coupon) && (coupon.machineId === machineId || metals.includes(coupon.joint.metal)),
  );
  const taken = [...alike, ...others].slice(0, evidenceBudget);
  return {
    coupons: taken,
    alike: Math.min(alike.length, evidenceBudget),
    // Which of those that are not at hand speak to it nobody can say now.
    leftOut: { older: total - coupons.length, unlike: coupons.length - taken.length },
  };
}
