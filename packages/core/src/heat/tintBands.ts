import { tints, type Metal, type Tint } from '../metal/index.js';
import { metre, type Kelvin, type Metre } from '../quantity/index.js';
import { distanceFromFusion, type LaidHeat } from './peakTemperature.js';

/** Width over everything that is at least so coloured, across the seam; 0 where the colour is not reached. */
export type TintBands = Readonly<Record<Tint, Metre>>;

/** Coloured widths on both faces of a seam. */
export interface SeamTint {
  readonly front: TintBands;
  readonly back: TintBands;
}

/** What of a weld decides its colour. */
export interface TintInput {
  readonly metal: Metal;
  readonly heat: LaidHeat;
  /** Width of the melt at the face, m. */
  readonly faceWidth: number;
  /** Width of the melt at the back, m; 0 where it does not come through. */
  readonly rootWidth: number;
  /** Metal left under the melt, m; 0 where it comes through, Infinity where there is no far side. */
  readonly leftUnderMelt: number;
}

/**
 * Widths of the straw, gold and blue bands in front and behind, from the peak temperature beside the fusion line.
 * Metal left under the melt counts as so much distance from it. In air; gas cover narrows the bands.
 *
 * @returns null for metals that show no bands (aluminium, copper, brass)
 * @example
 * tintBands({ metal: findMetal('aluminium5052'), heat: { absorbedPerLength: 60e3, density: 2580, heatCapacity: 1030, thickness: mm(2), start: celsius(20), melting: kelvin(920) }, faceWidth: mm(2), rootWidth: mm(1), leftUnderMelt: 0 }) // => null
 */
export function tintBands(input: TintInput): SeamTint | null {
  const { metal, heat, faceWidth, rootWidth, leftUnderMelt } = input;
  const { tint } = metal;
  if (tint === null) return null;
  const widthAt = (fused: number, missing: number) => (peak: Kelvin) =>
    metre(Math.max(0, fused + 2 * (distanceFromFusion(heat, peak) - missing)));
  return {
    front: eachTint(tint, widthAt(faceWidth, 0)),
    back: eachTint(tint, widthAt(rootWidth, leftUnderMelt)),
  };
}

function eachTint(scale: Readonly<Record<Tint, Kelvin>>, width: (peak: Kelvin) => Metre): TintBands {
  return Object.fromEntries(tints.map((tint) => [tint, width(scale[tint])])) as Record<Tint, Metre>;
}
