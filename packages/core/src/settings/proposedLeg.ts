import { thinnerSheet, type SeamJoint } from '../joint/index.js';
import { inMm, metre, mm, type Metre } from '../quantity/index.js';
import { weldPass, type PassJob } from './weldPass.js';

/** A fillet's throat carries as much as the thinner sheet at this share of it, all welded sides together. */
const carryingThroat = 0.7;

/** No fillet is asked for smaller than this, nor larger. */
const leastLeg = mm(0.5);
const mostLeg = mm(12);

type LeggedSeam = Extract<SeamJoint, { leg: Metre }>;

/**
 * The leg to propose: what carries the thinner sheet's strength, a throat of 0.7 t shared by the sides that are
 * welded; for a flare groove the leg with such a throat, at most a flush groove. Never more than the wire and the
 * machine give in one pass. Whole tenths of a millimetre.
 *
 * @param seam with any leg: it is not looked at
 * @example
 * inMm(proposedLeg({ kind: 'tee', firstThickness: mm(2), secondThickness: mm(2), gap: mm(0), leg: mm(9), sides: 1 }, { wireDiameter: null, machine: bench })) // => 2
 */
export function proposedLeg(seam: LeggedSeam, feed: Omit<PassJob, 'joint'>): Metre {
  const throat = carryingThroat * thinnerSheet(seam);
  const sides = seam.kind === 'tee' ? seam.sides : 1;
  const carrying =
    seam.kind === 'flareGroove' ? Math.min((16 / 5) * throat, seam.tubeRadius) : throat / 0.7 / sides;
  let tenths = Math.round(inMm(metre(Math.min(mostLeg, Math.max(leastLeg, carrying)))) * 10);
  if (feed.wireDiameter === null) return mm(tenths / 10);
  const least = Math.round(inMm(leastLeg) * 10);
  while (tenths > least && weldPass({ ...feed, joint: { ...seam, leg: mm(tenths / 10) } }).passes > 1)
    tenths--;
  return mm(tenths / 10);
}
