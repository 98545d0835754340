import { acceptanceCriteria, nozzleShapes } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText } from '../wire/bounded.js';
import { couponRanges } from '../coupons/coupon.js';
import { acceptanceSchema } from '../house/house.js';
import { jointSchema } from '../joint/joint.js';
import { settingSchema } from '../joint/setting.js';
import { ownedBy } from '../workshops/ownedBy.js';

/** What is said on a card beside joint and setting, with what is allowed. */
export const cardRanges = {
  focus: { quantity: 'focus above the surface', min: -10, max: 10, unit: 'mm' },
  bore: { quantity: 'bore', min: 0.5, max: 15, unit: 'mm' },
  gunAngle: couponRanges.gunAngle,
  gasBefore: { quantity: 'gas before light', min: 0, max: 10, unit: 's' },
  rampUp: { quantity: 'ramp at the start', min: 0, max: 5, unit: 's' },
  rampDown: { quantity: 'ramp at the end', min: 0, max: 5, unit: 's' },
  gasAfter: { quantity: 'gas after light', min: 0, max: 30, unit: 's' },
} as const;
const mostTags = 12;
const tagError = { error: `up to ${mostTags} different tags of 1 to 24 characters` };

/** A joint with its settings on a machine, and everything else a stranger needs to weld it again. */
export const cardContentSchema = z.strictObject(
  {
    name: shortText(80).min(1, { error: 'a name of up to 80 characters' }),
    machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
    joint: jointSchema,
    setting: settingSchema,
    nozzle: z.strictObject(
      {
        shape: oneOf(nozzleShapes),
        isGrooved: z.boolean({ error: 'true or false' }),
        boreMm: boundedNumber(cardRanges.bore),
      },
      { error: 'a nozzle with shape, isGrooved and boreMm' },
    ),
    /** Above the surface; negative inside the sheet. */
    focusMm: boundedNumber(cardRanges.focus),
    gunAngleDeg: boundedNumber(cardRanges.gunAngle),
    /** What the panel sets around the light; left out where nobody said. */
    gasBeforeS: boundedNumber(cardRanges.gasBefore).optional(),
    rampUpS: boundedNumber(cardRanges.rampUp).optional(),
    rampDownS: boundedNumber(cardRanges.rampDown).optional(),
    gasAfterS: boundedNumber(cardRanges.gasAfter).optional(),
    /** Technique, in the words of whoever welds it. */
    notes: shortText(2000),
    tags: z
      .array(z.string(tagError).trim().min(1, tagError).max(24, tagError), tagError)
      .max(mostTags, tagError)
      .refine((tags) => new Set(tags.map((tag) => tag.toLowerCase())).size === tags.length, tagError),
    /** What its tests must show, as the shop's level stood when the card was written. */
    level: acceptanceSchema,
  },
  {
    error: 'a card with name, machineId, joint, setting, nozzle, focusMm, gunAngleDeg, notes, tags and level',
  },
);
export type CardContent = z.infer<typeof cardContentSchema>;

/** Where a card was carried over from: it is to be proved anew on its own machine. */
const carriedSchema = z.strictObject(
  { cardId: clientId, version: z.int().positive() },
  { error: 'cardId and version of the card it was carried over from' },
);

/** A version as the client writes it. */
export const cardDraftSchema = z.strictObject(
  {
    content: cardContentSchema,
    /** What changed and why; asked for where the version before was signed. */
    why: shortText(300),
    carriedFrom: carriedSchema.nullable(),
  },
  { error: 'a version with content, why and carriedFrom' },
);
export type CardDraft = z.infer<typeof cardDraftSchema>;

/** A coupon that was welded by a version. */
const cardProofSchema = z.strictObject({
  couponId: clientId,
  couponNumber: z.int().positive(),
  addedAt: moment,
  addedBy: z.string(),
});

/** One thing the level asks, over all coupons of a version. */
const cardVerdictSchema = z.strictObject({
  criterion: oneOf(acceptanceCriteria),
  verdict: oneOf(['met', 'notMet', 'notTested']),
  asked: z.string(),
  found: z.string(),
});

/** Who wrote and signed a version in the shop it came from, by name; a signature counts in its own shop alone. */
const elsewhereSchema = z.strictObject({
  writtenBy: z.string(),
  writtenAt: moment,
  signedBy: z.string().nullable(),
  signedAt: moment.nullable(),
});

const cardVersionSchema = z.strictObject({
  ...cardDraftSchema.shape,
  version: z.int().positive(),
  /** Null for a version that was written in this shop. */
  elsewhere: elsewhereSchema.nullable(),
  madeAt: moment,
  madeBy: z.string(),
  signedAt: moment.nullable(),
  signedBy: z.string().nullable(),
  proofs: z.array(cardProofSchema),
  verdicts: z.array(cardVerdictSchema),
});
export type CardVersion = z.infer<typeof cardVersionSchema>;

/** A card as it is kept, its versions newest first. */
export const cardSchema = z.strictObject({
  id: clientId,
  number: z.int().positive(),
  retiredAt: moment.nullable(),
  versions: z.array(cardVersionSchema).min(1),
  workshopId: ownedBy,
});
export type Card = z.infer<typeof cardSchema>;

/** How far a card is: retired beats everything, then it goes by its newest version. */
export const cardStates = ['draft', 'proven', 'signed', 'retired'] as const;
export type CardState = (typeof cardStates)[number];
