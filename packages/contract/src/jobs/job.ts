import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText } from '../wire/bounded.js';
import { acceptanceSchema } from '../house/house.js';
import { jobBatchSchema } from './jobMaterial.js';
import { jobWorkSchema } from './jobWork.js';
import { jobLinks } from './jobLinks.js';
import { jobWeldSchema, mostWelds, weldMarkSchema } from './jobWeld.js';
import { weldCheckSchema } from './weldCheck.js';
import { weldRunSchema } from './weldRun.js';

const quantityError = { error: 'a whole number from 1 to 10000' };
const keyError = { error: 'a key of 1 to 12 letters and digits' };
const partKey = z.string(keyError).regex(/^[A-Za-z0-9]{1,12}$/, keyError);
const partCount = z
  .int({ error: 'a whole number from 1 to 500' })
  .min(1, { error: 'a whole number from 1 to 500' })
  .max(500, { error: 'a whole number from 1 to 500' });

/** A sub-assembly: welded before what it goes into. */
const jobPartSchema = z.strictObject(
  {
    key: partKey,
    name: shortText(60).min(1, { error: 'a name of up to 60 characters' }),
    /** How many of it go into one of what it goes into. */
    count: partCount,
    /** Key of the part it goes into; null for the whole. */
    into: partKey.nullable(),
  },
  { error: 'a part with key, name, count and into' },
);
export type JobPart = z.infer<typeof jobPartSchema>;

/** A drawing or photo of the part that marks are placed on. */
const jobPictureSchema = z.strictObject(
  {
    photoId: clientId,
    name: shortText(60),
    /** Its height over its width, so that places on it are lengths. */
    heightShare: boundedNumber({
      quantity: 'height of the picture',
      min: 0.02,
      max: 50,
      unit: 'of its width',
    }),
    /** Millimetres that its width stands for, read off a known measure; null where nobody measured. */
    widthMm: boundedNumber({ quantity: 'width of the picture', min: 1, max: 1e6, unit: 'mm' }).nullable(),
  },
  { error: 'a picture with photoId, name, heightShare and widthMm' },
);

/** How a batch is worked: each piece to its end, or each weld through all pieces. */
const jobRhythms = ['pieceByPiece', 'weldByWeld'] as const;

/** A whole part as it is planned; written anew as a whole. */
export const jobDraftSchema = z
  .strictObject(
    {
      name: shortText(80).min(1, { error: 'a name of up to 80 characters' }),
      reference: shortText(60),
      customer: shortText(80),
      /** Day it is due; null where nobody said. */
      dueOn: z.iso.date({ error: 'a day such as 2026-12-04, or null' }).nullable(),
      quantity: z.int(quantityError).min(1, quantityError).max(10_000, quantityError),
      notes: shortText(2000),
      machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
      level: acceptanceSchema,
      rhythm: oneOf(jobRhythms),
      parts: z.array(jobPartSchema).max(40, { error: 'up to 40 parts' }),
      pictures: z.array(jobPictureSchema).max(20, { error: 'up to 20 pictures' }),
      welds: z.array(jobWeldSchema).max(mostWelds, { error: `up to ${mostWelds} welds` }),
      /** Cleaning, cutting and pulses beside the welds; left out in jobs from before there were any. */
      works: z.array(jobWorkSchema).max(40, { error: 'up to 40 works' }).optional(),
      /** Marks in the order somebody made; null for the computed one. */
      order: z.array(weldMarkSchema).max(mostWelds).nullable(),
      /** Heats and batches of what really went in, as far as they are written down. */
      batches: z.array(jobBatchSchema).max(100, { error: 'up to 100 heats and batches' }),
      /** What changed; empty where nobody said. */
      why: shortText(300),
    },
    { error: 'a job with name, machineId, quantity, level, parts and welds' },
  )
  .check(({ value, issues }) => {
    for (const { path, given, allowed } of jobLinks(value))
      issues.push({ code: 'custom', path: [...path], input: given, message: allowed });
  });
export type JobDraft = z.infer<typeof jobDraftSchema>;

/** How far a job is. */
export const jobStates = ['planned', 'quoted', 'released', 'done'] as const;
export type JobState = (typeof jobStates)[number];
export const jobStateChangeSchema = z.strictObject({ state: oneOf(jobStates) }, { error: 'a state' });

const standing = {
  id: clientId,
  number: z.int().positive(),
  state: oneOf(jobStates),
  revision: z.int().positive(),
  madeAt: moment,
  madeBy: z.string(),
  changedAt: moment,
  /** Set where it was taken back; everything of it is kept. */
  withdrawnAt: moment.nullable(),
};

/** A seam somebody has in hand, so that nobody else begins it. */
const weldClaimSchema = z.strictObject({
  mark: weldMarkSchema,
  seam: z.int().positive(),
  personId: z.string(),
  at: moment,
});

/** A job with everything that was welded of it. */
export const jobSchema = z.strictObject({
  ...standing,
  draft: jobDraftSchema,
  runs: z.array(weldRunSchema),
  checks: z.array(weldCheckSchema),
  /** The windows it was welded through, those that came out since among them. */
  windows: z.array(z.strictObject({ id: clientId, number: z.int().positive() })),
  claims: z.array(weldClaimSchema),
});
export type Job = z.infer<typeof jobSchema>;

/** A job in the list: what it is, and how far. */
export const jobLineSchema = z.strictObject({
  ...standing,
  name: z.string(),
  reference: z.string(),
  customer: z.string(),
  dueOn: z.iso.date().nullable(),
  quantity: z.int().positive(),
  machineId: z.string(),
  /** Seams of the whole batch, and those that were welded or left out with a reason. */
  seams: z.int().nonnegative(),
  settled: z.int().nonnegative(),
  /** Light of its runs, s. */
  lightOnS: z.number().nonnegative(),
});
export type JobLine = z.infer<typeof jobLineSchema>;
