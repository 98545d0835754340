import type { Metal } from '../metal/index.js';
import { joule, type Joule, type Radian, type Second, type Watt } from '../quantity/index.js';

/** Light through a protective window while one metal is welded. */
export interface WindowExposure {
  readonly metal: Metal;
  readonly lightOn: Second;
  /** Mean power while the light is on. */
  readonly meanPower: Watt;
  /** Gun from the sheet: 90 degrees stands upright, where light and spatter come straight back. */
  readonly gunAngle: Radian;
  /** g/m2 of zinc each side that boils in the seam; 0 for bare metal. */
  readonly zincCoat: number;
}

/** A dose with what it was made of. */
export interface WindowDose {
  /** Light through the window, J, counted heavier where it wears the window more. */
  readonly weighted: Joule;
  readonly light: Joule;
  readonly weights: { readonly metal: number; readonly angle: number; readonly power: number };
}

/** Power at which the weight is 1. */
const usualPower = 1000;

/** A coat of 140 g/m2 each side (a common one) counts half as much again as bare sheet. */
const zincWeightPer = 280;

/**
 * How much a stretch of welding wears the window: light-on energy x metal x angle x power. The weights are planning
 * assumptions that rank seams, and the shop's own window lives replace them:
 * - metal: 1 + (share of light an open melt throws back - 0.64), so steel counts 1 and copper 1.3; zinc adds to it,
 * - angle: 1 at 45 degrees, rising with the sine squared to 1.5 upright,
 * - power: square root of the power over 1 kW, for spatter grows with it.
 *
 * @example
 * windowDose({ metal: findMetal('lowCarbonSteel'), lightOn: second(60), meanPower: watt(1000), gunAngle: degree(45), zincCoat: 0 }).weighted.toFixed(0) // => '60000'
 */
export function windowDose(exposure: WindowExposure): WindowDose {
  const { metal, lightOn, meanPower, gunAngle, zincCoat } = exposure;
  const light = meanPower * lightOn;
  const weights = {
    metal: 1 + (0.36 - metal.surfaceAbsorptivity) + zincCoat / zincWeightPer,
    angle: 0.5 + Math.sin(gunAngle) ** 2,
    power: Math.sqrt(meanPower / usualPower),
  };
  return {
    weighted: joule(light * weights.metal * weights.angle * weights.power),
    light: joule(light),
    weights,
  };
}
