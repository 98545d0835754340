import { requireWithin } from '../fault/index.js';
import { inMm, metre, mm, type Metre } from '../quantity/index.js';

/** Tacks this many thicknesses apart, within what hands do, mm. */
const tackPitch = { thicknesses: 25, least: 20, most: 80 };

/** How far tacks lie apart, 25 thicknesses of the thinner sheet, which moves first, within 20 to 80 mm. A rule of practice. */
export function tackSpacing(thickness: Metre): Metre {
  const { thicknesses, least, most } = tackPitch;
  return mm(Math.min(most, Math.max(least, thicknesses * inMm(thickness))));
}

/** Four round a closed seam, opposite pairs first. */
const roundTurn = [0, 0.5, 0.25, 0.75] as const;

/**
 * Where the tacks of a seam go, in the order they are set: both ends, the middle, then the middle of what is left from the middle of
 * the seam outwards, until none lie further apart than their spacing. A closed seam gets four, opposite pairs first.
 *
 * @param length of the seam, above 0
 * @returns distances from the seam's start, first tack first
 * @example
 * tackPlan(mm(120), mm(1.5), false).map(inMm) // => [0, 120, 60, 30, 90]
 */
export function tackPlan(length: Metre, thickness: Metre, isClosed: boolean): readonly Metre[] {
  requireWithin(inMm(length), { quantity: 'seam length', min: 0.001, max: 1e6, unit: 'mm' });
  if (isClosed) return roundTurn.map((turn) => metre(length * turn));
  const spaces = 2 ** Math.max(0, Math.ceil(Math.log2(length / tackSpacing(thickness)) - 1e-9));
  const at = Array.from({ length: spaces + 1 }, (_, i) => i / spaces);
  const order = at.map((place, i) => ({ place, rank: rankOf(i, spaces), out: Math.abs(place - 0.5) }));
  order.sort((one, other) => one.rank - other.rank || one.out - other.out || one.place - other.place);
  return order.map(({ place }) => metre(length * place));
}

/** 0 for the ends, 1 for the middle, 2 for the quarters, and so on. */
function rankOf(index: number, spaces: number): number {
  if (index === 0 || index === spaces) return 0;
  let rank = Math.log2(spaces);
  for (let left = index; left % 2 === 0; left /= 2) rank -= 1;
  return rank;
}
