import { requireWithin } from '../fault/index.js';
import { inMm, metre, type Metre } from '../quantity/index.js';

/** Wavelength of handheld fibre lasers. */
const fibreLaserWavelength = metre(1.07e-6);

/** What images the fibre's end onto the sheet. */
export interface GunOptics {
  readonly fibreCore: Metre;
  /** Focal lengths. */
  readonly collimator: Metre;
  readonly focusLens: Metre;
  /** How many times the beam spreads as the ideal one would; 1 or more. */
  readonly beamQuality: number;
}

/**
 * Spot at focus: fibre core x focus lens/collimator.
 *
 * @throws RangeFault for a collimator of nothing
 * @example
 * (spotAtFocus({ fibreCore: mm(0.05), collimator: mm(50), focusLens: mm(150), beamQuality: 3 }) * 1000).toFixed(3) // => '0.150'
 */
export function spotAtFocus({ fibreCore, collimator, focusLens }: GunOptics): Metre {
  requireWithin(inMm(collimator), { quantity: 'collimator', min: 1, max: 1000, unit: 'mm' });
  return metre((fibreCore * focusLens) / collimator);
}

/**
 * Distance from focus over which the spot grows by the square root of two: pi d0^2/(4 M2 lambda).
 *
 * @param spot at focus
 * @param beamQuality M2, 1 or more
 * @example
 * (rayleighLength(mm(0.15), 3) * 1000).toFixed(2) // => '5.51'
 */
export function rayleighLength(spot: Metre, beamQuality: number): Metre {
  return metre((Math.PI * spot * spot) / (4 * beamQuality * fibreLaserWavelength));
}

/**
 * Spot where the sheet lies off focus, above or below alike: d0 sqrt(1 + (z/zR)^2).
 *
 * @param offFocus m from focus, either way
 * @example
 * (spotOffFocus(mm(0.15), mm(5.51), mm(5.51)) * 1000).toFixed(3) // => '0.212'
 */
export function spotOffFocus(spot: Metre, rayleigh: Metre, offFocus: Metre): Metre {
  return metre(spot * Math.hypot(1, offFocus / rayleigh));
}

/**
 * Widest wobble that stays inside a nozzle's bore: the bore less the spot and a margin on both sides. A wobble nearly
 * as wide as the bore heats the nozzle.
 *
 * @param spot at the nozzle's mouth
 * @returns 0 where the bore lets none through
 * @example
 * (widestWobble(mm(5), mm(1)) * 1000).toFixed(1) // => '3.0'
 */
export function widestWobble(bore: Metre, spot: Metre): Metre {
  return metre(Math.max(0, bore - spot - 2 * boreMargin));
}

/** Kept free between the beam and the bore, m. */
const boreMargin = 0.5e-3;
