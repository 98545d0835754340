import { dialledMetals, seamKinds } from '@lone-heron/core';
import { z } from 'zod';
import { oneOf } from '../wire/bounded.js';
import { couponSchema } from './coupon.js';

/** What is asked of the shop's coupons. */
export const relevantQuerySchema = z.strictObject({
  machineId: z.string().max(60),
  metal: oneOf(dialledMetals),
  kind: oneOf(seamKinds),
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
    /** Alike, and older than the budget goes back; both are counted up to 200,000. */
    older: z.int().nonnegative(),
    /** Other metals, joints, thicknesses or machines beyond the budget. */
    unlike: z.int().nonnegative(),
  }),
});
export type RelevantCoupons = z.infer<typeof relevantCouponsSchema>;
