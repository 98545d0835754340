import { erfc } from './erfc.js';

/**
 * Integral of the complementary error function from x on: exp(-x2)/sqrt(pi) - x erfc(x). Abramowitz and Stegun 7.2.
 */
export function ierfc(x: number): number {
  return Math.exp(-x * x) / Math.sqrt(Math.PI) - x * erfc(x);
}
