import { findMetal, metalTable, type MetalId } from '@lone-heron/core';
import type { Joint, SeamKind } from '../../joint/joint.js';
import type { RelevantQuery } from '../relevantCoupons.js';

/** Joints that are welded alike: through a sheet from edge to edge, into a corner, or through one sheet into another. */
const jointFamilies: readonly (readonly SeamKind[])[] = [
  ['butt', 'tubeButt', 'outsideCorner', 'edge'],
  ['tee', 'insideCorner', 'tubeToPlate', 'flareGroove'],
  ['lap', 'plug'],
];

/** Kinds of joint whose coupons speak to a joint of this kind. */
export function kindsLike(kind: SeamKind): readonly SeamKind[] {
  return jointFamilies.find((family) => family.includes(kind)) ?? [kind];
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
