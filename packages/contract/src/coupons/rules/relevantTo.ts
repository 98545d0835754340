import { findMetal, metalTable, seamKinds, seamRow, type MetalId, type SeamKind } from '@lone-heron/core';
import type { Joint } from '../../joint/joint.js';
import type { RelevantQuery } from '../relevantCoupons.js';

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
