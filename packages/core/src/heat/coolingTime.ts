import { second, type Kelvin, type Second } from '../quantity/index.js';

/** What sets how fast a seam cools, all SI. */
export interface CoolingInput {
  /** Absorbed, J per m of seam. */
  readonly absorbedPerLength: number;
  /** W/(m K) */
  readonly conductivity: number;
  /** kg/m3 */
  readonly density: number;
  /** J/(kg K) */
  readonly heatCapacity: number;
  /** m, as in the plate whose heat leaves two ways. */
  readonly thickness: number;
  readonly start: Kelvin;
}

/**
 * Time on the seam's line between two temperatures: the longer of heat flowing in the plane of the sheet,
 *   (q/v)2/(4 pi k rho cp t2) (1/(T2 - T0)2 - 1/(T1 - T0)2),
 * and heat flowing into a thick plate, (q/v)/(2 pi k) (1/(T2 - T0) - 1/(T1 - T0)). From 800 to 500 °C this is the
 * cooling time that steels are judged by. Sources: Rosenthal 1946; EN 1011-2 for the use of it on steel.
 *
 * @param from higher temperature
 * @param to lower temperature, above the start
 * @example
 * coolingTime({ absorbedPerLength: 80e3, conductivity: 32, density: 7600, heatCapacity: 680, thickness: mm(2), start: celsius(20) }, celsius(800), celsius(500)).toFixed(2) // => '2.08'
 */
export function coolingTime(input: CoolingInput, from: Kelvin, to: Kelvin): Second {
  const { absorbedPerLength, conductivity, density, heatCapacity, thickness, start } = input;
  const hot = 1 / (from - start);
  const cool = 1 / (to - start);
  const inPlane =
    (absorbedPerLength ** 2 / (4 * Math.PI * conductivity * density * heatCapacity * thickness ** 2)) *
    (cool * cool - hot * hot);
  const intoPlate = (absorbedPerLength / (2 * Math.PI * conductivity)) * (cool - hot);
  return second(Math.max(inPlane, intoPlate));
}
