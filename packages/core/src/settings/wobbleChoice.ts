import { wobbleNames, type WobbleShape } from '../beam/index.js';
import { gapBorne, jointThermal, seamOf, type SeamJoint } from '../joint/index.js';
import type { Metal } from '../metal/index.js';
import { usualPractice, type Practice } from '../practice/index.js';
import { hertz, metre, mm, type Hertz, type Metre } from '../quantity/index.js';
import type { WeldJob } from './WeldJob.js';
import { weldPass, wettedFace } from './weldPass.js';

/** A wobble to start from with why it fits. */
export interface WobbleChoice {
  readonly shape: WobbleShape;
  readonly width: Metre;
  readonly frequency: Hertz;
  /** Below this the weave no longer reaches both edges of the gap, or both legs of the fillet; 0 where neither asks. */
  readonly leastWidth: Metre;
  readonly reasons: { readonly shape: string; readonly width: string; readonly rate: string };
}

interface UsualWidth {
  readonly at: Metre;
  readonly width: Metre;
  readonly reason: string;
}

const thinnest: UsualWidth = {
  ...{ at: mm(0.3), width: mm(0.8), reason: 'very thin sheet: a wider melt would sag' },
};
/** Usual widths by thickness; in between along a line, so that a hair more sheet never moves the sweep by much. */
const widths: readonly UsualWidth[] = [
  thinnest,
  { at: mm(0.75), width: mm(1.5), reason: 'thin sheet: a narrow sweep keeps the heat down' },
  { at: mm(1.5), width: mm(2), reason: 'wide enough to catch both edges, narrow enough to reach' },
  { at: mm(2.5), width: mm(2.5), reason: 'a middle width: catches both edges of a hand-fitted seam' },
  { at: mm(3.5), width: mm(3), reason: 'thick edges want a wide bead to wet' },
];

/** From the gap that is borne plainly to this many times it the weave that must cross it comes in. */
const weaveFullAt = 2;

/** Sheet from here on counts as thick work, where closed shapes are used. */
const thickWork = mm(4);

/** Sweeps a second at which most hands start. */
const startRate = hertz(60);

/** Sweeps over one place that a school of the hand's speed wants, at an easy pace. */
const wantedSweeps = 2;
const easyPace = 8e-3;

const widthBySchool = {
  middle: { factor: 1, reason: '' },
  narrow: { factor: 0.75, reason: 'narrowed for reach, as the shop does' },
  wide: { factor: 1.2, reason: 'a little wider than usual, as the shop does' },
} as const;

/**
 * The wobble to start from for a job: shape by metal, thickness and the shop's school, width by thickness and gap,
 * rate by reach or by the hand. A shape the machine does not have gives way to one it has, and says so.
 *
 * @example
 * wobbleFor(sampleJob()).width // => 0.002
 */
export function wobbleFor(job: WobbleJob): WobbleChoice {
  const practice = job.practice ?? usualPractice;
  const { joint } = weldPass(job);
  const { thickness } = jointThermal(joint);
  const shape = shapeFor(job, thickness, practice);
  const seam = seamOf(joint);
  const { gap } = seam;
  const wets =
    job.wireDiameter !== null && joint.kind !== 'tack' && 'leg' in seam ? weaveToWet(seam, job) : mm(0);
  const { plain, leastWeave } = gapBorne(joint, null);
  const share = Math.min(1, Math.max(0, (gap - plain) / ((weaveFullAt - 1) * plain)));
  const across = metre(share * leastWeave);
  const width = widthFor(thickness, { across, wets }, practice);
  const rate = rateFor(job.machine.spot, practice);
  return {
    shape: shape.value,
    width: width.value,
    frequency: rate.value,
    leastWidth: metre(Math.max(wets, across)),
    reasons: { shape: shape.reason, width: width.reason, rate: rate.reason },
  };
}

/** What of a job decides its wobble. */
export interface WobbleJob extends Pick<WeldJob, 'metal' | 'joint' | 'practice' | 'wireDiameter'> {
  readonly machine: Pick<WeldJob['machine'], 'spot' | 'wobbleShapes' | 'wobbleWidth' | 'wireSpeed'>;
}

/** The sweep whose bead wets both legs of a fillet. */
function weaveToWet(seam: Extract<SeamJoint, { leg: Metre }>, { machine }: WobbleJob): Metre {
  return metre(Math.max(0, wettedFace(seam) - 1.2 * machine.spot));
}

interface Reasoned<T> {
  readonly value: T;
  readonly reason: string;
}

function shapeFor(
  { metal, machine }: WobbleJob,
  thickness: Metre,
  practice: Practice,
): Reasoned<WobbleShape> {
  const wanted = wantedShape(metal, thickness, practice);
  if (machine.wobbleShapes.includes(wanted.value)) return wanted;
  const [first = 'sideToSide'] = machine.wobbleShapes;
  return {
    value: first,
    reason: `the machine has no ${wobbleNames[wanted.value]}, which would suit: ${wanted.reason}`,
  };
}

function wantedShape(metal: Metal, thickness: Metre, { wobbleShape }: Practice): Reasoned<WobbleShape> {
  switch (wobbleShape) {
    case 'sideToSide':
      return { value: 'sideToSide', reason: 'side to side, as the shop does: fast and quick to learn' };
    case 'circle':
      return { value: 'circle', reason: 'circles, as the shop does: slower, rippled, forgiving on fit' };
    case 'closed':
      return {
        value: 'figureEight',
        reason: 'a closed shape, as the shop does: spreads the heat over the edges',
      };
    case 'byMetal':
      return shapeByMetal(metal, thickness);
  }
}

function shapeByMetal(metal: Metal, thickness: Metre): Reasoned<WobbleShape> {
  if (metal.family === 'aluminium' || metal.id === 'brass') {
    return { value: 'circle', reason: 'circles: side to side is distrusted on aluminium and brass' };
  }
  if (thickness >= thickWork) {
    return { value: 'figureEight', reason: 'a closed shape spreads the heat over thick edges' };
  }
  return { value: 'sideToSide', reason: 'side to side: fast, and quick to learn' };
}

interface Asked {
  /** Sweep that melts both edges across a gap that is not borne plainly; 0 where it is. */
  readonly across: Metre;
  /** Sweep that wets both legs of a fillet; 0 where there is none to wet. */
  readonly wets: Metre;
}

function widthFor(thickness: Metre, { across, wets }: Asked, practice: Practice): Reasoned<Metre> {
  const school = widthBySchool[practice.wobbleWidth];
  const usual = usualWidth(thickness);
  const wanted = metre(usual.value * school.factor);
  if (wets > Math.max(wanted, across)) {
    return { value: wets, reason: 'as wide as wets both legs of the fillet' };
  }
  if (across > wanted) {
    return { value: across, reason: 'wide enough to melt both edges across the gap' };
  }
  return { value: wanted, reason: school.reason === '' ? usual.reason : `${usual.reason}; ${school.reason}` };
}

function usualWidth(thickness: Metre): Reasoned<Metre> {
  const before = widths.findLast(({ at }) => at <= thickness) ?? thinnest;
  const next = widths.find(({ at }) => at > thickness);
  if (next === undefined || thickness < before.at) return { value: before.width, reason: before.reason };
  const share = (thickness - before.at) / (next.at - before.at);
  return {
    value: metre(before.width + share * (next.width - before.width)),
    reason: share < 0.5 ? before.reason : next.reason,
  };
}

function rateFor(spot: Metre, { wobbleRate }: Practice): Reasoned<Hertz> {
  if (wobbleRate === 'reach')
    return { value: startRate, reason: 'where most hands start; slower goes deeper' };
  return {
    value: hertz((wantedSweeps * easyPace) / (2 * spot)),
    reason: 'so that two sweeps pass over each place at an easy pace',
  };
}
