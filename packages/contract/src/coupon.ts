import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText } from './bounded.js';
import { jointSchema } from './joint.js';
import { settingSchema } from './setting.js';

/** What the back of a coupon looked like. */
export const backLooks = ['none', 'faint', 'even', 'heavy', 'hole'] as const;
export type BackLook = (typeof backLooks)[number];

/** A coupon as the client logs it. */
export const couponDraftSchema = z.strictObject(
  {
    machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
    joint: jointSchema,
    setting: settingSchema,
    back: oneOf(backLooks),
    /** Seconds the light was on; null where nobody timed it. */
    lightOnS: boundedNumber({ quantity: 'light on', min: 0.2, max: 600, unit: 's' }).nullable(),
    /** Length of the run; null where nobody measured it. */
    runLengthMm: boundedNumber({ quantity: 'length of run', min: 2, max: 3000, unit: 'mm' }).nullable(),
    remark: shortText(1000),
    /** When the client logged it, by its own clock. */
    weldedAt: moment,
  },
  { error: 'a coupon' },
);
export type CouponDraft = z.infer<typeof couponDraftSchema>;

/** A coupon as it is kept. */
export const couponSchema = z.strictObject({
  ...couponDraftSchema.shape,
  id: clientId,
  /** Who welded it: the person who was signed in. */
  personId: z.string(),
  /** The shop's running number. */
  number: z.int().positive(),
  machineRevision: z.int().positive(),
  /** The protective window that was fitted. */
  windowId: clientId,
  windowNumber: z.int().positive(),
  /** When the server stored it. */
  recordedAt: moment,
  /** Set where it was taken back; the record is kept. */
  withdrawnAt: moment.nullable(),
});
export type Coupon = z.infer<typeof couponSchema>;

/** Newest first, with what is needed to ask for the next page. */
export const couponPageSchema = z.strictObject({
  coupons: z.array(couponSchema),
  /** Total of coupons that match, taken-back ones left out. */
  total: z.int().nonnegative(),
  /** Pass as `before` for the next page; null at the end. */
  nextBefore: z.int().positive().nullable(),
});
export type CouponPage = z.infer<typeof couponPageSchema>;

/** What a list of coupons can be asked for. */
export const couponQuerySchema = z.strictObject({
  machineId: z.string().max(60).optional(),
  metal: z.string().max(60).optional(),
  /** Only coupons with a lower number. */
  before: z.coerce.number({ error: 'a coupon number' }).int().positive().optional(),
  limit: z.coerce.number({ error: 'a whole number from 1 to 200' }).int().min(1).max(200).default(50),
});
export type CouponQuery = z.infer<typeof couponQuerySchema>;

/**
 * Travel as it really was, mm/s: length of the run over the time the light was on; null where either is unknown.
 */
export function realTravelMmS({ lightOnS, runLengthMm }: Pick<CouponDraft, 'lightOnS' | 'runLengthMm'>) {
  return lightOnS === null || runLengthMm === null ? null : runLengthMm / lightOnS;
}
