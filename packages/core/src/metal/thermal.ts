import { kelvin, riseBetween, type KelvinDifference } from '../quantity/index.js';
import type { Metal } from './Metal.js';

/** Where every computed heating starts, unless a part is said to be warm. */
export const roomTemperature = kelvin(293);

/** Rise from room temperature to melting. */
export function meltRise(metal: Metal): KelvinDifference {
  return riseBetween(roomTemperature, metal.meltingPoint);
}

/**
 * Diffusivity of the solid, k/(rho cp).
 *
 * @returns m2/s
 */
export function diffusivity(metal: Metal): number {
  return metal.conductivity / (metal.density * metal.heatCapacity);
}

/**
 * Diffusivity of the melt, with the solid's density and heat capacity.
 *
 * @returns m2/s
 */
export function liquidDiffusivity(metal: Metal): number {
  return metal.liquidConductivity / (metal.density * metal.heatCapacity);
}

/**
 * Heat that brings a volume from room temperature to the melting point, before it melts.
 *
 * @returns J/m3
 */
export function heatToMelting(metal: Metal): number {
  return metal.density * metal.heatCapacity * meltRise(metal);
}

/**
 * Heat that brings a volume from room temperature to melt.
 *
 * @returns J/m3
 */
export function heatToMelt(metal: Metal): number {
  return heatToMelting(metal) + metal.density * metal.latentHeat;
}
