import { figureOf, RangeFault } from '../fault/index.js';
import { inMm, metre, type Metre } from '../quantity/index.js';
import type { SeamRun } from './JointConditions.js';

/** One weld along a seam. */
export interface Stitch {
  readonly side: 1 | 2;
  /** From the seam's start. */
  readonly from: Metre;
  readonly to: Metre;
}

/**
 * The welds along a seam: one, or stitches of a length at a pitch, on one or both sides, the second shifted by the
 * offset. The last is cut off at the seam's end and left out where nothing of it remains.
 *
 * @param length of the seam
 * @throws RangeFault for a stitch of nothing, or a pitch that is not longer than the stitch
 * @example
 * seamStitches({ kind: 'stitched', length: mm(20), pitch: mm(60), offset: mm(0) }, mm(100), 1).length // => 2
 */
export function seamStitches(run: SeamRun, length: Metre, sides: 1 | 2): readonly Stitch[] {
  const onSide = (side: 1 | 2) => (side === 1 ? 0 : run.kind === 'stitched' ? run.offset : 0);
  const both = sides === 1 ? ([1] as const) : ([1, 2] as const);
  if (run.kind === 'continuous') return both.map((side) => ({ side, from: metre(0), to: length }));
  requireStitch(run.length, run.pitch);
  return both.flatMap((side) => stitchesFrom(side, onSide(side), run, length));
}

/**
 * Length that is really welded along a seam, all sides together.
 *
 * @example
 * weldedLength({ kind: 'continuous' }, mm(100), 2) // => 0.2
 */
export function weldedLength(run: SeamRun, length: Metre, sides: 1 | 2): Metre {
  return metre(seamStitches(run, length, sides).reduce((sum, { from, to }) => sum + to - from, 0));
}

function stitchesFrom(
  side: 1 | 2,
  start: number,
  { length: stitch, pitch }: { length: Metre; pitch: Metre },
  seam: Metre,
): readonly Stitch[] {
  const stitches: Stitch[] = [];
  for (let from = start; from < seam; from += pitch) {
    stitches.push({ side, from: metre(from), to: metre(Math.min(from + stitch, seam)) });
  }
  return stitches;
}

function requireStitch(length: Metre, pitch: Metre): void {
  if (length > 0 && pitch > length) return;
  throw new RangeFault({
    quantity: 'stitch',
    given: `${figureOf(inMm(length))} mm every ${figureOf(inMm(pitch))} mm`,
    allowed: 'a stitch above 0 mm and a pitch longer than it',
  });
}
