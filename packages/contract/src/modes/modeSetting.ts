import { sweepShapes } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, oneOf } from '../wire/bounded.js';
import { handModes, type HandMode } from './modeWork.js';

const powerW = boundedNumber({ quantity: 'power', min: 1, max: 6000, unit: 'W' });
const dutyPercent = boundedNumber({ quantity: 'duty', min: 1, max: 100, unit: '%' });
/** Null where the light stays on. */
const pulseHz = boundedNumber({ quantity: 'pulse frequency', min: 1, max: 100_000, unit: 'Hz' }).nullable();
const paceMmS = boundedNumber({ quantity: 'pace', min: 0.1, max: 1000, unit: 'mm/s' });

const cleanSettingSchema = z.strictObject({
  mode: z.literal('clean'),
  ...{ powerW, dutyPercent, pulseHz, paceMmS },
  shape: oneOf(sweepShapes),
  widthMm: boundedNumber({ quantity: 'sweep', min: 1, max: 300, unit: 'mm' }),
  rateHz: boundedNumber({ quantity: 'sweeps', min: 1, max: 1000, unit: 'Hz' }),
  passes: z.int({ error: 'a whole number of passes from 1 to 20' }).min(1).max(20),
});

const cutSettingSchema = z.strictObject({
  mode: z.literal('cut'),
  ...{ powerW, dutyPercent, pulseHz, paceMmS },
  /** Below the face; above it is less than 0. */
  focusMm: boundedNumber({ quantity: 'focus', min: -10, max: 10, unit: 'mm' }),
  standoffMm: boundedNumber({ quantity: 'standoff', min: 0, max: 10, unit: 'mm' }),
});

const pulses = {
  currentA: boundedNumber({ quantity: 'lamp current', min: 1, max: 2000, unit: 'A' }),
  pulseMs: boundedNumber({ quantity: 'pulse width', min: 0.05, max: 100, unit: 'ms' }),
  rateHz: boundedNumber({ quantity: 'pulse rate', min: 0.1, max: 500, unit: 'Hz' }),
  spotMm: boundedNumber({ quantity: 'spot', min: 0.05, max: 5, unit: 'mm' }),
};
const spotSettingSchema = z.strictObject({ mode: z.literal('spot'), ...pulses });
const seamSettingSchema = z.strictObject({ mode: z.literal('seam'), ...pulses, paceMmS });

/** What is dialled for it. */
export const modeSettingSchema = z.discriminatedUnion(
  'mode',
  [cleanSettingSchema, cutSettingSchema, spotSettingSchema, seamSettingSchema],
  { error: `a setting with a mode, one of ${handModes.join(', ')}` },
);
export type ModeSetting = z.infer<typeof modeSettingSchema>;
export type SettingOf<Mode extends HandMode> = Extract<ModeSetting, { readonly mode: Mode }>;
