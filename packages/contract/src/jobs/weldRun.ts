import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText } from '../wire/bounded.js';
import { heardLightSchema } from '../telemetry/lightSpell.js';
import { settingSchema } from '../joint/setting.js';
import { weldMarkSchema } from './jobWeld.js';

/** What came of a go at a seam. */
const runOutcomes = ['welded', 'slipped', 'skipped'] as const;
export type RunOutcome = (typeof runOutcomes)[number];

const runRanges = {
  lightOn: { quantity: 'light on', min: 0, max: 36_000, unit: 's' },
  hands: { quantity: 'time of the hands', min: 0, max: 86_400, unit: 's' },
} as const;

/** Photos that a go or a check may have. */
export const mostSeamPhotos = 12;

const why = 'why it was left out or welded again';

/** A go at a seam of a job, as it was written down at the bench. */
export const weldRunDraftSchema = z
  .strictObject(
    {
      jobId: clientId,
      machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
      mark: weldMarkSchema,
      /** Which of the batch's seams of that mark, from 1. */
      seam: z.int({ error: 'a whole number from 1' }).min(1, { error: 'a whole number from 1' }).max(1e6),
      outcome: oneOf(runOutcomes),
      /** A seam that was welded before, and is mended. */
      isRepair: z.boolean({ error: 'true or false' }),
      /** By the clock of the bench page; null where nobody timed it. */
      lightOnS: boundedNumber(runRanges.lightOn).nullable(),
      /** What the machine itself said of its light; left out where nobody took it. */
      heard: heardLightSchema.optional(),
      /** From the end of the go before to the end of this one; null where nobody can say. */
      handsS: boundedNumber(runRanges.hands).nullable(),
      /** What was dialled; null for a seam that was left out. */
      dialled: settingSchema.nullable(),
      /** Where somebody dialled otherwise than the plan said. */
      isOtherwise: z.boolean({ error: 'true or false' }),
      gunAngleDeg: boundedNumber({ quantity: 'gun angle', min: 10, max: 90, unit: '°' }),
      /** The card it was welded by; null for Dial's answer or none. */
      card: z
        .strictObject({ cardId: clientId, version: z.int().positive() }, { error: 'cardId and version' })
        .nullable(),
      photoIds: z.array(clientId).max(mostSeamPhotos, { error: `up to ${mostSeamPhotos} photos` }),
      remark: shortText(300),
      weldedAt: moment,
    },
    { error: 'a go at a seam with jobId, mark, seam and outcome' },
  )
  .check(({ value, issues }) => {
    const refuse = (path: string, input: unknown, message: string) =>
      issues.push({ code: 'custom', path: [path], input, message });
    const wantsReason = value.outcome === 'skipped' || value.isRepair;
    if (wantsReason && value.remark === '') refuse('remark', value.remark, why);
    if (value.outcome === 'skipped' && value.lightOnS !== null)
      refuse('lightOnS', value.lightOnS, 'null: no light was on a seam that was left out');
    if (value.outcome !== 'skipped' && value.dialled === null)
      refuse('dialled', value.dialled, 'the setting it was welded with');
  });
export type WeldRunDraft = z.infer<typeof weldRunDraftSchema>;

/** A go as it is kept. */
export const weldRunSchema = z.strictObject({
  ...weldRunDraftSchema.shape,
  id: clientId,
  personId: z.string(),
  recordedAt: moment,
  /** The glass it was welded through; null where no light was on. */
  windowId: clientId.nullable(),
  withdrawnAt: moment.nullable(),
});
export type WeldRun = z.infer<typeof weldRunSchema>;

/** How long a go took, as it teaches what the next job takes. */
export const runTimeSchema = z.strictObject({
  outcome: oneOf(runOutcomes),
  lightOnS: z.number().nullable(),
  handsS: z.number().nullable(),
});
export type RunTime = z.infer<typeof runTimeSchema>;
