import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText } from '../wire/bounded.js';
import { bottleRanges } from '../supply/bottle.js';

/** What a step that is not met does: it stops the sequence until it is, it warns, or it only tells. */
export const stepWeights = ['stop', 'warn', 'inform'] as const;

/** What is read at a step; "none" is a plain check. */
export const stepReadings = ['none', 'coolant', 'room', 'bottle', 'flow'] as const;

const stepId = z
  .string({ error: 'an id of letters, digits and dashes' })
  .regex(/^[\w-]{1,40}$/, { error: 'an id of letters, digits and dashes' });

/** One step of a start-up or a shut-down. */
const stepSchema = z.strictObject(
  {
    id: stepId,
    title: shortText(90).min(1, { error: 'what is to be done, in a line' }),
    /** Why, or how to tell. */
    why: shortText(240),
    weight: oneOf(stepWeights),
    reads: oneOf(stepReadings),
    /** Which circuit a coolant step reads: 1 or 2. */
    circuit: z.union([z.literal(1), z.literal(2)], { error: '1 or 2' }),
  },
  { error: 'a step with id, title, why, weight, reads and circuit' },
);
export type Step = z.infer<typeof stepSchema>;

const phase = z
  .array(stepSchema, { error: 'a list of steps' })
  .min(1, { error: 'one step or more' })
  .max(40, { error: 'up to 40 steps' });

const steps = { startUp: phase, shutDown: phase };

/** Both phases of a template as a lead writes them. */
export const sequenceDraftSchema = z
  .strictObject({ ...steps, note: shortText(300) }, { error: 'a template with startUp, shutDown and note' })
  .check(({ value, issues }) => {
    const ids = [...value.startUp, ...value.shutDown].map(({ id }) => id);
    const twice = ids.find((id, index) => ids.indexOf(id) < index);
    if (twice === undefined) return;
    issues.push({
      code: 'custom',
      path: ['startUp'],
      input: twice,
      message: 'steps with an id of their own each',
    });
  });
export type SequenceDraft = z.infer<typeof sequenceDraftSchema>;

/** A machine's template as it stands; revision 0 is ours, made from the machine, before a lead has written one. */
export const sequenceSchema = z.strictObject({
  ...steps,
  machineId: z.string(),
  revision: z.int().nonnegative(),
});
export type Sequence = z.infer<typeof sequenceSchema>;

const coolant = { quantity: 'coolant', min: 0, max: 60, unit: '°C' };
const room = { quantity: 'room temperature', min: -20, max: 55, unit: '°C' };
const humidity = { quantity: 'humidity', min: 1, max: 100, unit: '%' };
const bottle = bottleRanges.pressure;
const flow = { quantity: 'gas flow', min: 0, max: 2000, unit: 'L/min' };
const torch = { quantity: 'pressure at the nozzle', min: 0, max: 12, unit: 'bar' };
const bore = { quantity: 'nozzle bore', min: 0.5, max: 12, unit: 'mm' };

/** What values of a reading can be, for the schema and for the one who types. */
export const readingRanges = { coolant, room, humidity, bottle, flow, torch, bore } as const;

/** The values that were read at a step. */
const stepReadingSchema = z.discriminatedUnion(
  'reads',
  [
    z.strictObject({ reads: z.literal('none') }),
    z.strictObject({ reads: z.literal('coolant'), coolantC: boundedNumber(coolant) }),
    z.strictObject({
      reads: z.literal('room'),
      roomC: boundedNumber(room),
      humidityPercent: boundedNumber(humidity),
    }),
    z.strictObject({ reads: z.literal('bottle'), bottleBar: boundedNumber(bottle) }),
    z.strictObject({
      reads: z.literal('flow'),
      flowLMin: boundedNumber(flow),
      torchBar: boundedNumber(torch),
      boreMm: boundedNumber(bore),
    }),
  ],
  { error: 'a reading with reads and its values' },
);
export type StepReading = z.infer<typeof stepReadingSchema>;

/** What is sent when a step was done, left out, or taken back. */
export const dayEntryDraftSchema = z
  .strictObject(
    {
      stepId,
      outcome: oneOf(['done', 'skipped', 'undone']),
      /** What was read; of the kind its step reads, and none where it was left out or taken back. */
      reading: stepReadingSchema,
      /** Why a step was left out. */
      reason: shortText(300),
    },
    { error: 'an entry with stepId, outcome, reading and reason' },
  )
  .check(({ value, issues }) => {
    if (value.outcome !== 'skipped' || value.reason !== '') return;
    issues.push({ code: 'custom', path: ['reason'], input: '', message: 'why the step was left out' });
  });
export type DayEntryDraft = z.infer<typeof dayEntryDraftSchema>;

/** An entry as it is kept, with what its values meant then. Never changed: what comes later is another entry. */
const dayEntrySchema = z.strictObject({
  id: clientId,
  stepId: z.string(),
  outcome: oneOf(['done', 'skipped', 'undone']),
  reading: stepReadingSchema,
  reason: z.string(),
  isMet: z.boolean(),
  /** What the reading meant; empty for a plain check. */
  words: z.string(),
  at: moment,
  personId: z.string(),
});
export type DayEntry = z.infer<typeof dayEntrySchema>;

/** A machine's day: from its start-up to the end of its shut-down, over midnight where a shift runs on. */
export const daySchema = z.strictObject({
  ...steps,
  id: clientId,
  machineId: z.string(),
  sequenceRevision: z.int().nonnegative(),
  openedAt: moment,
  openedBy: z.string(),
  /** When the shut-down was finished; null while the day is open. */
  closedAt: moment.nullable(),
  entries: z.array(dayEntrySchema),
});
export type Day = z.infer<typeof daySchema>;
