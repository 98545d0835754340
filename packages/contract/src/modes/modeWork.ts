import { cleanAims, coats, cutAims, cutGases, dialledMetals } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, oneOf } from '../wire/bounded.js';

/** What the gun does beside welding with light that stays on. */
export const handModes = ['clean', 'cut', 'spot', 'seam'] as const;
export type HandMode = (typeof handModes)[number];

/** What is done can be sized by, with what is allowed. */
export const workRanges = {
  thickness: { quantity: 'thickness', min: 0.05, max: 40, unit: 'mm' },
  length: { quantity: 'length', min: 2, max: 20_000, unit: 'mm' },
  width: { quantity: 'width', min: 1, max: 3000, unit: 'mm' },
  pressure: { quantity: 'pressure', min: 0.5, max: 25, unit: 'bar' },
  bore: { quantity: 'bore', min: 0.5, max: 5, unit: 'mm' },
  wanted: { quantity: 'depth wanted', min: 0.05, max: 10, unit: 'mm' },
} as const;

const metal = oneOf(dialledMetals);
const thicknessMm = boundedNumber(workRanges.thickness);
const lengthMm = boundedNumber(workRanges.length);

/** Where what is to be cleaned lies: a face, or the colour beside or behind a seam. */
export const cleanPlaces = ['face', 'beside', 'behind'] as const;

const cleanWorkSchema = z.strictObject({
  mode: z.literal('clean'),
  metal,
  thicknessMm,
  coat: oneOf(coats),
  place: oneOf(cleanPlaces),
  lengthMm,
  widthMm: boundedNumber(workRanges.width),
  aim: oneOf(cleanAims),
});

const cutWorkSchema = z.strictObject({
  mode: z.literal('cut'),
  metal,
  thicknessMm,
  gas: oneOf(cutGases),
  pressureBar: boundedNumber(workRanges.pressure),
  boreMm: boundedNumber(workRanges.bore),
  line: oneOf(['straight', 'round']),
  lengthMm,
  aim: oneOf(cutAims),
});

const spotWorkSchema = z.strictObject({
  mode: z.literal('spot'),
  metal,
  /** Of the sheet that the light meets. */
  thicknessMm,
  underMm: boundedNumber({ ...workRanges.thickness, quantity: 'thickness below' }),
  /** From the face, into the sheet below. */
  wantedMm: boundedNumber(workRanges.wanted),
});

const seamWorkSchema = z.strictObject({
  mode: z.literal('seam'),
  metal,
  thicknessMm,
  lengthMm,
  /** Where its spots cross. */
  wantedMm: boundedNumber(workRanges.wanted),
});

/** What is to be done, as its sentence says it. */
export const modeWorkSchema = z.discriminatedUnion(
  'mode',
  [cleanWorkSchema, cutWorkSchema, spotWorkSchema, seamWorkSchema],
  { error: `work with a mode, one of ${handModes.join(', ')}` },
);
export type ModeWork = z.infer<typeof modeWorkSchema>;
export type WorkOf<Mode extends HandMode> = Extract<ModeWork, { readonly mode: Mode }>;
