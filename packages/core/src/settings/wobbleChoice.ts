import { hertz, mm, type Hertz, type Metre } from '../quantity/index.js';

/** A wobble to start from with why it fits. */
export interface WobbleChoice {
  readonly shape: 'sideToSide';
  readonly width: Metre;
  readonly frequency: Hertz;
  readonly reason: string;
}

const rows: readonly { readonly below: Metre; readonly width: Metre; readonly reason: string }[] = [
  { below: mm(1), width: mm(1.5), reason: 'thin sheet: a narrow sweep keeps the heat down' },
  { below: mm(2), width: mm(2), reason: 'wide enough to catch both edges, narrow enough to reach' },
  { below: mm(3), width: mm(2.5), reason: 'a middle width: catches both edges of a hand-fitted seam' },
];

const thick = { width: mm(3), reason: 'thick edges want a wide bead to wet' };

/** Sweeps a second at which most hands start. */
const startRate = hertz(60);

/** A gap is crossed by a sweep at least this much wider than it, so that both edges melt. */
const edgesBeyondGap = mm(1);

/**
 * The wobble to start from for a sheet and its gap: side to side, the fastest to learn.
 *
 * @param thickness of the thinner sheet, m
 * @param gap m
 * @example
 * wobbleFor(mm(1.5), mm(0)).width // => 0.002
 */
export function wobbleFor(thickness: Metre, gap: Metre): WobbleChoice {
  const row = rows.find((candidate) => thickness < candidate.below) ?? thick;
  const acrossGap = (gap + edgesBeyondGap) as Metre;
  const isGapWider = acrossGap > row.width;
  return {
    shape: 'sideToSide',
    width: isGapWider ? acrossGap : row.width,
    frequency: startRate,
    reason: isGapWider ? 'wider than the gap by half a millimetre on each edge' : row.reason,
  };
}
