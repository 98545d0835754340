import { metre, squareMetre, type Metre, type SquareMetre } from '../quantity/index.js';
import { meltHalfWidth } from './beadSection.js';

/** What decides a bead's outline above and below the sheets. */
export interface BeadBalanceInput {
  readonly faceWidth: Metre;
  readonly depth: Metre;
  readonly thickness: Metre;
  /** Gap that the melt must fill, as an area across the seam. */
  readonly gapArea: SquareMetre;
  /** What of the wire belongs to the joint itself: fillet, groove, V. */
  readonly fillArea: SquareMetre;
  /** Whether a melt deeper than the thickness comes out into the open behind. */
  readonly isOpenBehind: boolean;
  /** Metal that the wire lays down per length; 0 without wire. */
  readonly laid: SquareMetre;
}

/** A bead's outline by area balance. */
export interface BeadBalance {
  readonly faceWidth: Metre;
  /** Height above the sheets; 0 where there is undercut. */
  readonly crownHeight: Metre;
  /** How far the face lies below the sheets; 0 where there is a crown. */
  readonly undercut: Metre;
  readonly rootWidth: Metre;
  readonly rootHeight: Metre;
  readonly crownArea: SquareMetre;
  readonly rootArea: SquareMetre;
  readonly sag: 'none' | 'some' | 'much';
}

/** A parabolic cap fills two thirds of its box. */
const capShare = 2 / 3;

/** The root bulges by this share of its width once the melt is over-full by a third of the thickness. */
const rootBulge = 0.15;
const fullBulgeOver = 0.35;
const mostOver = 2;

/**
 * Crown, undercut, root and sag by area balance: what the wire lays down, less what gap, fillet and root take, lies on
 * the face as a parabolic cap, or is missing from it. Assumed: the melt is half an ellipse of its width and depth, so
 * the root is as wide as that ellipse at the back; the root bulges by 15 % of its width when the melt is 35 % deeper
 * than the sheet, in proportion before that. Nothing evaporates and nothing spatters.
 *
 * @example
 * (beadBalance({ faceWidth: mm(2), depth: mm(1), thickness: mm(2), gapArea: squareMetre(0), fillArea: squareMetre(0), isOpenBehind: true, laid: squareMetre(0.4e-6) }).crownHeight * 1000).toFixed(2) // => '0.30'
 */
export function beadBalance(input: BeadBalanceInput): BeadBalance {
  const { faceWidth, depth, thickness, gapArea, fillArea, laid } = input;
  const rootWidth = input.isOpenBehind ? 2 * meltHalfWidth(faceWidth, depth, thickness) : 0;
  const over = Math.min(mostOver, Math.max(0, depth / thickness - 1) / fullBulgeOver);
  const rootHeight = rootBulge * rootWidth * over;
  const rootArea = capShare * rootWidth * rootHeight;
  const onFace = laid - gapArea * Math.min(1, depth / thickness) - fillArea - rootArea;
  const height = Math.abs(onFace) / (capShare * faceWidth);
  return {
    faceWidth,
    crownHeight: metre(onFace > 0 ? height : 0),
    undercut: metre(onFace < 0 ? height : 0),
    rootWidth: metre(rootWidth),
    rootHeight: metre(rootHeight),
    crownArea: squareMetre(Math.max(0, onFace)),
    rootArea: squareMetre(rootArea),
    sag: over <= 0.5 ? 'none' : over <= 1 ? 'some' : 'much',
  };
}
