import type { Metal } from '../metal/index.js';
import { mm, type Metre } from '../quantity/index.js';

/** Past this thickness the model is carried beyond what it was calibrated on. */
const extrapolatedFrom = mm(5);
const extrapolatedSd = 0.35;

/** Copper couples all or nothing until the keyhole is well open. */
const copperDoubt = { keyholeBelow: 0.8, sd: 0.5 };

/**
 * How far real depths scatter around the model before any coupon: standard deviation of ln(real/model).
 *
 * @param thickness m
 * @param keyholeShare 0 to 1, of the weld in question
 * @example
 * depthSpread(findMetal('stainless304'), mm(1.5), 0.9) // => 0.22
 */
export function depthSpread(metal: Metal, thickness: Metre, keyholeShare: number): number {
  const ofMetal =
    metal.id === 'copper' && keyholeShare < copperDoubt.keyholeBelow ? copperDoubt.sd : metal.lnDepthSd;
  return thickness > extrapolatedFrom ? Math.max(ofMetal, extrapolatedSd) : ofMetal;
}
