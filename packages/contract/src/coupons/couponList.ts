import { seamKinds } from '@lone-heron/core';
import { z } from 'zod';
import { backLooks, couponSchema } from './coupon.js';
import { clientId, oneOf } from '../wire/bounded.js';

/** What a list of coupons can be sorted by. */
const couponSorts = ['number', 'weldedAt', 'thicknessMm', 'powerW', 'travelMmS'] as const;
export type CouponSort = (typeof couponSorts)[number];

/** What a list of coupons can be gathered under. */
export const couponGroupings = ['machineId', 'metal', 'kind', 'personId', 'back'] as const;
export type CouponGrouping = (typeof couponGroupings)[number];

const day = z.iso.date({ error: 'a day such as 2027-03-31' });
const thickness = z.coerce.number({ error: 'a thickness in mm' }).min(0).max(100);

/** Which coupons are asked for; what is left out is not asked of them. */
const filterFields = {
  machineId: z.string().max(60).optional(),
  /** Welded on a machine that stands in this workshop now. */
  workshopId: clientId.optional(),
  metal: z.string().max(60).optional(),
  kind: oneOf(seamKinds).optional(),
  personId: z.string().max(60).optional(),
  back: oneOf(backLooks).optional(),
  ladderId: clientId.optional(),
  /** With `no`, slips of the hand are left out; with `only`, nothing else is listed. */
  slips: oneOf(['no', 'only']).optional(),
  thinnestMm: thickness.optional(),
  thickestMm: thickness.optional(),
  /** Welded on this day or later, and on this day or earlier, in UTC. */
  from: day.optional(),
  to: day.optional(),
  /** Words that the remark holds, or the number of a coupon. */
  words: z.string().trim().max(100).optional(),
} as const;

export const couponFilterSchema = z.strictObject(filterFields);
export type CouponFilter = z.infer<typeof couponFilterSchema>;

/** What a list of coupons can be asked for. */
export const couponQuerySchema = z.strictObject({
  ...filterFields,
  sort: oneOf(couponSorts).default('number'),
  order: oneOf(['up', 'down']).default('down'),
  offset: z.coerce.number({ error: 'a whole number of 0 or more' }).int().min(0).default(0),
  limit: z.coerce.number({ error: 'a whole number from 1 to 200' }).int().min(1).max(200).default(50),
});
export type CouponQuery = z.infer<typeof couponQuerySchema>;

/** A stretch of the list, with how long it is. */
export const couponPageSchema = z.strictObject({
  coupons: z.array(couponSchema),
  /** Total of coupons that match, taken-back ones left out. */
  total: z.int().nonnegative(),
  offset: z.int().nonnegative(),
});
export type CouponPage = z.infer<typeof couponPageSchema>;

export const couponGroupQuerySchema = z.strictObject({ ...filterFields, by: oneOf(couponGroupings) });
export type CouponGroupQuery = z.infer<typeof couponGroupQuerySchema>;

/** How many coupons there are under each heading. */
export const couponGroupsSchema = z.array(
  z.strictObject({
    value: z.string(),
    count: z.int().positive(),
    /** How many of them reach and are not too hot: an even back. */
    even: z.int().nonnegative(),
  }),
);
export type CouponGroups = z.infer<typeof couponGroupsSchema>;
