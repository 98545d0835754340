import { figureOf, RangeFault, requireWithin } from '../fault/index.js';
import { inDegrees, inMm, metre, type Metre } from '../quantity/index.js';
import {
  seamOf,
  takesBevel,
  thinnerSheet,
  type BevelKind,
  type Joint,
  type SeamJoint,
  type SeamOf,
  type TackJoint,
} from './Joint.js';
import { seamRow } from './seamTable.js';
import { bevelRanges, seamSizes, sheetRange, tackRanges, type SeamSize } from './sizeRanges.js';

/** What a joint means to the melt model. */
export interface JointThermal {
  /** The thickness that must be melted through. */
  readonly thickness: Metre;
  /** Number of directions heat leaves by, counted in sheets of that thickness. */
  readonly heatDirections: number;
}

/** A weld is taken to reach this far into the root, as a share of the sheet it leads into. */
const rootShare = 0.2;

/**
 * Thickness to melt through and directions for the heat. Directions are counted sheet by sheet, each times its own
 * thickness over the thickness to melt: a sheet that runs on both ways counts twice, one that ends at the seam once.
 * - butt, tube butt: t = min(t1, t2), or the land of a bevel; n = (t1 + t2)/t
 * - outside corner, edge: as the butt; by mirror image a sheet folded along its seam loses heat as a flat one
 * - lap, through the first sheet: t = t1 + 0.4 t2; n = 2 (t1 + t2)/t
 * - tee, tube on plate, at 45 degrees: t = 0.7 leg + 0.2 t2; n = (2 t1 + t2)/t
 * - inside corner: the same throat; both sheets end there, n = (t1 + t2)/t
 * - flare groove: t = 5/16 leg + 0.2 t1 (a flush groove's leg is the tube's radius); tube wall and sheet both run on,
 *   n = 2 (t1 + t2)/t
 * - plug: the fillet round the hole with leg min(t1, half the hole); n = (t1 + 2 t2)/t
 * - tack: as the seam it is on. A tack starts cold, so it reaches less than a seam under way at the same pace.
 *
 * @throws RangeFault for a sheet outside 0.3 to 12 mm, a gap that cannot be bridged, or a size the joint cannot have
 * @example
 * jointThermal({ kind: 'butt', firstThickness: mm(1.5), secondThickness: mm(4.5), gap: mm(0.1) }).heatDirections.toFixed(6) // => '4.000000'
 */
export function jointThermal(joint: Joint): JointThermal {
  const seam = seamOf(joint);
  requireJoint(seam);
  if (joint.kind === 'tack') requireTack(joint);
  const { firstThickness: first, secondThickness: second } = seam;
  switch (seam.kind) {
    case 'butt':
    case 'tubeButt':
      return thermal(seam.bevel?.land ?? thinnerSheet(seam), first + second);
    case 'outsideCorner':
    case 'edge':
      return thermal(thinnerSheet(seam), first + second);
    case 'lap':
      return thermal(first + 0.4 * second, 2 * (first + second));
    case 'tee':
    case 'tubeToPlate':
      return thermal(filletThroat(seam.leg) + rootShare * second, 2 * first + second);
    case 'insideCorner':
      return thermal(filletThroat(seam.leg) + rootShare * second, first + second);
    case 'flareGroove':
      return thermal(flareThroat(seam.leg) + rootShare * first, 2 * (first + second));
    case 'plug': {
      const leg = plugLeg(seam.firstThickness, seam.holeDiameter);
      return thermal(filletThroat(leg) + rootShare * second, first + 2 * second);
    }
  }
}

/** Leg of the fillet round the foot of a plug's hole. */
export function plugLeg(topSheet: Metre, holeDiameter: Metre): Metre {
  return metre(Math.min(topSheet, holeDiameter / 2));
}

/** From a fillet's face to its root. */
export function filletThroat(leg: Metre): number {
  return 0.7 * leg;
}

/** From a flare groove's face to its root: 5/16 of the tube's radius where it is flush, and in proportion below. */
function flareThroat(leg: Metre): number {
  return (5 / 16) * leg;
}

/** From the face of what is filled to its root, for joints that are filled. */
export function throatOf(seam: Extract<SeamJoint, { leg: Metre }>): number {
  return seam.kind === 'flareGroove' ? flareThroat(seam.leg) : filletThroat(seam.leg);
}

function thermal(thickness: number, ways: number): JointThermal {
  return { thickness: metre(thickness), heatDirections: ways / thickness };
}

function requireJoint(seam: SeamJoint): void {
  requireWithin(inMm(seam.firstThickness), sheetRange);
  requireWithin(inMm(seam.secondThickness), sheetRange);
  requireBridgeable(seam.gap, thinnerSheet(seam));
  for (const size of seamRow(seam.kind).sizes) requireWithin(inMm(sizeOf(seam, size)), computable[size]);
  if (takesBevel(seam)) requireBevel(seam);
}

/** A size that the seam's row says it has. */
function sizeOf(seam: SeamJoint, size: SeamSize): Metre {
  return (seam as { readonly [Each in SeamSize]?: Metre })[size] ?? metre(Number.NaN);
}

/** Sizes as they can be computed with: a corner that fuses without wire draws a smaller leg than anybody asks for. */
const computable = { ...seamSizes, leg: { ...seamSizes.leg, min: 0.05 } };

function requireBevel(seam: SeamOf<BevelKind>): void {
  if (seam.bevel === undefined) return;
  const { land, includedAngle } = seam.bevel;
  requireWithin(inMm(land), { ...bevelRanges.land, max: inMm(thinnerSheet(seam)) });
  requireWithin(inDegrees(includedAngle), bevelRanges.angle);
}

function requireTack({ length, lightOn }: TackJoint): void {
  requireWithin(inMm(length), tackRanges.length);
  requireWithin(lightOn, tackRanges.time);
}

/** Refuses a gap that no bead could cross: wider than the thinner sheet is thick. */
function requireBridgeable(gap: Metre, thinner: Metre): void {
  if (gap >= 0 && gap <= thinner) return;
  throw new RangeFault({
    quantity: 'gap',
    given: `${figureOf(inMm(gap))} mm`,
    allowed: `0 to ${figureOf(inMm(thinner))} mm, the thinner sheet’s thickness`,
    remedy: 'Re-fit the parts: a wider gap cannot be bridged.',
  });
}
