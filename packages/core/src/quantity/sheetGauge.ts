import { RangeFault } from '../fault/index.js';
import { gaugeTables } from './gaugeTables.js';

/** Metal families that number their sheet thickness, each in its own way. */
export type SheetFamily = 'carbonSteel' | 'stainless' | 'galvanised' | 'aluminium';

/** Thickness in mm by gauge number. */
export type GaugeTable = ReadonlyMap<number, number>;

/**
 * Thickness of a gauge number, which is a different thickness in each metal family.
 *
 * @param family the sheet's own table; galvanised includes its zinc
 * @param gauge whole gauge number, 7 to 28 (galvanised from 8)
 * @returns thickness in mm
 * @throws RangeFault for a number the family's table does not hold
 * @example
 * sheetGaugeMm('stainless', 16) // => 1.5875
 */
export function sheetGaugeMm(family: SheetFamily, gauge: number): number {
  const table = gaugeTables[family];
  const thickness = table.get(gauge);
  if (thickness !== undefined) return thickness;
  const numbers = [...table.keys()];
  throw new RangeFault({
    quantity: 'gauge',
    given: `${gauge} ga`,
    allowed: `${Math.min(...numbers)} to ${Math.max(...numbers)} ga, whole numbers`,
    remedy: 'Give the thickness in mm or inches instead.',
  });
}
