import { fraction } from '../quantity/index.js';
import type { Aim } from './WeldJob.js';

/** Each of two runs goes this far, so that they overlap by a fifth of the sheet. */
const eachSide = fraction(0.6);

/**
 * What each run aims at where a joint is welded from both sides: three fifths of the way, so that the two overlap
 * by a fifth of the thickness. The metal between has been warm once by the time the second run comes, which is not
 * counted. An aim that stops short already stays as it is.
 *
 * @example
 * aimFromBothSides({ kind: 'reach' }) // => { kind: 'share', share: 0.6 }
 */
export function aimFromBothSides(aim: Aim): Aim {
  return aim.kind === 'share' ? aim : { kind: 'share', share: eachSide };
}
