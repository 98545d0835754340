import type { Metal } from '../metal/index.js';
import { mm, type Metre } from '../quantity/index.js';

/** From the one thickness to the other the model passes from what it was calibrated on to what it is carried to. */
const extrapolated = { from: mm(4), to: mm(6), sd: 0.35 };

/** Copper couples all or nothing until the keyhole is well open; ramped over these shares of it. */
const copperDoubt = { from: 0.7, to: 0.9, sd: 0.5 };

/**
 * How far real depths scatter around the model before any coupon: standard deviation of ln(real/model).
 *
 * @param thickness m
 * @param keyholeShare 0 to 1, of the weld in question
 * @example
 * depthSpread(findMetal('stainless304'), mm(1.5), 0.9) // => 0.22
 */
export function depthSpread(metal: Metal, thickness: Metre, keyholeShare: number): number {
  const shut = metal.id === 'copper' ? 1 - ramp(keyholeShare, copperDoubt) : 0;
  const ofMetal = metal.lnDepthSd + shut * (copperDoubt.sd - metal.lnDepthSd);
  return ofMetal + ramp(thickness, extrapolated) * Math.max(0, extrapolated.sd - ofMetal);
}

/** 0 up to the one end, 1 from the other. */
function ramp(value: number, { from, to }: { readonly from: number; readonly to: number }): number {
  return Math.min(1, Math.max(0, (value - from) / (to - from)));
}
