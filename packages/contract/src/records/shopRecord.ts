import {
  everyFaultCause,
  everyFaultCheck,
  everyFaultSymptom,
  type FaultCause,
  type FaultCheckName,
  type FaultSymptom,
} from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText } from '../wire/bounded.js';

/** Something that is answered on the way to a fault. */
type FaultAnswer = FaultSymptom | FaultCheckName;

const passed = z.boolean({ error: 'true or false' });

const photosError = { error: 'up to 6 photos' };
const specksError = { error: 'a whole number from 0' };
const specks = z.int(specksError).min(0, specksError);
const share = z.number({ error: 'a share from 0 to 1' }).min(0).max(1);

/** How a test line looked. */
export const testLineLooks = ['bright', 'dull', 'sparking'] as const;
export type TestLineLook = (typeof testLineLooks)[number];

/** What a gun can be switched over to in the course of a day. */
export const gunModes = ['weld', 'clean', 'cut', 'pulses'] as const;
export type GunMode = (typeof gunModes)[number];

/** What the shop writes down about a machine besides its days, kind by kind. */
const recordDetailSchema = z.discriminatedUnion(
  'kind',
  [
    z.strictObject({
      kind: z.literal('pointer'),
      /** The controller's offset after the correction, in its own steps. */
      offsetX: boundedNumber({ quantity: 'offset X', min: -2000, max: 2000, unit: 'steps' }),
      offsetY: boundedNumber({ quantity: 'offset Y', min: -2000, max: 2000, unit: 'steps' }),
      /** Where the dot sat before it: to the right of the middle and above it. */
      dotRightMm: boundedNumber({ quantity: 'dot to the right', min: -5, max: 5, unit: 'mm' }),
      dotUpMm: boundedNumber({ quantity: 'dot upwards', min: -5, max: 5, unit: 'mm' }),
    }),
    z.strictObject({
      kind: z.literal('focus'),
      /** Where the tube stands on its own scale when the line is brightest and narrowest. */
      tubeMm: boundedNumber({ quantity: 'tube', min: -30, max: 30, unit: 'mm' }),
    }),
    z.strictObject({ kind: z.literal('testLine'), look: oneOf(testLineLooks) }),
    z.strictObject({
      kind: z.literal('waterChange'),
      circuit: z.union([z.literal(1), z.literal(2)], { error: '1 or 2' }),
    }),
    z.strictObject({
      kind: z.literal('changeover'),
      to: oneOf(gunModes),
      /** Steps that were confirmed, all that the mode asks. */
      confirmed: z.array(shortText(40), { error: 'the ids of steps' }).max(20, { error: 'up to 20 steps' }),
      /** With the gas on; null where the mode blows none. */
      pressureBar: boundedNumber({
        quantity: 'pressure at the nozzle',
        min: 0.1,
        max: 25,
        unit: 'bar',
      }).nullable(),
      boreMm: boundedNumber({ quantity: 'bore', min: 0.5, max: 5, unit: 'mm' }).nullable(),
      /** What stands behind the work; empty where nothing goes on behind it. */
      behind: shortText(120),
    }),
    z.strictObject({ kind: z.literal('airFilter') }),
    z.strictObject({ kind: z.literal('dryerDrain') }),
    z.strictObject({ kind: z.literal('interlockTest'), passed }),
    z.strictObject({ kind: z.literal('barrierTest'), passed }),
    z.strictObject({ kind: z.literal('signsCheck'), passed }),
    z.strictObject({ kind: z.literal('extractionTest'), passed }),
    z.strictObject({
      kind: z.literal('fireWatch'),
      minutes: boundedNumber({ quantity: 'fire watch', min: 1, max: 600, unit: 'min' }),
    }),
    z.strictObject({
      kind: z.literal('hourCounter'),
      /** What the machine's own counter of light shows. */
      hours: boundedNumber({ quantity: 'hour counter', min: 0, max: 200_000, unit: 'h' }),
    }),
    z.strictObject({
      kind: z.literal('glass'),
      /** The window on the picture. */
      windowId: clientId,
      dark: specks,
      pale: specks,
      /** Share of the beam's footprint, and of the whole glass, that specks cover. */
      beamCovered: share,
      glassCovered: share,
      photoId: clientId.nullable(),
    }),
    z.strictObject({
      kind: z.literal('upkeep'),
      taskId: z.string({ error: 'the id of a task of the plan' }).max(40),
      /** What was read, as it was written; empty for nothing. */
      value: shortText(60),
      photoId: clientId.nullable(),
      /** When it was done, where it is written down later; the note then says why. */
      doneAt: moment.optional(),
    }),
    z.strictObject({
      kind: z.literal('fault'),
      /** What it was in the end. */
      cause: oneOf(everyFaultCause as readonly [FaultCause, ...FaultCause[]]),
      /** Symptoms and checks as they were answered on the way. */
      seen: z.partialRecord(
        oneOf([...everyFaultSymptom, ...everyFaultCheck] as [FaultAnswer, ...FaultAnswer[]]),
        oneOf(['yes', 'no']),
        { error: 'symptoms and checks by their names, each yes or no' },
      ),
      /** Pictures of the case, such as the machine's status page; left out in records from before there were any. */
      photoIds: z.array(clientId, photosError).max(6, photosError).optional(),
    }),
  ],
  { error: 'a record with kind and what belongs to it' },
);
export type RecordDetail = z.infer<typeof recordDetailSchema>;
export type RecordKind = RecordDetail['kind'];

/** A record as it is sent. */
export const shopRecordDraftSchema = z
  .strictObject(
    {
      machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
      detail: recordDetailSchema,
      note: shortText(500),
    },
    { error: 'a record with machineId, detail and note' },
  )
  .refine(({ detail, note }) => detail.kind !== 'upkeep' || detail.doneAt === undefined || note !== '', {
    path: ['note'],
    error: 'why it is dated back',
  });

export type ShopRecordDraft = z.infer<typeof shopRecordDraftSchema>;

/** A record as it is kept; taken back, it keeps its row. */
export const shopRecordSchema = z.strictObject({
  ...shopRecordDraftSchema.shape,
  id: clientId,
  at: moment,
  personId: z.string(),
  withdrawnAt: moment.nullable(),
});
export type ShopRecord = z.infer<typeof shopRecordSchema>;
