import type { BeadBalance } from '../melt/index.js';
import type { Metal, MetalFamily } from '../metal/index.js';
import { squareMetre, type SquareMetre } from '../quantity/index.js';

/** What is left to grind off a seam. */
export interface Dressing {
  /** Crown and root together, across the seam. */
  readonly area: SquareMetre;
  /** Minutes per metre of seam, brushing and blending included. */
  readonly minutesPerMetre: number;
}

/** mm3 a minute that a small grinder takes off, planning figures for a sharp disc. */
const removal: Readonly<Record<MetalFamily, number>> = {
  steel: 900,
  stainless: 600,
  aluminium: 2000,
  copperAlloy: 1200,
  titanium: 400,
  nickel: 400,
};

/** Minutes per metre and mm of bead for going through the grits, and for brushing at all. */
const blending = { perMm: 0.5, brushing: 0.5 };

/**
 * Dressing that a bead needs to lie flush on both faces. The area follows from the bead's balance; the minutes from
 * planning figures of what a small grinder takes off, and scatter by a factor of two.
 *
 * @example
 * dressingLeft({ crownArea: squareMetre(0.6e-6), rootArea: squareMetre(0), faceWidth: mm(2), rootWidth: mm(0) }, findMetal('stainless304')).minutesPerMetre // => 2.5
 */
export function dressingLeft(
  bead: Pick<BeadBalance, 'crownArea' | 'rootArea' | 'faceWidth' | 'rootWidth'>,
  metal: Metal,
): Dressing {
  const area = bead.crownArea + bead.rootArea;
  const faces = (bead.crownArea > 0 ? bead.faceWidth : 0) + (bead.rootArea > 0 ? bead.rootWidth : 0);
  const grinding = (area * 1e6 * 1000) / removal[metal.family];
  return {
    area: squareMetre(area),
    minutesPerMetre: grinding + blending.perMm * faces * 1000 + blending.brushing,
  };
}
