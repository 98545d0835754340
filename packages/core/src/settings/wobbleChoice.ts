import { wobbleNames, type WobbleShape } from '../beam/index.js';
import { edgesBeyondGap, gapBorne, jointThermal, seamOf } from '../joint/index.js';
import type { Metal } from '../metal/index.js';
import { usualPractice, type Practice } from '../practice/index.js';
import { hertz, metre, mm, type Hertz, type Metre } from '../quantity/index.js';
import type { WeldJob } from './WeldJob.js';

/** A wobble to start from with why it fits. */
export interface WobbleChoice {
  readonly shape: WobbleShape;
  readonly width: Metre;
  readonly frequency: Hertz;
  /** Below this the weave no longer reaches both edges of the gap; 0 where the gap is borne plainly. */
  readonly leastWidth: Metre;
  readonly reasons: { readonly shape: string; readonly width: string; readonly rate: string };
}

const rows: readonly { readonly below: Metre; readonly width: Metre; readonly reason: string }[] = [
  { below: mm(1), width: mm(1.5), reason: 'thin sheet: a narrow sweep keeps the heat down' },
  { below: mm(2), width: mm(2), reason: 'wide enough to catch both edges, narrow enough to reach' },
  { below: mm(3), width: mm(2.5), reason: 'a middle width: catches both edges of a hand-fitted seam' },
];

const thick = { width: mm(3), reason: 'thick edges want a wide bead to wet' };

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
 * wobbleFor({ metal: findMetal('stainless304'), joint: { kind: 'butt', firstThickness: mm(1.5), secondThickness: mm(1.5), gap: mm(0) }, machine: { spot: mm(0.15), wobbleShapes: ['sideToSide'] } }).width // => 0.002
 */
export function wobbleFor(job: WobbleJob): WobbleChoice {
  const practice = job.practice ?? usualPractice;
  const { thickness } = jointThermal(job.joint);
  const shape = shapeFor(job, thickness, practice);
  const { gap } = seamOf(job.joint);
  const width = widthFor(thickness, gap, practice);
  const { plain, leastWeave } = gapBorne(job.joint, null);
  const rate = rateFor(job.machine.spot, practice);
  return {
    shape: shape.value,
    width: width.value,
    frequency: rate.value,
    leastWidth: gap > plain ? leastWeave : mm(0),
    reasons: { shape: shape.reason, width: width.reason, rate: rate.reason },
  };
}

/** What of a job decides its wobble. */
export interface WobbleJob extends Pick<WeldJob, 'metal' | 'joint' | 'practice'> {
  readonly machine: Pick<WeldJob['machine'], 'spot' | 'wobbleShapes'>;
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

function widthFor(thickness: Metre, gap: Metre, practice: Practice): Reasoned<Metre> {
  const row = rows.find((candidate) => thickness < candidate.below) ?? thick;
  const school = widthBySchool[practice.wobbleWidth];
  const usual = metre(row.width * school.factor);
  const acrossGap = metre(gap + edgesBeyondGap);
  if (acrossGap > usual) {
    return { value: acrossGap, reason: 'wider than the gap by half a millimetre on each edge' };
  }
  return { value: usual, reason: school.reason === '' ? row.reason : `${row.reason}; ${school.reason}` };
}

function rateFor(spot: Metre, { wobbleRate }: Practice): Reasoned<Hertz> {
  if (wobbleRate === 'reach')
    return { value: startRate, reason: 'where most hands start; slower goes deeper' };
  return {
    value: hertz((wantedSweeps * easyPace) / (2 * spot)),
    reason: 'so that two sweeps pass over each place at an easy pace',
  };
}
