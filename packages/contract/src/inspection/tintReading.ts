import { dialledMetals, tints } from '@lone-heron/core';
import { z } from 'zod';
import { couponSchema } from '../coupons/coupon.js';
import { boundedNumber, oneOf } from '../wire/bounded.js';

/** A length off a face photo with its reading error, mm; to the right of the line it is negative. */
export const tintLength = (quantity: string, min: number) =>
  z.strictObject(
    {
      mm: boundedNumber({ quantity, min, max: 100, unit: 'mm' }),
      giveMm: boundedNumber({ quantity: `reading error of the ${quantity}`, min: 0, max: 20, unit: 'mm' }),
    },
    { error: 'a length with mm and giveMm' },
  );

/** Width over everything that is at least so coloured. */
export const tintWidths = z.strictObject(
  Object.fromEntries(tints.map((tint) => [tint, tintLength(`width of ${tint}`, 0).optional()])) as {
    [Name in (typeof tints)[number]]: z.ZodOptional<ReturnType<typeof tintLength>>;
  },
  { error: `widths among ${tints.join(', ')}` },
);

/** Which metal’s colours are asked for; its family’s speak too. */
export const tintQuerySchema = z.strictObject({ metal: oneOf(dialledMetals) });
export type TintQuery = z.infer<typeof tintQuerySchema>;

/** Colours read off the face of a coupon, with the coupon. */
export const couponTintSchema = z.strictObject({ coupon: couponSchema, widths: tintWidths });
export type CouponTint = z.infer<typeof couponTintSchema>;
