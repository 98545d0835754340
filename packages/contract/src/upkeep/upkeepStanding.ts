import { z } from 'zod';
import { moment } from '../wire/bounded.js';
import { upkeepPlanSchema } from './upkeepPlan.js';

const doneSchema = z.strictObject({
  at: moment,
  personId: z.string(),
  /** What was read; empty for nothing. */
  value: z.string(),
  photoId: z.string().nullable(),
  /** Share of the interval that had run: 1 is on the day; null for the first and where nothing says when. */
  share: z.number().nullable(),
});
/** A time that a task was done. */
export type UpkeepDone = z.infer<typeof doneSchema>;

const standingSchema = z.strictObject({
  taskId: z.string(),
  /** Newest first, as far back as the records reach. */
  done: z.array(doneSchema),
  /** Share of the interval that has run since; null where it was never done, or for a condition. */
  share: z.number().nullable(),
  /** When it is due as things go; null where nothing says when. */
  dueAt: moment.nullable(),
});
/** Where a task stands. */
export type UpkeepStanding = z.infer<typeof standingSchema>;

/** A machine's upkeep with where each task stands. */
export const machineUpkeepSchema = z.strictObject({
  plan: upkeepPlanSchema,
  standings: z.array(standingSchema),
});
export type MachineUpkeep = z.infer<typeof machineUpkeepSchema>;
