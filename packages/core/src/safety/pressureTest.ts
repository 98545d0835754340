import {
  standardAtmosphere,
  joule,
  pascal,
  type CubicMetre,
  type GaugePascal,
  type Joule,
  type Metre,
  type Pascal,
} from '../quantity/index.js';

const gammaAir = 1.4;

/** Bulk modulus of water, Pa. */
export const waterBulkModulus = 2.2e9;

/**
 * Energy that compressed air in a vessel gives when it bursts, expanding without heat:
 * p1 V/(gamma - 1) (1 - (pa/p1)^((gamma - 1)/gamma)).
 *
 * @param pressure on the gauge, 0 or more
 * @example
 * airEnergy(barGauge(27.54), litre(25)).toFixed(0) // => '109709'
 */
export function airEnergy(pressure: GaugePascal, volume: CubicMetre): Joule {
  const absolute = pressure + standardAtmosphere;
  const left = (standardAtmosphere / absolute) ** ((gammaAir - 1) / gammaAir);
  return joule(((absolute * volume) / (gammaAir - 1)) * (1 - left));
}

/**
 * Energy that water in the same vessel gives: p2 V/(2 K), hundreds to thousands of times less than air.
 *
 * @example
 * waterEnergy(barGauge(27.54), litre(25)).toFixed(1) // => '43.1'
 */
export function waterEnergy(pressure: GaugePascal, volume: CubicMetre): Joule {
  return joule((pressure * pressure * volume) / (2 * waterBulkModulus));
}

/**
 * Stress around a thin-walled tube: p r/t with the inside radius. Ten times the wall or more in radius, else thick.
 *
 * @example
 * (hoopStress(barGauge(27.54), mm(74.85), mm(3.63)) / 1e6).toFixed(2) // => '56.79'
 */
export function hoopStress(pressure: GaugePascal, insideRadius: Metre, wall: Metre): Pascal {
  return pascal((pressure * insideRadius) / wall);
}
