import { metre, type Metre } from '../quantity/index.js';
import type { WeldForecast } from './forecastWeld.js';

/**
 * Depth that is expected of a weld, m: the model's, moved as far as the shop's coupons move its reach.
 *
 * @example
 * expectedDepth({ prediction: { depth: metre(0.002), reach: 1 }, expectedReach: 1.1 }).toFixed(4) // => '0.0022'
 */
export function expectedDepth({
  prediction,
  expectedReach,
}: Pick<WeldForecast, 'expectedReach'> & {
  readonly prediction: Pick<WeldForecast['prediction'], 'depth' | 'reach'>;
}): Metre {
  return metre(prediction.depth * (expectedReach / prediction.reach));
}
