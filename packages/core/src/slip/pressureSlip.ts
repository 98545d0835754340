import type { UnitSlip } from './UnitSlip.js';

/** Units that pressures are read off in, bar each; MPa last, since few gauges show it. */
const units = [
  { unit: 'psi', bar: 0.0689475729316836 },
  { unit: 'kPa', bar: 0.01 },
  { unit: 'MPa', bar: 10 },
];

/**
 * Catches a pressure that is out of reach as bar and likely in another unit.
 *
 * @param givenBar as it was read, bar
 * @param range what is possible, bar
 * @example
 * pressureSlip(2600, { min: 0, max: 350 })?.words // => '2600 bar is out of reach here (0 to 350 bar). Probably 2600 psi, which is 179.3 bar: write the unit.'
 */
export function pressureSlip(
  givenBar: number,
  range: { readonly min: number; readonly max: number },
): UnitSlip | null {
  if (givenBar >= range.min && givenBar <= range.max) return null;
  const odd = `${givenBar} bar is out of reach here (${range.min} to ${range.max} bar).`;
  const meant = units
    .map(({ unit, bar }) => ({ unit, value: givenBar * bar }))
    .find(({ value }) => value >= range.min && value <= range.max && value > 0);
  if (meant === undefined) return { words: odd, probably: null };
  return {
    words: `${odd} Probably ${givenBar} ${meant.unit}, which is ${meant.value.toFixed(1)} bar: write the unit.`,
    probably: meant.value,
  };
}
