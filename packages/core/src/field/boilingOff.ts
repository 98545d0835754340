import type { Metal, MetalFamily } from '../metal/index.js';
import type { Kelvin } from '../quantity/index.js';

/** kg/mol of what boils off. */
const molarMass: Readonly<Record<MetalFamily, number>> = {
  steel: 0.056,
  stainless: 0.055,
  aluminium: 0.027,
  copperAlloy: 0.0635,
  titanium: 0.048,
  nickel: 0.0587,
};

/** Heat of boiling of metals over R Tv (13 to 14.4 of those that are welded). */
const boilingHeat = 13.5;
const gasConstant = 8.314;
const atmosphere = 101_325;
/** Of what would leave in vacuum, this share does not come back (Anisimov 1968). */
const leaving = 0.82;
/** Below this share of the boiling point what leaves is nothing. */
const feltFrom = 0.7;

/**
 * Heat that a metal's open surface loses by boiling off, W/m2, from its rise over the start: vapour pressure after Clausius and
 * Clapeyron, flow after Hertz and Langmuir. Past the boiling point it goes on along its tangent, which is steep enough
 * to hold the surface near it.
 *
 * @example
 * (boilingOff(findMetal('stainless304'), kelvin(293))(3080 - 293) / 1e6).toFixed(0) // => '305'
 */
export function boilingOff(metal: Metal, start: Kelvin): (rise: number) => number {
  const { boilingPoint, family } = metal;
  const atBoiling =
    (leaving * atmosphere * boilingHeat * gasConstant * boilingPoint) /
    Math.sqrt(2 * Math.PI * gasConstant * boilingPoint * molarMass[family]);
  const steepness = (atBoiling * boilingHeat) / boilingPoint;
  return (rise) => {
    const temperature = rise + start;
    if (temperature < feltFrom * boilingPoint) return 0;
    if (temperature > boilingPoint) return atBoiling + steepness * (temperature - boilingPoint);
    return atBoiling * Math.exp(boilingHeat * (1 - boilingPoint / temperature));
  };
}
