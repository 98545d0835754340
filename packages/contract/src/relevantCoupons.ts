import { dialledMetals, findMetal, metalTable, type MetalId } from '@lone-heron/core';
import { z } from 'zod';
import { oneOf } from './bounded.js';
import { couponSchema } from './coupon.js';
import { seamKinds, type Joint, type SeamKind } from './joint.js';

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

/** What is asked of the shop's coupons. */
export const relevantQuerySchema = z.strictObject({
  machineId: z.string().max(60),
  metal: oneOf(dialledMetals),
  kind: oneOf(seamKinds as [SeamKind, ...SeamKind[]]),
  thicknessMm: z.coerce.number({ error: 'a thickness in mm' }).min(0.05).max(100),
  /** With `only`, coupons of other machines are left out. */
  machine: oneOf(['any', 'only']).default('any'),
});
export type RelevantQuery = z.infer<typeof relevantQuerySchema>;
export type RelevantAsked = z.input<typeof relevantQuerySchema>;

/** Which coupons speak to a question, newest first, with how many were left out and why. */
export const relevantCouponsSchema = z.strictObject({
  coupons: z.array(couponSchema),
  /** Of the returned ones, how many are of this metal's family, joint's family and thickness. */
  alike: z.int().nonnegative(),
  leftOut: z.strictObject({
    /** Alike, and older than the budget goes back. */
    older: z.int().nonnegative(),
    /** Other metals, joints, thicknesses or machines beyond the budget. */
    unlike: z.int().nonnegative(),
  }),
});
export type RelevantCoupons = z.infer<typeof relevantCouponsSchema>;

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
