import { metre, second, type Metre, type MetrePerSecond, type Second } from '../quantity/index.js';
import type { Joint } from './Joint.js';
import { seamRow } from './seamTable.js';

/** A run round a tube that closes on itself. */
export interface RoundSeam {
  /** Once round. */
  readonly length: Metre;
  /** Of turning rolls, 1/min. */
  readonly turnsPerMinute: number;
  /** How far the end is taken past the start. */
  readonly lap: Metre;
  /** Once round and the lap. */
  readonly lightOn: Second;
}

/** The end laps the start by so many widths of the bead: common practice is one or two. */
const lapWidths = 2;

/**
 * A seam round a tube as it is welded on turning rolls: n = v/(2 pi R), the end lapping the start by two widths of the bead.
 *
 * @param travel above 0
 * @returns null for a seam that does not go round, and for a tack on one
 * @example
 * roundSeam({ kind: 'tubeToPlate', firstThickness: mm(2), secondThickness: mm(2), gap: mm(0), leg: mm(2), tubeRadius: mm(20) }, mmPerSecond(8), mm(2))?.turnsPerMinute.toFixed(2) // => '3.82'
 */
export function roundSeam(joint: Joint, travel: MetrePerSecond, beadWidth: Metre): RoundSeam | null {
  if (joint.kind === 'tack' || !seamRow(joint.kind).isRound || !('tubeRadius' in joint)) return null;
  const length = metre(2 * Math.PI * joint.tubeRadius);
  const lap = metre(lapWidths * beadWidth);
  return { length, turnsPerMinute: (60 * travel) / length, lap, lightOn: second((length + lap) / travel) };
}
