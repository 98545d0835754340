import { faceSigns, seamColours, weldingSigns } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText, distinctOf } from '../wire/bounded.js';
import { jointSchema } from '../joint/joint.js';
import { heardLightSchema } from '../telemetry/lightSpell.js';
import { settingSchema } from '../joint/setting.js';

/** What the back of a coupon looked like. */
export const backLooks = ['none', 'faint', 'even', 'heavy', 'hole'] as const;
export type BackLook = (typeof backLooks)[number];

/** What a hand did that no setting is to blame for. */
export const handSlips = ['lifted', 'paused', 'snagged', 'restarted'] as const;
export type HandSlip = (typeof handSlips)[number];

/** What can be measured or typed of a coupon, with what is allowed. */
export const couponRanges = {
  lightOn: { quantity: 'light on', min: 0.2, max: 600, unit: 's' },
  runLength: { quantity: 'length of run', min: 2, max: 3000, unit: 'mm' },
  gunAngle: { quantity: 'gun angle', min: 10, max: 90, unit: '° from the sheet' },
  stretchEnd: { quantity: 'end of a stretch', min: 1, max: 3000, unit: 'mm' },
} as const;

/** A stretch of the run with a back of its own. It begins where the one before ends. */
const stretchSchema = z.strictObject(
  {
    toMm: boundedNumber(couponRanges.stretchEnd),
    back: oneOf(backLooks),
    slip: oneOf(handSlips).nullable(),
  },
  { error: 'a stretch with toMm, back and slip' },
);
export type Stretch = z.infer<typeof stretchSchema>;

const alongError = { error: 'up to 12 stretches, each ending further along the run than the one before' };
const alongSchema = z
  .array(stretchSchema, alongError)
  .min(1, alongError)
  .max(12, alongError)
  .refine((along) => along.every(({ toMm }, i) => i === 0 || toMm > (along[i - 1]?.toMm ?? 0)), alongError);

/** Chance of a look of the back. */
const chance = z.number({ error: 'a chance from 0 to 1' }).min(0).max(1);
const statedSchema = z.strictObject(
  { none: chance, faint: chance, even: chance, heavy: chance, hole: chance },
  { error: 'the chance of each look of the back' },
);

/**
 * What was seen, felt and done beside the back of the whole run. All of it may be left out: records from before it was
 * asked have none of it.
 */
const observedFields = {
  /**
   * What the look is of where it is not the back. Toes and far side, of a joint without a back: none, its toes are not
   * wetted; faint, one of them is; even, both and nothing shows; heavy, it shows on the far side; hole. The back after the
   * first of two runs, before the second covers it. Left out for a look at the back.
   */
  lookedAt: oneOf(['toes', 'firstRun']).optional(),
  /** The back by stretch along the run, each a reading of its own; the last ends with the run. */
  along: alongSchema.optional(),
  /** A slip of the hand keeps the whole coupon out of the evidence. */
  slip: oneOf(handSlips).optional(),
  face: distinctOf(faceSigns).optional(),
  /** Colour on the left and on the right of the seam, seen along the travel. */
  colour: z
    .strictObject(
      { left: oneOf(seamColours), right: oneOf(seamColours) },
      { error: 'the colour left and right' },
    )
    .optional(),
  welding: distinctOf(weldingSigns).optional(),
  /** Gun from the sheet. */
  gunAngleDeg: boundedNumber(couponRanges.gunAngle).optional(),
  /** The odds of each look as they were said before the weld; kept to see whether 80 % is really 80 %. */
  stated: statedSchema.optional(),
  /** Why it is written down later than it was welded; left out for one that was logged at once. */
  datedBack: shortText(300).optional(),
  /** What the machine itself said of its light; left out where nobody took it. */
  heard: heardLightSchema.optional(),
  /** Rung of a ladder that this coupon is. */
  rung: z
    .strictObject(
      { ladderId: clientId, index: z.int({ error: 'the index of a rung' }).min(0).max(47) },
      { error: 'a rung with ladderId and index' },
    )
    .optional(),
} as const;
export const observedKeys = Object.keys(observedFields) as readonly (keyof typeof observedFields)[];

/** A coupon as the client logs it. */
export const couponDraftSchema = z.strictObject(
  {
    machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
    joint: jointSchema,
    setting: settingSchema,
    back: oneOf(backLooks),
    /** Seconds the light was on; null where nobody timed it. */
    lightOnS: boundedNumber(couponRanges.lightOn).nullable(),
    /** Length of the run; null where nobody measured it. */
    runLengthMm: boundedNumber(couponRanges.runLength).nullable(),
    remark: shortText(1000),
    /** When the client logged it, by its own clock. */
    weldedAt: moment,
    ...observedFields,
  },
  { error: 'a coupon' },
);
export type CouponDraft = z.infer<typeof couponDraftSchema>;

/** What the newest section of a coupon showed. */
const sectionFoundSchema = z.discriminatedUnion('isThrough', [
  z.strictObject({ isThrough: z.literal(false), depthMm: z.number().positive() }),
  z.strictObject({ isThrough: z.literal(true) }),
]);

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
  /** 1 as it was logged, one more with each amendment. */
  revision: z.int().positive(),
  /** What the newest section showed; null where none was cut. */
  section: sectionFoundSchema.nullable(),
});
export type Coupon = z.infer<typeof couponSchema>;

/** What a coupon is amended to, all of it: machine, moment and setting too, but for a rung of a ladder, whose setting is the ladder's. */
export const couponAmendmentSchema = z.strictObject(
  {
    draft: couponDraftSchema,
    why: shortText(300).min(1, { error: 'why it is amended, up to 300 characters' }),
  },
  { error: 'an amendment with draft and why' },
);
export type CouponAmendment = z.infer<typeof couponAmendmentSchema>;

/** What a coupon said before it was amended. */
export const couponEntrySchema = z.strictObject({
  revision: z.int().positive(),
  draft: couponDraftSchema,
  /** Why the next one was written, when and by whom. */
  why: z.string(),
  supersededAt: moment,
  supersededBy: z.string(),
});
export type CouponEntry = z.infer<typeof couponEntrySchema>;
