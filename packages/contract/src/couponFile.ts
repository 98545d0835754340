import { z } from 'zod';
import { clientId } from './bounded.js';
import { couponDraftSchema } from './coupon.js';

/** Formats that coupons are written to and read from. */
export const couponFileFormats = ['csv', 'json', 'zip'] as const;
export type CouponFileFormat = (typeof couponFileFormats)[number];
export const readFormats = ['csv', 'json'] as const;
export type ReadFormat = (typeof readFormats)[number];

/** Largest file of coupons that is read, bytes, and the most coupons in it. */
export const largestCouponFile = 20 * 1024 * 1024;
export const mostCouponsInFile = 20_000;

/** What a JSON file of coupons says it is. */
export const couponFileName = 'lone-heron-coupons';
export const couponFileVersion = 1;

/** A rung is of a ladder of this shop, which a file does not carry. */
const { rung: _rung, ...carried } = couponDraftSchema.shape;

/** One coupon in a file: what was logged, and its id where it came from this application. */
export const filedCouponSchema = z.strictObject({
  ...carried,
  id: clientId.optional(),
  /** Id of a person of this shop; left out, it is whoever reads the file in. */
  personId: z.string().max(60).optional(),
});
export type FiledCoupon = z.infer<typeof filedCouponSchema>;

/** What would become of one row of a file. */
export const fileRowSchema = z.strictObject({
  /** Line of a CSV, counted from 1 with the head; place in a JSON list, counted from 1. */
  row: z.int().positive(),
  standing: z.enum(['new', 'duplicate', 'wrong']),
  /** The coupon in a few words; empty where it cannot be read. */
  words: z.string(),
  /** Why it is wrong, or what it is a duplicate of. */
  reasons: z.array(z.string()),
});
export type FileRow = z.infer<typeof fileRowSchema>;

/** What would become of a file. Nothing is stored by it. */
export const filePreviewSchema = z.strictObject({
  /** SHA-256 of the file; what is confirmed is what was shown. */
  hash: z.string().regex(/^[0-9a-f]{64}$/),
  rows: z.array(fileRowSchema),
  /** Columns that nobody knows; they are left out. */
  unknownColumns: z.array(z.string()),
});
export type FilePreview = z.infer<typeof filePreviewSchema>;

/** What came of a file. */
export const fileStoredSchema = z.strictObject({ stored: z.int().nonnegative() });
