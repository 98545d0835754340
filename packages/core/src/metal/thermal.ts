import { kelvin, riseBetween, type Kelvin, type KelvinDifference } from '../quantity/index.js';
import type { Metal } from './Metal.js';

/** Where every computed heating starts, unless a part is said to be warm. */
export const roomTemperature = kelvin(293);

/**
 * Rise from where a part starts to melting.
 *
 * @param start by default a part at room temperature
 * @example
 * meltRise(findMetal('stainless304')) // => 1422
 */
export function meltRise(metal: Metal, start: Kelvin = roomTemperature): KelvinDifference {
  return riseBetween(start, metal.meltingPoint);
}

/**
 * Diffusivity of the solid, k/(rho cp).
 *
 * @returns m2/s
 * @example
 * (diffusivity(findMetal('copper')) * 1e6).toFixed(1) // => '95.2'
 */
export function diffusivity(metal: Metal): number {
  return metal.conductivity / (metal.density * metal.heatCapacity);
}

/**
 * Diffusivity of the melt, with the solid's density and heat capacity.
 *
 * @returns m2/s
 * @example
 * (liquidDiffusivity(findMetal('copper')) * 1e6).toFixed(1) // => '46.2'
 */
export function liquidDiffusivity(metal: Metal): number {
  return metal.liquidConductivity / (metal.density * metal.heatCapacity);
}

/**
 * Heat that brings a volume from where it starts to the melting point, before it melts.
 *
 * @returns J/m3
 * @example
 * (heatToMelting(findMetal('stainless304')) / 1e9).toFixed(2) // => '6.57'
 */
export function heatToMelting(metal: Metal, start: Kelvin = roomTemperature): number {
  return metal.density * metal.heatCapacity * meltRise(metal, start);
}

/**
 * Heat that brings a volume from room temperature to melt.
 *
 * @returns J/m3
 * @example
 * (heatToMelt(findMetal('stainless304')) / 1e9).toFixed(2) // => '8.54'
 */
export function heatToMelt(metal: Metal): number {
  return heatToMelting(metal) + metal.density * metal.latentHeat;
}
