import { dialledMetals, shieldingGases } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText } from '../wire/bounded.js';
import { couponRanges } from '../coupons/coupon.js';

/** Where figures of the light log may lie. */
export const lightRanges = {
  minutes: { quantity: 'light on', min: 0.1, max: 1440, unit: 'min' },
  power: { quantity: 'mean power', min: 10, max: 6000, unit: 'W' },
  gunAngle: couponRanges.gunAngle,
} as const;

/** Welding besides coupons: how long the light was on, and with what. */
export const lightDraftSchema = z.strictObject(
  {
    machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
    minutes: boundedNumber(lightRanges.minutes),
    /** While the light was on. */
    powerW: boundedNumber(lightRanges.power),
    metal: oneOf(dialledMetals),
    gas: oneOf(shieldingGases),
    /** Of the bottle, as its label says; empty where nobody looked. */
    batch: shortText(40),
    gunAngleDeg: boundedNumber(lightRanges.gunAngle),
    /** Whether the light came on over a ramp. */
    isSoftStart: z.boolean({ error: 'true or false' }),
    weldedAt: moment,
  },
  { error: 'an entry of the light log' },
);
export type LightDraft = z.infer<typeof lightDraftSchema>;

/** An entry as it is kept; taken back, it keeps its row. */
export const lightEntrySchema = z.strictObject({
  ...lightDraftSchema.shape,
  id: clientId,
  personId: z.string(),
  windowId: clientId,
  recordedAt: moment,
  withdrawnAt: moment.nullable(),
});
export type LightEntry = z.infer<typeof lightEntrySchema>;
