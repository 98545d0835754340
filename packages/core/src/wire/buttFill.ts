import type { ButtJoint } from '../joint/index.js';
import { mm, squareMetre, type Metre, type SquareMetre } from '../quantity/index.js';

/** A crown is asked for as this share of the thickness, but never flatter or higher than the limits. */
const crownShare = 0.15;
const lowestCrown = mm(0.2);
const highestCrown = mm(0.5);

/** A parabolic cap fills two thirds of its box. */
const capShare = 2 / 3;

/**
 * Metal a butt needs per length of seam: its gap, a crown over the bead, and a root half as wide and half as high.
 * Crown height 15 % of the thickness, 0.2 to 0.5 mm: a planning assumption, to be replaced by the wanted crown.
 *
 * @param joint the butt
 * @param beadWidth at the face, m
 * @returns m2, which is m3 per metre
 * @example
 * (buttFill({ firstThickness: mm(2), secondThickness: mm(2), gap: mm(0.1) }, mm(2.7)) * 1e6).toFixed(3) // => '0.875'
 */
export function buttFill(joint: ButtJoint, beadWidth: Metre): SquareMetre {
  const thickness = Math.min(joint.firstThickness, joint.secondThickness);
  const crown = Math.min(highestCrown, Math.max(lowestCrown, crownShare * thickness));
  const crownArea = capShare * beadWidth * crown;
  const rootArea = capShare * (beadWidth / 2) * (crown / 2);
  return squareMetre(joint.gap * thickness + crownArea + rootArea);
}
