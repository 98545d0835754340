import {
  backings,
  bevelRanges,
  dialledMetals,
  inMm,
  positions,
  seamKinds,
  seamRow,
  seamSizes,
  sheetRange,
  surfaces,
  tackRanges,
  wireDiameters,
  type BevelKind,
  type Metre,
  type SeamKind,
  type SeamSize,
  type seamTable,
} from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, oneOf } from '../wire/bounded.js';

/** Wire diameters, mm, that a joint can be said with. */
export const wireDiametersMm: readonly number[] = wireDiameters.map(wireDiameterMm);

/** A wire's diameter as it is recorded, mm: to a tenth of a micrometre, which tells every wire that is sold. */
export function wireDiameterMm(diameter: Metre): number {
  return Math.round(inMm(diameter) * 1e4) / 1e4;
}

/** Where the sizes of a joint may lie that every kind has. */
export const jointRanges = {
  thickness: sheetRange,
  gap: { quantity: 'gap', min: 0, max: sheetRange.max, unit: 'mm' },
  stitch: { quantity: 'stitch', min: 3, max: 500, unit: 'mm' },
  pitch: { quantity: 'pitch', min: 4, max: 2000, unit: 'mm' },
  offset: { quantity: 'offset', min: 0, max: 2000, unit: 'mm' },
  freeEdge: { quantity: 'edge', min: 3, max: 500, unit: 'mm' },
} as const;

const bevel = z
  .strictObject(
    { landMm: boundedNumber(bevelRanges.land), angleDeg: boundedNumber(bevelRanges.angle) },
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
  {
    backing: oneOf(backings),
    surface: oneOf(surfaces),
    position: oneOf(positions),
    stitches,
    /** From the seam to the free edges on both sides of it; left out in the middle of a large sheet. */
    freeEdgeMm: boundedNumber(jointRanges.freeEdge).optional(),
  },
  { error: 'conditions with backing, surface, position, stitches and perhaps freeEdgeMm' },
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
      { lengthMm: boundedNumber(tackRanges.length), lightOnS: boundedNumber(tackRanges.time) },
      { error: 'a tack with lengthMm and lightOnS' },
    )
    .optional(),
  /** Left out in records from before they were said: flat, clean, nothing behind, in one run. */
  conditions: conditionsSchema.optional(),
};

type Common = z.infer<z.ZodObject<typeof common>>;
type RecordedSizes<Kind extends SeamKind> = {
  [Size in (typeof seamTable)[Kind]['sizes'][number] as `${Size}Mm`]: number;
};
type RecordedBevel<Kind extends SeamKind> = Kind extends BevelKind
  ? { bevel?: z.infer<typeof bevel> }
  : unknown;

/** Two sheets, as they are joined and as they are recorded: lengths in mm, the sizes those of the kind's row. */
export type Joint = {
  [Kind in SeamKind]: { kind: Kind } & Common & RecordedSizes<Kind> & RecordedBevel<Kind>;
}[SeamKind];

const sizeSchemas = Object.fromEntries(
  Object.entries(seamSizes).map(([size, range]) => [size, boundedNumber(range)]),
) as Readonly<Record<SeamSize, ReturnType<typeof boundedNumber>>>;

function kindSchema(kind: SeamKind) {
  const { sizes, canBevel } = seamRow(kind);
  return z.strictObject({
    kind: z.literal(kind),
    ...common,
    ...Object.fromEntries(sizes.map((size) => [`${size}Mm`, sizeSchemas[size]])),
    ...(canBevel ? { bevel } : {}),
  });
}
type KindSchema = ReturnType<typeof kindSchema>;

/** @see Joint */
export const jointSchema = z
  .discriminatedUnion('kind', seamKinds.map(kindSchema) as [KindSchema, ...KindSchema[]], {
    error: `a joint of the kind ${seamKinds.join(', ')}, with its metal, firstThicknessMm, secondThicknessMm and gapMm`,
  })
  .check(({ value, issues }) => {
    // What the rows say of a kind is more than the compiler follows through the union.
    const joint = value as Joint;
    const refuse = (path: PropertyKey[], input: unknown, message: string) =>
      issues.push({ code: 'custom', path, input, message });
    const thinner = Math.min(joint.firstThicknessMm, joint.secondThicknessMm);
    // A sheet that is refused itself says nothing about the gap or the land.
    if (thinner < sheetRange.min) return;
    if (joint.gapMm > thinner)
      refuse(['gapMm'], joint.gapMm, `0 to ${thinner} mm, the thinner sheet’s thickness`);
    if ('bevel' in joint && joint.bevel !== undefined && joint.bevel.landMm > thinner) {
      refuse(['bevel', 'landMm'], joint.bevel.landMm, `0.3 to ${thinner} mm, the thinner sheet’s thickness`);
    }
    const { stitches: run } = joint.conditions ?? { stitches: null };
    if (run !== null && run.pitchMm <= run.lengthMm) {
      refuse(['conditions', 'stitches', 'pitchMm'], run.pitchMm, `more than the stitch, ${run.lengthMm} mm`);
    }
  }) as unknown as z.ZodType<Joint, Joint>;

/** How a joint is met where nothing was said of it. */
export const plainConditions: Conditions = {
  backing: 'none',
  surface: 'clean',
  position: 'flat',
  stitches: null,
};
