import { z } from 'zod';
import { moment, shortText } from '../wire/bounded.js';
import { couponSchema } from '../coupons/coupon.js';
import { couponTestSchema } from '../inspection/couponTest.js';

/**
 * What a procedure asks that a card does not know: stated by the shop in its own words and never guessed. What nobody
 * stated is shown as a gap.
 */
export const procedureFields = [
  'number',
  'scope',
  'customer',
  'firstSpecification',
  'firstGroup',
  'secondSpecification',
  'secondGroup',
  'edgePreparation',
  'edgeCleaning',
  'jigging',
  'tackWelds',
  'sourceDesignation',
  'wavelength',
  'powerAtWork',
  'standoff',
  'pulseTimes',
  'rampUp',
  'rampDown',
  'endOverlap',
  'gasDesignation',
  'backingGas',
  'gasBefore',
  'gasAfter',
  'fillerDesignation',
  'fillerHandling',
  'preheat',
  'interpass',
  'runSequence',
  'postHeat',
  'finishing',
  'rangeMaterials',
  'rangeThickness',
  'rangeJoint',
  'rangeGap',
  'rangePower',
  'rangeSpeed',
  'rangeOther',
  'welderRecord',
  'examiner',
  'testReports',
  'remarks',
] as const;
export type ProcedureField = (typeof procedureFields)[number];

const fieldText = shortText(300);

/** Everything that was stated; empty where nothing was. */
const procedureStatedSchema = z.strictObject(
  Object.fromEntries(procedureFields.map((field) => [field, fieldText])) as Record<
    ProcedureField,
    typeof fieldText
  >,
  { error: `what is stated: ${procedureFields.join(', ')}` },
);
export type ProcedureStated = z.infer<typeof procedureStatedSchema>;

export const nothingStated = Object.fromEntries(
  procedureFields.map((field) => [field, '']),
) as ProcedureStated;

/** A revision of a procedure as it is written. */
export const procedureDraftSchema = z.strictObject(
  {
    /** Version of the card that it is filled from. */
    cardVersion: z.int({ error: 'a version of the card' }).positive({ error: 'a version of the card' }),
    stated: procedureStatedSchema,
    /** What changed; asked for from the second revision on. */
    why: shortText(300),
  },
  { error: 'a revision with cardVersion, stated and why' },
);
export type ProcedureDraft = z.infer<typeof procedureDraftSchema>;

/** A revision as it is kept; never changed but for its approval. */
const procedureRevisionSchema = z.strictObject({
  ...procedureDraftSchema.shape,
  revision: z.int().positive(),
  preparedAt: moment,
  preparedBy: z.string(),
  approvedAt: moment.nullable(),
  approvedBy: z.string().nullable(),
});
export type ProcedureRevision = z.infer<typeof procedureRevisionSchema>;

/** A card's procedure, and the coupons of the version its newest revision is filled from with their tests. */
export const cardProcedureSchema = z.strictObject({
  /** Newest first; none before anybody wrote one. */
  revisions: z.array(procedureRevisionSchema),
  welded: z.array(z.strictObject({ coupon: couponSchema, tests: z.array(couponTestSchema) })),
});
export type CardProcedure = z.infer<typeof cardProcedureSchema>;
export type WeldedCoupon = CardProcedure['welded'][number];

/** Where a line of a paper has its value from. */
const paperSources = ['card', 'machine', 'coupons', 'computed', 'stated'] as const;

const paperSectionSchema = z.strictObject({
  heading: z.string(),
  lines: z.array(
    z.strictObject({
      name: z.string(),
      /** In words, with its unit; null for a gap: what nobody has stated. */
      value: z.string().nullable(),
      from: z.enum(paperSources),
    }),
  ),
});
export type PaperSection = z.infer<typeof paperSectionSchema>;
export type PaperLine = PaperSection['lines'][number];

/** A procedure in a file: both papers, line by line as they are printed. */
export const procedureFileSchema = z.strictObject({
  format: z.literal('lone-heron-procedure'),
  version: z.literal(1),
  writtenAt: moment,
  /** Said in every file: what this is not. */
  caution: z.string().min(1),
  card: z.strictObject({ id: z.string(), number: z.int().positive(), version: z.int().positive() }),
  revision: z.int().positive().nullable(),
  preparedBy: z.string().nullable(),
  approvedBy: z.string().nullable(),
  procedure: z.array(paperSectionSchema),
  testRecord: z.array(paperSectionSchema),
});
