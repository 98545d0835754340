import type { AllowedRange } from '../fault/index.js';

/** Sheet that a handheld machine of up to 3 kW is used on; over 5 mm the model is extrapolated. */
export const sheetRange = { quantity: 'thickness', min: 0.3, max: 12, unit: 'mm' } as const;

/**
 * Sizes that some kinds of joint have beside their sheets, as they can be asked for. A record holds each under its
 * name with Mm.
 */
export const seamSizes = {
  tubeRadius: { quantity: 'tube radius', min: 2, max: 1000, unit: 'mm' },
  leg: { quantity: 'leg', min: 0.5, max: 12, unit: 'mm' },
  holeDiameter: { quantity: 'hole', min: 1, max: 20, unit: 'mm' },
} as const satisfies Readonly<Record<string, AllowedRange>>;
export type SeamSize = keyof typeof seamSizes;

/** Edges cut back; the land is at most the thinner sheet. */
export const bevelRanges = {
  land: { quantity: 'land', min: 0.3, max: sheetRange.max, unit: 'mm' },
  angle: { quantity: 'bevel angle', min: 20, max: 120, unit: 'degrees' },
} as const;

/** A timed tack. */
export const tackRanges = {
  length: { quantity: 'tack', min: 0.5, max: 30, unit: 'mm' },
  time: { quantity: 'time of a tack', min: 0.05, max: 10, unit: 's' },
} as const;
