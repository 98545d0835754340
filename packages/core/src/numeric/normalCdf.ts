import { erfc } from './erfc.js';

/**
 * Chance that a standard normal variable lies below x.
 *
 * @example
 * normalCdf(0) // => 0.5
 */
export function normalCdf(x: number): number {
  return erfc(-x / Math.SQRT2) / 2;
}
