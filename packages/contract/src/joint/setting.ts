import { fillers, shieldingGases, wobbleShapes } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, oneOf } from '../wire/bounded.js';

const wobbleSchema = z.discriminatedUnion(
  'shape',
  [
    z.strictObject({ shape: z.literal('none') }),
    z.strictObject({
      shape: oneOf(wobbleShapes),
      widthMm: boundedNumber({ quantity: 'wobble width', min: 0.1, max: 10, unit: 'mm' }),
      frequencyHz: boundedNumber({ quantity: 'wobble rate', min: 1, max: 500, unit: 'Hz' }),
    }),
  ],
  { error: `a wobble with the shape none, ${wobbleShapes.join(', ')}` },
);

const paceSchema = z.discriminatedUnion(
  'by',
  [
    z.strictObject({
      by: z.literal('hand'),
      travelMmS: boundedNumber({ quantity: 'travel', min: 0.5, max: 100, unit: 'mm/s' }),
    }),
    z.strictObject({
      by: z.literal('wire'),
      wireDiameterMm: boundedNumber({ quantity: 'wire diameter', min: 0.5, max: 2, unit: 'mm' }),
      wireSpeedMmS: boundedNumber({ quantity: 'wire speed', min: 0.5, max: 300, unit: 'mm/s' }),
      /** Left out in records from before it was said. */
      filler: oneOf(fillers).optional(),
    }),
  ],
  { error: 'a pace set by hand or by wire' },
);

/** What was dialled: physical values, whatever the panel calls them. */
export const settingSchema = z.strictObject(
  {
    powerW: boundedNumber({ quantity: 'power', min: 10, max: 6000, unit: 'W' }),
    dutyPercent: boundedNumber({ quantity: 'duty', min: 1, max: 100, unit: '%' }),
    wobble: wobbleSchema,
    pace: paceSchema,
    gas: oneOf(shieldingGases),
    gasFlowLMin: boundedNumber({ quantity: 'gas flow', min: 1, max: 60, unit: 'L/min' }),
    /** Frequency the light is switched at below full duty; left out where nobody set it. */
    modulationHz: boundedNumber({ quantity: 'modulation', min: 1, max: 100_000, unit: 'Hz' }).optional(),
  },
  { error: 'a setting with powerW, dutyPercent, wobble, pace, gas and gasFlowLMin' },
);
export type Setting = z.infer<typeof settingSchema>;
