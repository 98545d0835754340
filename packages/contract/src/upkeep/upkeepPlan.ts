import { type UpkeepInterval } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, oneOf, shortText } from '../wire/bounded.js';
import { stockKinds } from '../stock/stockItem.js';

const idError = { error: 'an id of letters, digits and dashes' };

export const upkeepRanges = {
  days: { quantity: 'every', min: 1, max: 3650, unit: 'days' },
  hours: { quantity: 'every', min: 0.5, max: 5000, unit: 'light-on hours' },
  count: { quantity: 'every', min: 1, max: 10_000, unit: 'days the machine ran' },
} as const;

const intervalSchema = z.discriminatedUnion(
  'by',
  [
    z.strictObject({ by: z.literal('date'), days: boundedNumber(upkeepRanges.days) }),
    z.strictObject({ by: z.literal('lightHours'), hours: boundedNumber(upkeepRanges.hours) }),
    /** Counted in days on which the machine was started up. */
    z.strictObject({ by: z.literal('count'), count: boundedNumber(upkeepRanges.count) }),
    z.strictObject({ by: z.literal('condition') }),
  ],
  { error: 'an interval by date (days), lightHours (hours), count (count) or condition' },
) satisfies z.ZodType<UpkeepInterval>;

/** Records that count as the task done, written elsewhere in the application. */
const upkeepRecords = [
  'waterChange1',
  'waterChange2',
  'airFilter',
  'dryerDrain',
  'interlockTest',
  'barrierTest',
  'extractionTest',
  'pointer',
  'focus',
] as const;
export type UpkeepRecord = (typeof upkeepRecords)[number];

/** Something that is to be done again and again. */
const taskSchema = z.strictObject(
  {
    id: z.string(idError).regex(/^[\w-]{1,40}$/, idError),
    title: shortText(80).min(1, { error: 'what is to be done, in a line' }),
    /** When it is due, or for a condition how to tell. */
    how: shortText(300),
    interval: intervalSchema,
    /** The part it is about, whose guided steps are shown; null for none. */
    part: oneOf([...stockKinds, 'water']).nullable(),
    /** A record that counts as this done; null where it is ticked here alone. */
    record: oneOf(upkeepRecords).nullable(),
    /** What is read and written down when it is done, such as mm of bore; empty for nothing. */
    reads: shortText(40),
  },
  { error: 'a task with id, title, how, interval, part, record and reads' },
);
export type UpkeepTask = z.infer<typeof taskSchema>;

const tasksError = { error: 'up to 60 tasks' };

/** A machine's upkeep as a lead writes it. */
export const upkeepDraftSchema = z
  .strictObject(
    { tasks: z.array(taskSchema, tasksError).max(60, tasksError), note: shortText(300) },
    { error: 'a plan with tasks and note' },
  )
  .check(({ value, issues }) => {
    const ids = value.tasks.map(({ id }) => id);
    const twice = ids.find((id, index) => ids.indexOf(id) < index);
    if (twice === undefined) return;
    issues.push({
      code: 'custom',
      path: ['tasks'],
      input: twice,
      message: 'tasks with an id of their own each',
    });
  });
export type UpkeepDraft = z.infer<typeof upkeepDraftSchema>;

/** A machine's upkeep as it stands; revision 0 is ours, made from the machine, before a lead has written one. */
export const upkeepPlanSchema = z.strictObject({
  machineId: z.string(),
  revision: z.int().nonnegative(),
  tasks: z.array(taskSchema),
});
export type UpkeepPlan = z.infer<typeof upkeepPlanSchema>;
