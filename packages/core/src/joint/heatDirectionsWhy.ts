import { seamOf, type Joint } from './Joint.js';
import { seamRow } from './seamTable.js';

/**
 * Why a joint has the directions for its heat that it has, in one line.
 *
 * @example
 * heatDirectionsWhy(sampleJob().joint) // => 'heat leaves one way into each side; a thicker side carries more off'
 */
export function heatDirectionsWhy(joint: Joint): string {
  return seamRow(seamOf(joint).kind).heatWhy;
}
