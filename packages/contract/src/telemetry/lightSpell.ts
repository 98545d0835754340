import { curveKeys } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, moment, oneOf } from '../wire/bounded.js';

const someNumber = z.number().nullable();

/** What a spell of light came to, with units in the names. */
const spellFiguresSchema = z.strictObject({
  litS: z.number().positive(),
  powerW: someNumber,
  gasLMin: someNumber,
  coolantMostC: someNumber,
  holderMostC: someNumber,
  alarm: z.int().nonnegative(),
  /** The machine fell silent with the light on: it may have been on for longer. */
  isBroken: z.boolean(),
});

/** How it came here. */
const spellSources = ['mqtt', 'http', 'csv'] as const;
export type SpellSource = (typeof spellSources)[number];

/** A spell of light as a machine or a meter told it. */
export const lightSpellSchema = z.strictObject({
  id: z.string(),
  machineId: z.string(),
  startedAt: moment,
  endedAt: moment,
  source: oneOf(spellSources),
  figures: spellFiguresSchema,
  /** A coupon or a go at a seam has it already. */
  isTaken: z.boolean(),
});
export type MachineSpell = z.infer<typeof lightSpellSchema>;

/** A curve, columns side by side: s from the start, then what the machine said. */
export const spellCurveSchema = z.strictObject({
  /** s; 0 as it was heard. */
  stepS: z.number().nonnegative(),
  atS: z.array(z.number()),
  powerLeastW: z.array(someNumber),
  powerMostW: z.array(someNumber),
  means: z.record(oneOf(curveKeys), z.array(someNumber)),
});
export type SpellCurve = z.infer<typeof spellCurveSchema>;

const most = 1e6;
const figure = (quantity: string, unit: string) => boundedNumber({ quantity, min: -100, max: most, unit });

/** What a coupon or a go at a seam keeps of the machine's own word: its spells, and what they came to together. */
export const heardLightSchema = z.strictObject(
  {
    spellIds: z
      .array(z.string().max(80), { error: 'ids of spells of light' })
      .min(1, { error: 'one spell or more' })
      .max(20, { error: 'up to 20 spells' }),
    litS: boundedNumber({ quantity: 'light on', min: 0, max: 36_000, unit: 's' }),
    powerW: figure('power at the gun', 'W').nullable(),
    gasLMin: figure('gas flow', 'L/min').nullable(),
    coolantMostC: figure('coolant', '°C').nullable(),
    holderMostC: figure('window holder', '°C').nullable(),
  },
  { error: 'what the machine said, with spellIds and litS' },
);
export type HeardLight = z.infer<typeof heardLightSchema>;
