import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText } from '../wire/bounded.js';
import { testKinds, testResults } from '../inspection/couponTest.js';
import { weldMarkSchema } from './jobWeld.js';
import { mostSeamPhotos } from './weldRun.js';

/** What can be measured on a weld of a part, with what is allowed. */
export const checkRanges = {
  undercut: { quantity: 'undercut', min: 0, max: 10, unit: 'mm' },
  crown: { quantity: 'crown', min: 0, max: 10, unit: 'mm' },
  misalignment: { quantity: 'misalignment', min: 0, max: 10, unit: 'mm' },
  indication: { quantity: 'longest indication', min: 0, max: 500, unit: 'mm' },
} as const;
const measure = (name: keyof typeof checkRanges) => boundedNumber(checkRanges[name]).nullable();

/** A look at, or a test of, a weld of a job. */
export const weldCheckDraftSchema = z.strictObject(
  {
    jobId: clientId,
    mark: weldMarkSchema,
    /** Which of the batch's seams of that mark; null for all of them. */
    seam: z
      .int({ error: 'a whole number from 1, or null' })
      .min(1, { error: 'a whole number from 1, or null' })
      .nullable(),
    kind: oneOf(testKinds),
    result: oneOf(testResults),
    undercutMm: measure('undercut'),
    crownMm: measure('crown'),
    misalignmentMm: measure('misalignment'),
    indicationMm: measure('indication'),
    found: shortText(300),
    /** Photos of the shop that show what was found. */
    photoIds: z.array(clientId).max(mostSeamPhotos, { error: `up to ${mostSeamPhotos} photos` }),
    doneAt: moment,
  },
  { error: 'a check with jobId, mark, seam, kind and result' },
);
export type WeldCheckDraft = z.infer<typeof weldCheckDraftSchema>;

/** A check as it is kept. */
export const weldCheckSchema = z.strictObject({
  ...weldCheckDraftSchema.shape,
  id: clientId,
  personId: z.string(),
  recordedAt: moment,
  withdrawnAt: moment.nullable(),
});
export type WeldCheck = z.infer<typeof weldCheckSchema>;
