import type { Kelvin } from '../quantity/index.js';

/** Still air along a warm sheet, W/(m2 K). */
const stillAir = 8;
/** Oxidised or rolled metal; a bright face gives half of that. */
const emissivity = 0.4;
const stefanBoltzmann = 5.67e-8;

/**
 * What a face gives to still air and by radiation for each kelvin, W/(m2 K). Planning figures: a draught doubles them.
 *
 * @param start temperature of the shop
 * @returns from a rise in K
 * @example
 * airLoss(kelvin(293))(40).toFixed(1) // => '10.8'
 */
export function airLoss(start: Kelvin): (rise: number) => number {
  return (rise) => {
    const hot = start + rise;
    return stillAir + emissivity * stefanBoltzmann * (hot * hot + start * start) * (hot + start);
  };
}
