import { keyholeCubic } from './keyholeResistance.js';

/** Inputs of {@link keyholeDepth}, all SI. */
export interface KeyholeInput {
  /** Absorbed power, W. */
  readonly absorbed: number;
  /** W/(m K) */
  readonly conductivity: number;
  /** K */
  readonly boilingPoint: number;
  /** Temperature of the metal before the beam, K. */
  readonly start: number;
  /** Speed x beam radius/(2 alpha). */
  readonly peclet: number;
}

/**
 * Depth of a keyhole whose wall boils, by the published cubic alone: P/(k (Tv - T0) cubic(Pe)).
 * Source: Lankalapalli, Tu and Gartner 1996. The published reference; the melt model adds wobble and a floor to it.
 *
 * @returns m
 * @example
 * (keyholeDepth({ absorbed: 765.7, conductivity: 153, boilingPoint: 2544, start: 1702, peclet: 0.8643 }) * 1000).toFixed(5) // => '0.81442'
 */
export function keyholeDepth(input: KeyholeInput): number {
  const { absorbed, conductivity, boilingPoint, start, peclet } = input;
  return absorbed / (conductivity * (boilingPoint - start) * keyholeCubic(peclet));
}
