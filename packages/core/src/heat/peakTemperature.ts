import { kelvin, type Kelvin } from '../quantity/index.js';

/** A line of heat laid into a plate, spread evenly through its thickness, all SI. */
export interface LaidHeat {
  /** Absorbed, J per m of seam. */
  readonly absorbedPerLength: number;
  /** kg/m3 */
  readonly density: number;
  /** J/(kg K) */
  readonly heatCapacity: number;
  /** m; where a joint has other than two directions for the heat, half their number times the thickness. */
  readonly thickness: number;
  readonly start: Kelvin;
  readonly melting: Kelvin;
}

/**
 * How far from the fusion line, on one side, a place has been as hot as `peak`:
 * 1/(Tp - T0) = sqrt(2 pi e) rho cp t y/(q/v) + 1/(Tm - T0). Source: Adams 1958.
 *
 * @param peak above the start and up to melting
 * @returns m; 0 at the melting point
 * @example
 * (distanceFromFusion({ absorbedPerLength: 97080, density: 3931, heatCapacity: 945.9, thickness: mm(2.019), start: celsius(20), melting: celsius(1207) }, celsius(601.2)) * 1000).toFixed(4) // => '2.7476'
 */
export function distanceFromFusion(heat: LaidHeat, peak: Kelvin): number {
  const { start, melting } = heat;
  return (1 / (peak - start) - 1 / (melting - start)) / steepness(heat);
}

/**
 * The hottest that a place beside the seam gets; the inverse of {@link distanceFromFusion}.
 *
 * @param distance m from the fusion line, 0 or more
 * @example
 * peakTemperature({ absorbedPerLength: 60e3, density: 7450, heatCapacity: 620, thickness: mm(2), start: celsius(20), melting: kelvin(1715) }, mm(0)) // => 1715
 */
export function peakTemperature(heat: LaidHeat, distance: number): Kelvin {
  const { start, melting } = heat;
  return kelvin(start + 1 / (steepness(heat) * distance + 1 / (melting - start)));
}

/** Growth of 1/(Tp - T0) with distance, 1/(K m). */
function steepness({ absorbedPerLength, density, heatCapacity, thickness }: LaidHeat): number {
  return (Math.sqrt(2 * Math.PI * Math.E) * density * heatCapacity * thickness) / absorbedPerLength;
}
