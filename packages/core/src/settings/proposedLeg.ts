import { wobbleFrom } from '../beam/index.js';
import { thinnerSheet, type SeamJoint } from '../joint/index.js';
import { fraction, hertz, inMm, metre, metrePerSecond, mm, type Metre } from '../quantity/index.js';
import { wireForTravel } from '../wire/index.js';
import { meltKernel } from '../melt/index.js';
import { handBand, racingWire } from './handBand.js';
import { meltInputOf, passFill } from './meltInputOf.js';
import type { WeldJob } from './WeldJob.js';
import { weldPass, wettedFace } from './weldPass.js';

/** A fillet's throat carries as much as the thinner sheet at this share of it, all welded sides together. */
const carryingThroat = 0.7;

/** No fillet is asked for smaller than this, nor larger. */
const leastLeg = mm(0.5);
const mostLeg = mm(12);

/** A leg under this share of what carries is no proposal: more passes, or a stronger machine, are. */
const leastShare = 0.5;
/** At full power and the slowest steady pace so much of the way leaves a little in hand. */
const inHand = 1.1;

/** What lays the fillet. */
export type LegFeed = Pick<WeldJob, 'metal' | 'wireDiameter' | 'machine'>;

type LeggedSeam = Extract<SeamJoint, { leg: Metre }>;

/**
 * The leg to propose: what carries the thinner sheet's strength, a throat of 0.7 t shared by the sides that are
 * welded; for a flare groove the leg with such a throat, at most a flush groove. Never more than the wire and the
 * machine give in one pass. Whole tenths of a millimetre.
 *
 * @param seam with any leg: it is not looked at
 * @example
 * inMm(proposedLeg({ kind: 'tee', firstThickness: mm(2), secondThickness: mm(2), gap: mm(0), leg: mm(9), sides: 1 }, { metal: findMetal('stainless304'), wireDiameter: null, machine: bench })) // => 2
 */
export function proposedLeg(seam: LeggedSeam, feed: LegFeed): Metre {
  const throat = carryingThroat * thinnerSheet(seam);
  const sides = seam.kind === 'tee' ? seam.sides : 1;
  const carrying =
    seam.kind === 'flareGroove' ? Math.min((16 / 5) * throat, seam.tubeRadius) : throat / 0.7 / sides;
  let tenths = Math.round(inMm(metre(Math.min(mostLeg, Math.max(leastLeg, carrying)))) * 10);
  if (feed.wireDiameter === null) return mm(tenths / 10);
  const least = Math.round(Math.max(inMm(leastLeg), inMm(metre(leastShare * carrying))) * 10);
  while (tenths > least && !isGivenInOnePass({ ...seam, leg: mm(tenths / 10) }, feed)) tenths--;
  return mm(tenths / 10);
}

/** Whether wire, sweep and light give a leg in one pass, the light at its most and the hand at its slowest. */
function isGivenInOnePass(seam: LeggedSeam, { metal, wireDiameter, machine }: LegFeed): boolean {
  const job: WeldJob = { metal, wireDiameter, machine, joint: seam, aim: { kind: 'reach' } };
  if (wireDiameter === null || weldPass(job).passes > 1) return false;
  const width = metre(Math.max(0, wettedFace(seam) - 1.2 * machine.spot));
  const wobble = wobbleFrom(machine.wobbleShapes[0] ?? 'none', width, usualRate);
  const wanted = wireForTravel(wireDiameter, handBand.slowest, passFill(job, { wobble }));
  const wireSpeed = metrePerSecond(Math.min(wanted, racingWire));
  const pace = { by: 'wire', diameter: wireDiameter, wireSpeed } as const;
  return (
    meltKernel(meltInputOf(job, { power: machine.power.most, duty: full, wobble, pace })).reach >= inHand
  );
}

const full = fraction(1);
/** Sweeps a second at which most hands start. */
const usualRate = hertz(60);
