import { z } from 'zod';
import { boundedNumber, clientId, shortText } from '../wire/bounded.js';
import { acceptanceSchema } from '../house/house.js';
import { testKinds } from '../inspection/couponTest.js';
import { jointSchema, wireDiametersMm } from '../joint/joint.js';

/** Where figures of a job's welds may lie. */
export const weldRanges = {
  length: { quantity: 'seam length', min: 1, max: 100_000, unit: 'mm' },
  lap: { quantity: 'lap past the start', min: 0, max: 200, unit: 'mm' },
  rampDown: { quantity: 'ramp at the end', min: 0, max: 5, unit: 's' },
  gapMost: { quantity: 'widest gap', min: 0, max: 12, unit: 'mm' },
  misalignment: { quantity: 'most misalignment', min: 0, max: 12, unit: 'mm' },
} as const;

/** Welds that one job lists. */
export const mostWelds = 500;

const countError = { error: 'a whole number from 1 to 500' };
const markError = { error: 'a mark of 1 to 12 letters, digits, dots or dashes, such as W3' };

/** How a weld is marked on the drawing. */
export const weldMarkSchema = z.string(markError).regex(/^[A-Za-z0-9][A-Za-z0-9.-]{0,11}$/, markError);

const share = boundedNumber({
  quantity: 'place on the picture',
  min: 0,
  max: 1,
  unit: 'of its width or height',
});
const pointSchema = z.strictObject({ x: share, y: share }, { error: 'a place with x and y' });

/** A seam on a picture of the part, from its start to its end, as shares of the picture's width and height. */
const placeSchema = z.strictObject(
  { photoId: clientId, from: pointSchema, to: pointSchema },
  { error: 'a place with photoId, from and to, or null' },
);

const wireError = { error: `null for none, or a diameter in mm: ${wireDiametersMm.join(', ')}` };

/** A weld of a job: the joint as Dial says it, how long and how often, and what it needs. */
export const jobWeldSchema = z.strictObject(
  {
    mark: weldMarkSchema,
    /** Key of the part it belongs to; null for the whole. */
    part: z.string({ error: 'the key of a part, or null' }).max(12).nullable(),
    joint: jointSchema,
    /** Wire it is to be welded with where no card says; null for none. */
    wireDiameterMm: z
      .number(wireError)
      .refine((mm) => wireDiametersMm.includes(mm), wireError)
      .nullable(),
    /** Of one seam, stitches and the spaces between them included. */
    lengthMm: boundedNumber(weldRanges.length),
    /** Seams alike in one of its part. */
    count: z.int(countError).min(1, countError).max(500, countError),
    /** A seam that ends where it began: how far it is taken past its start, and the ramp out there; null for one that ends. */
    closing: z
      .strictObject(
        { lapMm: boundedNumber(weldRanges.lap), rampDownS: boundedNumber(weldRanges.rampDown) },
        { error: 'lapMm and rampDownS, or null' },
      )
      .nullable(),
    /** How the part lies for it: "front lying flat"; welds of one pose need no turn between them. */
    pose: shortText(60),
    /** Where it is, in words. */
    where: shortText(120),
    place: placeSchema.nullable(),
    /** Marks of welds that must be done before it. */
    after: z.array(weldMarkSchema).max(60, { error: 'up to 60 marks' }),
    /** What is measured before light; null where nobody asks. */
    mostGapMm: boundedNumber(weldRanges.gapMost).nullable(),
    mostMisalignmentMm: boundedNumber(weldRanges.misalignment).nullable(),
    preparation: shortText(300),
    /** What it must show; null for the job's own level. */
    level: acceptanceSchema.nullable(),
    /** Tests asked for beside what its level asks. */
    tests: z.array(z.enum(testKinds, { error: `tests among ${testKinds.join(', ')}` })).max(testKinds.length),
    /** The card it is welded by where somebody chose; null for the one that fits best. */
    cardId: clientId.nullable(),
    notes: shortText(500),
  },
  { error: 'a weld with its mark, joint and lengthMm' },
);
export type JobWeld = z.infer<typeof jobWeldSchema>;
