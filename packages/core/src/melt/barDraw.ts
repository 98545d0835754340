import { diffusivity, meltRise } from '../metal/index.js';
import type { MeltInput } from './MeltInput.js';

/** Fitted to the heat field of butts of 1 to 3 mm: nine welds in three metals, within a third of what a bar takes. */
const fitted = 0.25;

/**
 * Heat that a bar behind the seam takes while the melt is open, W: contact x rise to melting x 0.25 (b + 2 alpha/v)2, the square
 * that is hot behind a bead b wide. A few parts in a hundred on steels, up to a quarter on thin aluminium.
 *
 * @param beadWidth m
 * @returns 0 without a bar
 */
export function barDraw({ metal, travel, barContact, start }: MeltInput, beadWidth: number): number {
  if (barContact === undefined) return 0;
  const hot = beadWidth + (2 * diffusivity(metal)) / travel;
  return fitted * barContact * meltRise(metal, start) * hot * hot;
}
