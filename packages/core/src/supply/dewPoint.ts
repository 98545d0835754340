import { requireWithin } from '../fault/index.js';
import { celsius, inCelsius, type Kelvin } from '../quantity/index.js';

const slope = 17.625;
const offset = 243.04;

/**
 * Temperature at which air begins to leave water on cold optics. Magnus form after Alduchov and Eskridge 1996.
 *
 * @param air -40 to 60 °C
 * @param humidityPercent relative humidity, 1 to 100
 * @throws RangeFault for other values
 * @example
 * (dewPoint(celsius(23.9), 78) - 273.15).toFixed(2) // => '19.83'
 */
export function dewPoint(air: Kelvin, humidityPercent: number): Kelvin {
  const airC = inCelsius(air);
  requireWithin(airC, { quantity: 'room temperature', min: -40, max: 60, unit: '°C' });
  requireWithin(humidityPercent, { quantity: 'humidity', min: 1, max: 100, unit: '%' });
  const gamma = Math.log(humidityPercent / 100) + (slope * airC) / (offset + airC);
  return celsius((offset * gamma) / (slope - gamma));
}
