import { clientId, couponDraftSchema, jointSchema, settingSchema } from '@lone-heron/contract';
import { z } from 'zod';
import { typedCouponSchema } from '../coupons/log/TypedCoupon.js';

/** A coupon being logged: what was welded is fixed when the log is opened, what was seen is typed. */
export const openLogSchema = z.object({
  /** Made once, so that a save tried twice is the same save. */
  id: clientId,
  machineId: z.string(),
  joint: jointSchema,
  setting: settingSchema,
  weldedAt: z.string(),
  /** The odds that were said before the weld. */
  stated: couponDraftSchema.shape.stated,
  rung: couponDraftSchema.shape.rung,
  ...typedCouponSchema.shape,
});
export type OpenLog = z.infer<typeof openLogSchema>;
