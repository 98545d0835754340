import { z } from 'zod';
import { clientId, oneOf } from '../wire/bounded.js';
import { couponFilterSchema } from '../coupons/couponList.js';
import { couponDraftSchema } from '../coupons/coupon.js';
import { couponTestSchema } from '../inspection/couponTest.js';
import { photoSchema } from '../photos/photo.js';

/** Formats that coupons are written to and read from. */
export const couponFileFormats = ['csv', 'json', 'zip'] as const;
export type CouponFileFormat = (typeof couponFileFormats)[number];

/** Largest file of coupons that is read, bytes, by its format, and the most coupons in it. */
export const largestCouponFile: Readonly<Record<CouponFileFormat, number>> = {
  csv: 20 * 1024 * 1024,
  json: 20 * 1024 * 1024,
  zip: 200 * 1024 * 1024,
};
export const mostCouponsInFile = 20_000;

/** Units that the columns of a CSV are written in; the usual ones where left out. A file is read in any of them. */
const columnUnitsSchema = z.strictObject({
  length: oneOf(['mm', 'in']).default('mm'),
  travel: oneOf(['mm/s', 'cm/min', 'in/min']).default('mm/s'),
  gasFlow: oneOf(['L/min', 'CFH']).default('L/min'),
});
export type ColumnUnits = z.infer<typeof columnUnitsSchema>;

/** Which coupons are taken out as a file, and how its columns measure. */
export const couponsOutSchema = z.strictObject({ ...couponFilterSchema.shape, ...columnUnitsSchema.shape });
export type CouponsOut = z.infer<typeof couponsOutSchema>;

/** What a JSON file of coupons says it is. */
export const couponFileName = 'lone-heron-coupons';
export const couponFileVersion = 1;

/** A rung is of a ladder of this shop, which a file does not carry. */
const { rung: _rung, ...carried } = couponDraftSchema.shape;

/** One coupon in a file: what was logged, and its id where it came from this application. */
export const filedCouponSchema = z.strictObject({
  ...carried,
  id: clientId.optional(),
  /** Its number in the shop it comes from. A shop that reads it in gives it one of its own. */
  number: z.int().positive().optional(),
  /** Id or name of a person of this shop; left out, it is whoever reads the file in. */
  personId: z.string().max(60).optional(),
});
export type FiledCoupon = z.infer<typeof filedCouponSchema>;

/** A photo in a ZIP: its picture lies beside it under its hash. */
export const filedPhotoSchema = photoSchema;
export type FiledPhoto = z.infer<typeof filedPhotoSchema>;

/** A test in a ZIP. When it was stored is each shop's own. */
export const filedTestSchema = couponTestSchema.omit({ recordedAt: true, withdrawnAt: true });
export type FiledTest = z.infer<typeof filedTestSchema>;

/** What a row of a file may be. */
export const filedNouns = ['coupon', 'photo', 'test'] as const;
export type FiledNoun = (typeof filedNouns)[number];

/** What would become of one row of a file. */
const fileRowSchema = z.strictObject({
  of: z.enum(filedNouns),
  /** Line of a CSV, counted from 1 with the head; place in a JSON list, counted from 1. */
  row: z.int().positive(),
  standing: z.enum(['new', 'duplicate', 'wrong']),
  /** What it is in a few words; empty where it cannot be read. */
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
export const fileStoredSchema = z.strictObject({
  coupons: z.int().nonnegative(),
  photos: z.int().nonnegative(),
  tests: z.int().nonnegative(),
});
export type FileStored = z.infer<typeof fileStoredSchema>;
