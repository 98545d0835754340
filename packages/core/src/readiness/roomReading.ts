import { celsius, inCelsius, saidTemperature, type Kelvin, type SaidUnits } from '../quantity/index.js';
import { dewMargin, dewPoint } from '../supply/index.js';
import type { ReadingVerdict } from './ReadingVerdict.js';

/**
 * The room's dew point, and whether coolant at its set point stays clear of it.
 *
 * @param air -40 to 60 °C
 * @param humidityPercent 1 to 100
 * @param coldest lowest set point of the machine's circuits; null where none is known
 * @throws RangeFault for air or humidity outside those ranges
 * @example
 * roomReading(celsius(30), 75, celsius(25)).words // => 'The dew point is 25.1 °C: coolant at 25 °C would leave water on the optics. Dry the room or set the circuit to 27.1 °C or more, as the manual allows.'
 */
export function roomReading(
  air: Kelvin,
  humidityPercent: number,
  coldest: Kelvin | null,
  saidIn?: SaidUnits,
): ReadingVerdict {
  const dew = dewPoint(air, humidityPercent);
  const point = `The dew point is ${saidTemperature(dew, saidIn)}`;
  if (coldest === null) return { isMet: true, words: `${point}.` };
  const coolant = `coolant at ${saidTemperature(coldest, saidIn)}`;
  if (coldest >= dew + dewMargin) return { isMet: true, words: `${point}: ${coolant} stays dry.` };
  // Rounded up, so that what is said is enough.
  const needed = celsius(Math.ceil((inCelsius(dew) + dewMargin) * 10) / 10);
  return {
    isMet: false,
    words: `${point}: ${coolant} would leave water on the optics. Dry the room or set the circuit to ${saidTemperature(needed, saidIn)} or more, as the manual allows.`,
  };
}
