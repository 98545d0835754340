import { erfc } from '../numeric/index.js';
import { mm, type Metre } from '../quantity/index.js';

/** How far a hand that follows a seam strays from its line, one standard deviation. An assumption. */
const strays = mm(0.15);

/**
 * Chance that a freehand bead lies beside the joint's line: that the hand strays by more than half the bead. Next to
 * nothing for a sweep, more than half for the bare spot.
 *
 * @param width that the sweep and the spot lay down, m; heat that spreads the bead's face does not find the joint below it
 * @returns 0 to 1
 * @example
 * jointMissed(mm(0.18)).toFixed(2) // => '0.55'
 */
export function jointMissed(width: Metre): number {
  return erfc(width / 2 / strays / Math.SQRT2);
}
