import {
  backings,
  dialledMetals,
  inMm,
  jointKinds,
  positions,
  sheetRange,
  surfaces,
  wireDiameters,
  type JointKind,
  type Metre,
} from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, oneOf } from '../wire/bounded.js';

/** Wire diameters, mm, that a joint can be said with. */
export const wireDiametersMm: readonly number[] = wireDiameters.map(wireDiameterMm);

/** A wire's diameter as it is recorded, mm: to a tenth of a micrometre, which tells every wire that is sold. */
export function wireDiameterMm(diameter: Metre): number {
  return Math.round(inMm(diameter) * 1e4) / 1e4;
}

/** Where the sizes of a joint may lie, whatever its kind. */
export const jointRanges = {
  thickness: sheetRange,
  gap: { quantity: 'gap', min: 0, max: sheetRange.max, unit: 'mm' },
  land: { quantity: 'land', min: 0.3, max: sheetRange.max, unit: 'mm' },
  bevelAngle: { quantity: 'bevel angle', min: 20, max: 120, unit: 'degrees' },
  leg: { quantity: 'leg', min: 0.5, max: 12, unit: 'mm' },
  tubeRadius: { quantity: 'tube radius', min: 2, max: 1000, unit: 'mm' },
  hole: { quantity: 'hole', min: 1, max: 20, unit: 'mm' },
  tackLength: { quantity: 'tack', min: 0.5, max: 30, unit: 'mm' },
  tackTime: { quantity: 'time of a tack', min: 0.05, max: 10, unit: 's' },
  stitch: { quantity: 'stitch', min: 3, max: 500, unit: 'mm' },
  pitch: { quantity: 'pitch', min: 4, max: 2000, unit: 'mm' },
  offset: { quantity: 'offset', min: 0, max: 2000, unit: 'mm' },
} as const;

/** Everything but the tack, which is a timed run on one of these. */
export const seamKinds = jointKinds.filter((kind) => kind !== 'tack');
export type SeamKind = Exclude<JointKind, 'tack'>;

const bevel = z
  .strictObject(
    { landMm: boundedNumber(jointRanges.land), angleDeg: boundedNumber(jointRanges.bevelAngle) },
    { error: 'a bevel with landMm and angleDeg' },
  )
  .optional();

const stitches = z
  .strictObject(
    {
      lengthMm: boundedNumber(jointRanges.stitch),
      pitchMm: boundedNumber(jointRanges.pitch),
      /** By which those of the second side are shifted. */
      offsetMm: boundedNumber(jointRanges.offset),
    },
    { error: 'stitches with lengthMm, pitchMm and offsetMm, or null for one run' },
  )
  .nullable();

/** How a joint is met, apart from its shape. */
const conditionsSchema = z.strictObject(
  { backing: oneOf(backings), surface: oneOf(surfaces), position: oneOf(positions), stitches },
  { error: 'conditions with backing, surface, position and stitches' },
);
export type Conditions = z.infer<typeof conditionsSchema>;

const metal = oneOf(dialledMetals);
const thickness = boundedNumber(jointRanges.thickness);

/** What every joint has. */
const common = {
  metal,
  /** Of the second sheet; left out where both are one metal. */
  secondMetal: metal.optional(),
  firstThicknessMm: thickness,
  secondThicknessMm: thickness,
  gapMm: boundedNumber(jointRanges.gap),
  /** Sides that are welded; left out for one. */
  sides: z.union([z.literal(1), z.literal(2)], { error: '1 or 2 sides' }).optional(),
  /** A timed tack on the seam; left out for a run. */
  tack: z
    .strictObject(
      { lengthMm: boundedNumber(jointRanges.tackLength), lightOnS: boundedNumber(jointRanges.tackTime) },
      { error: 'a tack with lengthMm and lightOnS' },
    )
    .optional(),
  /** Left out in records from before they were said: flat, clean, nothing behind, in one run. */
  conditions: conditionsSchema.optional(),
};

const legMm = boundedNumber(jointRanges.leg);
const tubeRadiusMm = boundedNumber(jointRanges.tubeRadius);

/** Two sheets, as they are joined and as they are recorded: lengths in mm. */
export const jointSchema = z
  .discriminatedUnion(
    'kind',
    [
      z.strictObject({ kind: z.literal('butt'), ...common, bevel }),
      z.strictObject({ kind: z.literal('lap'), ...common }),
      z.strictObject({ kind: z.literal('tee'), ...common, legMm }),
      z.strictObject({ kind: z.literal('insideCorner'), ...common, legMm }),
      z.strictObject({ kind: z.literal('outsideCorner'), ...common }),
      z.strictObject({ kind: z.literal('edge'), ...common }),
      z.strictObject({ kind: z.literal('flareGroove'), ...common, tubeRadiusMm, legMm }),
      z.strictObject({ kind: z.literal('tubeToPlate'), ...common, tubeRadiusMm, legMm }),
      z.strictObject({ kind: z.literal('tubeButt'), ...common, tubeRadiusMm, bevel }),
      z.strictObject({
        kind: z.literal('plug'),
        ...common,
        holeDiameterMm: boundedNumber(jointRanges.hole),
      }),
    ],
    {
      error: `a joint of the kind ${seamKinds.join(', ')}, with its metal, firstThicknessMm, secondThicknessMm and gapMm`,
    },
  )
  .check(({ value, issues }) => {
    const refuse = (path: PropertyKey[], input: unknown, message: string) =>
      issues.push({ code: 'custom', path, input, message });
    const thinner = Math.min(value.firstThicknessMm, value.secondThicknessMm);
    // A sheet that is refused itself says nothing about the gap or the land.
    if (thinner < sheetRange.min) return;
    if (value.gapMm > thinner)
      refuse(['gapMm'], value.gapMm, `0 to ${thinner} mm, the thinner sheet’s thickness`);
    if ('bevel' in value && value.bevel !== undefined && value.bevel.landMm > thinner) {
      refuse(['bevel', 'landMm'], value.bevel.landMm, `0.3 to ${thinner} mm, the thinner sheet’s thickness`);
    }
    const { stitches: run } = value.conditions ?? { stitches: null };
    if (run !== null && run.pitchMm <= run.lengthMm) {
      refuse(['conditions', 'stitches', 'pitchMm'], run.pitchMm, `more than the stitch, ${run.lengthMm} mm`);
    }
  });
export type Joint = z.infer<typeof jointSchema>;

/** How a joint is met where nothing was said of it. */
export const plainConditions: Conditions = {
  backing: 'none',
  surface: 'clean',
  position: 'flat',
  stitches: null,
};
