import type { UnitSlip } from './UnitSlip.js';

/**
 * Catches a temperature that is out of reach as degrees Celsius and likely as Fahrenheit or kelvin.
 *
 * @param givenC as it was read, °C
 * @param range what is possible, °C
 * @example
 * temperatureSlip(72, { min: 0, max: 60 })?.words // => '72 °C is out of reach here (0 to 60 °C). Probably 72 °F, which is 22.2 °C: write the unit.'
 */
export function temperatureSlip(
  givenC: number,
  range: { readonly min: number; readonly max: number },
): UnitSlip | null {
  if (givenC >= range.min && givenC <= range.max) return null;
  const odd = `${givenC} °C is out of reach here (${range.min} to ${range.max} °C).`;
  const meant = [
    { unit: '°F', celsius: ((givenC - 32) * 5) / 9 },
    { unit: 'K', celsius: givenC - 273.15 },
  ].find(({ celsius }) => celsius >= range.min && celsius <= range.max);
  if (meant === undefined) return { words: odd, probably: null };
  return {
    words: `${odd} Probably ${givenC} ${meant.unit}, which is ${meant.celsius.toFixed(1)} °C: write the unit.`,
    probably: meant.celsius,
  };
}
