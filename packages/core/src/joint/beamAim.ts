import { degree, metre, type Metre, type Radian } from '../quantity/index.js';
import { seamOf, type Joint } from './Joint.js';
import { seamRow } from './seamTable.js';

/** Where the beam goes. */
export interface BeamAim {
  /** From the joint's line, m; towards the first sheet positive, the second negative. */
  readonly offset: Metre;
  /** Between the beam and the first sheet's face: 90 degrees for a butt, 45 for a fillet. */
  readonly fromFirst: Radian;
  readonly why: string;
}

/** At most this share of the sweep is laid off the line: more would leave the thin edge cold. */
const mostOffset = 0.25;

/**
 * What the beam should be aimed at: the line itself between equal sheets, off it towards the thicker one otherwise,
 * by a quarter of the sweep times (t1 - t2)/(t1 + t2). A rule of practice.
 *
 * @param sweep wobble width or bead width, m
 * @example
 * (beamAim({ kind: 'butt', firstThickness: mm(3), secondThickness: mm(1), gap: mm(0) }, mm(2.4)).offset * 1000).toFixed(2) // => '0.30'
 */
export function beamAim(joint: Joint, sweep: Metre): BeamAim {
  const seam = seamOf(joint);
  const { firstThickness: first, secondThickness: second } = seam;
  const { beamAngle, aimWhy } = seamRow(seam.kind);
  const offset = metre(aimWhy === null ? (mostOffset * sweep * (first - second)) / (first + second) : 0);
  return { offset, fromFirst: degree(beamAngle), why: aimWhy ?? whyOf(offset) };
}

function whyOf(offset: Metre): string {
  if (offset === 0) return 'both sides are as thick: at the line between them';
  return offset > 0
    ? 'the first sheet is the thicker: it needs the heat, and the thin edge melts by itself'
    : 'the second sheet is the thicker: it needs the heat, and the thin edge melts by itself';
}
