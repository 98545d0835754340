import { z } from 'zod';
import { clientId, moment, oneOf } from '../wire/bounded.js';

/** What a photo of a coupon shows. */
export const photoSubjects = ['face', 'back', 'section', 'test', 'other'] as const;
export type PhotoSubject = (typeof photoSubjects)[number];

/** Largest photo that is taken in, bytes. */
export const largestPhoto = 20 * 1024 * 1024;

/** Types of picture that are kept. */
const photoTypes = ['image/jpeg', 'image/png', 'image/webp'] as const;

/** Types of picture that are taken in, by their content and not by their name; HEIC, as phones write it, is kept as JPEG. */
export const sentPhotoTypes = [...photoTypes, 'image/heic', 'image/heif'] as const;

/** What comes with a photo's bytes. */
export const photoQuerySchema = z.strictObject({ subject: oneOf(photoSubjects) });
export type PhotoQuery = z.infer<typeof photoQuerySchema>;

const hashError = { error: '64 hexadecimal digits' };
const countError = { error: 'a whole number above 0' };
const count = z.int(countError).positive(countError);

/** A photo as it is kept: its bytes lie under their hash. */
export const photoSchema = z.strictObject({
  id: clientId,
  couponId: clientId,
  subject: oneOf(photoSubjects),
  /** SHA-256 of the stored bytes, hex. */
  hash: z.string(hashError).regex(/^[0-9a-f]{64}$/, hashError),
  type: oneOf(photoTypes),
  widthPx: count,
  heightPx: count,
  bytes: count,
  addedAt: moment,
  addedBy: z.string({ error: 'the id of a person of this shop' }),
});
export type Photo = z.infer<typeof photoSchema>;

/** What a photo of the shop, not of a coupon, shows. */
const shopPhotoSubjects = ['glass', 'statusPage', 'upkeep', 'job', 'trial'] as const;
export type ShopPhotoSubject = (typeof shopPhotoSubjects)[number];

/** What comes with the bytes of a photo of the shop. */
export const shopPhotoQuerySchema = z.strictObject({
  subject: oneOf(shopPhotoSubjects),
  machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
});
export type ShopPhotoQuery = z.infer<typeof shopPhotoQuerySchema>;

/** A photo of the shop as it is kept; what it belongs to names it. */
export const shopPhotoSchema = z.strictObject({
  ...photoSchema.omit({ couponId: true, subject: true }).shape,
  ...shopPhotoQuerySchema.shape,
});
export type ShopPhoto = z.infer<typeof shopPhotoSchema>;
