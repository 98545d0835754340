import gamma from '@stdlib/math-base-special-gamma';
import type { WeibullLife } from './weibullLife.js';

/**
 * Use by which a share has failed: scale (-ln(1 - share))^(1/shape). A tenth is the usual figure to plan by.
 *
 * @param share 0 to below 1
 * @example
 * lifeReachedBy({ shape: 1.6551156, scale: 935.80495 }, 0.1).toFixed(2) // => '240.27'
 */
export function lifeReachedBy({ shape, scale }: Pick<WeibullLife, 'shape' | 'scale'>, share: number): number {
  return scale * (-Math.log1p(-share)) ** (1 / shape);
}

/**
 * Chance that a part which has served so long serves so much longer: S(served + more)/S(served).
 *
 * @param served use so far, 0 or more
 * @param more use that is asked of it, 0 or more
 * @example
 * chanceToLast({ shape: 1, scale: 100 }, 50, 100).toFixed(4) // => '0.3679'
 */
export function chanceToLast(
  { shape, scale }: Pick<WeibullLife, 'shape' | 'scale'>,
  served: number,
  more: number,
): number {
  return Math.exp((served / scale) ** shape - ((served + more) / scale) ** shape);
}

/**
 * Mean life, scale x Gamma(1 + 1/shape).
 *
 * @returns in the unit of the scale
 * @example
 * meanLife({ shape: 2, scale: 100 }).toFixed(2) // => '88.62'
 */
export function meanLife({ shape, scale }: Pick<WeibullLife, 'shape' | 'scale'>): number {
  return scale * gamma(1 + 1 / shape);
}
