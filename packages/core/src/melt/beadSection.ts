import type { Metre } from '../quantity/index.js';

/**
 * Half-width of the melt at a depth below the face, for drawing: half an ellipse of the bead's width and depth, cut
 * off by the sheet's back where the depth passes it. An assumption for the picture, not a computed fusion line.
 *
 * @param width at the face, m
 * @param depth of the melt, m, above 0
 * @param below the face, m, 0 or more
 * @returns m; 0 below the melt
 * @example
 * meltHalfWidth(mm(2), mm(1), mm(0)) // => 0.001
 */
export function meltHalfWidth(width: Metre, depth: Metre, below: Metre): number {
  const share = below / depth;
  return share >= 1 ? 0 : (width / 2) * Math.sqrt(1 - share * share);
}
