import erfcx from '@stdlib/math-base-special-erfcx';
import { normalCdf } from './normalCdf.js';

/**
 * ln of the chance that a standard normal variable lies between two bounds, with its digits kept where the chance
 * itself would underflow or cancel: the difference of two tails is taken on the side where both are small.
 *
 * @param low lower bound; -Infinity for none
 * @param high upper bound, above `low`; Infinity for none
 * @example
 * logNormalInterval(-Infinity, 0).toFixed(6) // => '-0.693147'
 */
export function logNormalInterval(low: number, high: number): number {
  if (low > 0) return logUpperDifference(low, high);
  if (high < 0) return logUpperDifference(-high, -low);
  return Math.log1p(-(normalCdf(low) + normalCdf(-high)));
}

/**
 * ln of the density of a standard normal variable.
 *
 * @example
 * logNormalDensity(0).toFixed(6) // => '-0.918939'
 */
export function logNormalDensity(x: number): number {
  return -(x * x) / 2 - halfLogTwoPi;
}

const halfLogTwoPi = Math.log(2 * Math.PI) / 2;

/** ln(Q(from) - Q(to)) for 0 < from < to, where Q is the upper tail. */
function logUpperDifference(from: number, to: number): number {
  const first = logUpperTail(from);
  if (to === Infinity) return first;
  return first + Math.log(-Math.expm1(logUpperTail(to) - first));
}

/** ln Q(x) for x of 0 and more. */
function logUpperTail(x: number): number {
  return Math.log(erfcx(x / Math.SQRT2) / 2) - (x * x) / 2;
}
