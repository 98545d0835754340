import { metre, type Metre } from '../quantity/index.js';
import { thinnerSheet, type SeamJoint } from './Joint.js';

/** Without wire a corner draws its fillet from its own edges: this share of the thinner sheet, before they are undercut. */
const fusedShare = 0.4;
/** A flare groove's edges lie against each other: what melts there closes the root and fills little beyond it. */
const fusedFlareShare = 0.8;

/**
 * Leg of the small fillet that a joint fuses out of its own edges without wire: 0.4 of the thinner sheet at a T, a
 * corner or a tube on plate, 0.8 in a flare groove, whose cusp needs little. A planning assumption: a sweep about as
 * wide as the sheet is thick gives as much before its toes are undercut by a tenth of the sheet.
 *
 * @example
 * ownLeg({ kind: 'tee', firstThickness: mm(2), secondThickness: mm(2), gap: mm(0), leg: mm(2), sides: 1 }) // => 0.0008
 */
export function ownLeg(seam: Extract<SeamJoint, { leg: Metre }>): Metre {
  const share = seam.kind === 'flareGroove' ? fusedFlareShare : fusedShare;
  return metre(share * thinnerSheet(seam));
}
