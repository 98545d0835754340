import { besselK0Scaled } from '../numeric/index.js';
import { kelvin, type Kelvin } from '../quantity/index.js';

/** A heat source that moves over metal of constant properties, all SI. */
export interface MovingSource {
  /** Absorbed power, W, above 0. */
  readonly absorbed: number;
  /** W/(m K) */
  readonly conductivity: number;
  /** m2/s */
  readonly diffusivity: number;
  /** m/s, above 0 */
  readonly travel: number;
  /** Temperature of the metal far from the source. */
  readonly start: Kelvin;
}

/**
 * Steady temperature around a point source on a plate so thick that its back is not felt:
 * T0 + q/(2 pi k R) exp(-v (x + R)/(2 alpha)). Source: Rosenthal 1946.
 *
 * @param ahead m along the travel, positive before the source
 * @param aside m from the seam's line
 * @param below m under the face
 * @returns K; infinite at the source itself
 * @example
 * thickPlateTemperature({ absorbed: 1000, conductivity: 30, diffusivity: 6e-6, travel: 0.008, start: celsius(20) }, -0.01, 0, 0).toFixed(1) // => '823.7'
 */
export function thickPlateTemperature(
  source: MovingSource,
  ahead: number,
  aside: number,
  below: number,
): Kelvin {
  const { absorbed, conductivity, diffusivity, travel, start } = source;
  const radius = Math.hypot(ahead, aside, below);
  const decay = Math.exp((-travel * (ahead + radius)) / (2 * diffusivity));
  return kelvin(start + (absorbed / (2 * Math.PI * conductivity * radius)) * decay);
}

/**
 * Steady temperature around a line source through a thin sheet:
 * T0 + q/(2 pi k t) exp(-v x/(2 alpha)) K0(v r/(2 alpha)). Source: Rosenthal 1946.
 *
 * @param thickness m
 * @param ahead m along the travel, positive before the source
 * @param aside m from the seam's line
 * @returns K; infinite at the source itself
 * @example
 * thinPlateTemperature({ absorbed: 1000, conductivity: 30, diffusivity: 6e-6, travel: 0.008, start: celsius(20) }, mm(2), -0.01, 0).toFixed(1) // => '1558.4'
 */
export function thinPlateTemperature(
  source: MovingSource,
  thickness: number,
  ahead: number,
  aside: number,
): Kelvin {
  const { absorbed, conductivity, diffusivity, travel, start } = source;
  const radius = Math.hypot(ahead, aside);
  const rate = travel / (2 * diffusivity);
  const shape = Math.exp(-rate * (ahead + radius)) * besselK0Scaled(rate * radius);
  return kelvin(start + (absorbed / (2 * Math.PI * conductivity * thickness)) * shape);
}
