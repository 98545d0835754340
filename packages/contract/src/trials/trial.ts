import { pieceLooks, pulseLooks, stripLooks } from '@lone-heron/core';
import { z } from 'zod';
import { modeLooks } from '../modes/modeLooks.js';
import { modeSettingSchema } from '../modes/modeSetting.js';
import { modeWorkSchema } from '../modes/modeWork.js';
import { boundedNumber, clientId, moment, oneOf, shortText } from '../wire/bounded.js';

const allLooks = [...new Set([...stripLooks, ...pieceLooks, ...pulseLooks])] as unknown as readonly [
  (typeof stripLooks | typeof pieceLooks | typeof pulseLooks)[number],
];

/** Photos of one trial. */
export const mostTrialPhotos = 6;

/** What can be measured of a trial, with what is allowed. */
export const trialRanges = {
  lightOn: { quantity: 'light on', min: 0.01, max: 3600, unit: 's' },
  kerf: { quantity: 'kerf', min: 0.01, max: 5, unit: 'mm' },
} as const;

const fields = {
  machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
  work: modeWorkSchema,
  setting: modeSettingSchema,
};

/** A strip that was cleaned, a piece that was cut, a spot or a seam of spots, as the client logs it. */
export const trialDraftSchema = z
  .strictObject(
    {
      ...fields,
      look: oneOf(allLooks),
      /** Whether colour is left where tint was cleaned; null where it is no matter or nobody looked. */
      isTintLeft: z.boolean({ error: 'true, false or null' }).nullable(),
      /** Measured on the piece; null where nobody did. */
      kerfMm: boundedNumber(trialRanges.kerf).nullable(),
      /** Whether the setting was sent and the panel said ready; null on a machine that asks for no sending. */
      wasSent: z.boolean({ error: 'true, false or null' }).nullable(),
      /** Null where nobody timed it. */
      lightOnS: boundedNumber(trialRanges.lightOn).nullable(),
      /** Chance of the look that was seen, as it was said before; null where none was said. */
      stated: z.number({ error: 'a chance from 0 to 1, or null' }).min(0).max(1).nullable(),
      ladder: z
        .strictObject(
          { ladderId: clientId, index: z.int({ error: 'the index of a rung' }).min(0).max(11) },
          { error: 'a rung with ladderId and index, or null' },
        )
        .nullable(),
      photoIds: z
        .array(clientId, { error: 'the ids of photos' })
        .max(mostTrialPhotos, { error: `up to ${mostTrialPhotos} photos` }),
      remark: shortText(1000),
      /** By the client's own clock. */
      madeAt: moment,
    },
    { error: 'a trial' },
  )
  .check(({ value, issues }) => {
    const { work, setting, look } = value;
    const refuse = (path: string, input: unknown, message: string) =>
      issues.push({ code: 'custom', path: [path], input, message });
    if (setting.mode !== work.mode) refuse('setting', setting.mode, `a setting to ${work.mode}`);
    const looks: readonly string[] = modeLooks[work.mode];
    if (!looks.includes(look)) refuse('look', look, `one of ${looks.join(', ')}`);
    if (value.kerfMm !== null && work.mode !== 'cut')
      refuse('kerfMm', value.kerfMm, 'null: only a cut has a kerf');
    if (value.isTintLeft !== null && work.mode !== 'clean')
      refuse('isTintLeft', value.isTintLeft, 'null: only a cleaned strip has tint left');
  });
export type TrialDraft = z.infer<typeof trialDraftSchema>;

/** A trial as it is kept. */
export const trialSchema = z.strictObject({
  ...trialDraftSchema.shape,
  id: clientId,
  personId: z.string(),
  /** The shop's running number of trials. */
  number: z.int().positive(),
  machineRevision: z.int().positive(),
  /** The protective window that was fitted; null where none is known. */
  windowId: clientId.nullable(),
  recordedAt: moment,
  /** Set where it was taken back; the record is kept. */
  withdrawnAt: moment.nullable(),
});
export type Trial = z.infer<typeof trialSchema>;

/** Knobs of a mode that a ladder climbs. */
export const trialKnobs = [
  'powerW',
  'paceMmS',
  'dutyPercent',
  'passes',
  'rateHz',
  'currentA',
  'pulseMs',
] as const;
export type TrialKnob = (typeof trialKnobs)[number];

/** A run of trials that changes one knob on purpose. */
export const trialLadderDraftSchema = z
  .strictObject(
    {
      ...fields,
      name: shortText(60).min(1, { error: 'a name of up to 60 characters' }),
      knob: oneOf(trialKnobs),
      values: z
        .array(z.number({ error: 'a number' }), { error: '2 to 12 values' })
        .min(2, { error: '2 to 12 values' })
        .max(12, { error: '2 to 12 values' }),
    },
    { error: 'a ladder with name, machineId, work, setting, knob and values' },
  )
  .check(({ value: { work, setting, knob }, issues }) => {
    if (setting.mode !== work.mode)
      issues.push({
        code: 'custom',
        path: ['setting'],
        input: setting.mode,
        message: `a setting to ${work.mode}`,
      });
    if (!(knob in setting)) {
      const message = `a knob of ${work.mode}: ${trialKnobs.filter((each) => each in setting).join(', ')}`;
      issues.push({ code: 'custom', path: ['knob'], input: knob, message });
    }
  });
export type TrialLadderDraft = z.infer<typeof trialLadderDraftSchema>;

export const trialLadderSchema = z.strictObject({
  ...trialLadderDraftSchema.shape,
  id: clientId,
  number: z.int().positive(),
  madeAt: moment,
  madeBy: z.string(),
  closedAt: moment.nullable(),
});
export type TrialLadder = z.infer<typeof trialLadderSchema>;
