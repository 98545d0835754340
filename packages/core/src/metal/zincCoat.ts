import { figureOf, RangeFault, requireWithin } from '../fault/index.js';
import { celsius, metre, inMm, type Metre } from '../quantity/index.js';

/** kg/m3 */
const zincDensity = 7140;

/** Zinc boils here, far below the melting point of the steel under it. */
export const zincBoilingPoint = celsius(907);

const coatRange = { quantity: 'zinc coat, each side', min: 0, max: 700, unit: 'g/m2' } as const;

/**
 * Thickness of a zinc coat.
 *
 * @param coat g/m2 on one side, 0 to 700; a sheet sold as 275 g/m2 carries that on both sides together
 * @throws RangeFault for another coat
 * @example
 * (zincThickness(137.5) * 1e6).toFixed(1) // => '19.3'
 */
export function zincThickness(coat: number): Metre {
  requireWithin(coat, coatRange);
  return metre(coat / 1000 / zincDensity);
}

/**
 * Thickness of the steel in a galvanised sheet: its gauge table counts the zinc on both sides.
 *
 * @param sheet m with its coat
 * @param coat g/m2 on each side
 * @throws RangeFault where the coat is not thinner than the sheet
 * @example
 * (steelUnderZinc(mm(1), 137.5) * 1000).toFixed(3) // => '0.961'
 */
export function steelUnderZinc(sheet: Metre, coat: number): Metre {
  const steel = metre(sheet - 2 * zincThickness(coat));
  if (steel > 0) return steel;
  throw new RangeFault({
    quantity: 'galvanised thickness',
    given: `${figureOf(inMm(sheet))} mm`,
    allowed: `more than its two coats of ${coat} g/m2`,
  });
}

/**
 * Zinc that boils off a seam: the coat on both sides of every sheet over the width that gets hotter than zinc boils.
 *
 * @param coat g/m2 on each side
 * @param hotWidth m of sheet, across the seam, that passes the boiling point
 * @returns kg per metre of seam
 * @example
 * (zincBoiledOff(137.5, mm(6)) * 1000).toFixed(2) // => '1.65'
 */
export function zincBoiledOff(coat: number, hotWidth: Metre): number {
  requireWithin(coat, coatRange);
  return (2 * coat * hotWidth) / 1000;
}
