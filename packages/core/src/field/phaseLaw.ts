import { requireWithin } from '../fault/index.js';
import { roomTemperature, type Metal } from '../metal/index.js';
import type { Kelvin } from '../quantity/index.js';

/** What heat does to a metal that melts, all SI; temperatures as rises over the start. */
export interface PhaseLaw {
  /** Where every temperature is counted from. */
  readonly start: Kelvin;
  /** Rise at which it begins to melt, and at which it has melted; K. */
  readonly solidus: number;
  readonly liquidus: number;
  /** Heat that a volume takes a kelvin, J/(m3 K); the same in both phases. */
  readonly capacity: number;
  /** Heat of melting, J/m3, taken evenly between solidus and liquidus. */
  readonly latent: number;
  /** W/(m K) below the solidus, between, and above the liquidus. */
  readonly solidConductivity: number;
  readonly mushyConductivity: number;
  readonly liquidConductivity: number;
  /** Enthalpy over the start at solidus and liquidus, J/m3. */
  readonly enthalpyAtSolidus: number;
  readonly enthalpyAtLiquidus: number;
  /** Flux potential, the integral of k dT from the start, at solidus and liquidus, W/m. */
  readonly potentialAtSolidus: number;
  readonly potentialAtLiquidus: number;
}

/** What a phase law is made of, SI. */
export interface PhaseInput {
  readonly start: Kelvin;
  /** Temperature at which it has melted. */
  readonly melting: Kelvin;
  /** Width of the range in which it melts, K, up to {@link PhaseInput.melting}; above 0. */
  readonly mushyRange: number;
  /** kg/m3 */
  readonly density: number;
  /** J/(kg K) */
  readonly heatCapacity: number;
  /** J/kg */
  readonly latentHeat: number;
  /** W/(m K) */
  readonly conductivity: number;
  readonly liquidConductivity: number;
}

/** Alloys melt over a range; a pure metal is given one too, which a mesh can hold. */
const usualMushyRange = 60;

/**
 * Enthalpy and flux potential of a metal as broken lines. The potential (Kirchhoff 1894) turns conduction with a
 * conductivity that changes into a plain Laplacian, and with the enthalpy keeps latent heat exact whatever the mesh.
 *
 * @throws RangeFault for a mushy range of 0 or less, or that begins below the start
 * @example
 * phaseLaw({ start: kelvin(293), melting: kelvin(1715), mushyRange: 60, density: 7450, heatCapacity: 620, latentHeat: 265e3, conductivity: 25, liquidConductivity: 28 }).solidus // => 1362
 */
export function phaseLaw(input: PhaseInput): PhaseLaw {
  const { start, melting, mushyRange, density, heatCapacity, conductivity, liquidConductivity } = input;
  const liquidus = melting - start;
  requireWithin(mushyRange, { quantity: 'melting range', min: 1e-3, max: liquidus, unit: 'K' });
  const solidus = liquidus - mushyRange;
  const capacity = density * heatCapacity;
  const latent = density * input.latentHeat;
  const mushyConductivity = (conductivity + liquidConductivity) / 2;
  return {
    start,
    solidus,
    liquidus,
    capacity,
    latent,
    solidConductivity: conductivity,
    mushyConductivity,
    liquidConductivity,
    enthalpyAtSolidus: capacity * solidus,
    enthalpyAtLiquidus: capacity * liquidus + latent,
    potentialAtSolidus: conductivity * solidus,
    potentialAtLiquidus: conductivity * solidus + mushyConductivity * mushyRange,
  };
}

/**
 * The phase law of a metal of the table.
 *
 * @param start temperature of the part before the beam
 * @example
 * (phaseLawOf(findMetal('stainless304')).enthalpyAtLiquidus / 1e9).toFixed(2) // => '8.54'
 */
export function phaseLawOf(metal: Metal, start: Kelvin = roomTemperature): PhaseLaw {
  return phaseLaw({ ...metal, start, melting: metal.meltingPoint, mushyRange: usualMushyRange });
}

/** Rise in K at a flux potential in W/m. */
export function riseOfPotential(law: PhaseLaw, potential: number): number {
  if (potential <= law.potentialAtSolidus) return potential / law.solidConductivity;
  if (potential <= law.potentialAtLiquidus)
    return law.solidus + (potential - law.potentialAtSolidus) / law.mushyConductivity;
  return law.liquidus + (potential - law.potentialAtLiquidus) / law.liquidConductivity;
}

/** Enthalpy over the start in J/m3 at a flux potential in W/m. */
export function enthalpyOfPotential(law: PhaseLaw, potential: number): number {
  const { potentialAtSolidus, potentialAtLiquidus, enthalpyAtSolidus, enthalpyAtLiquidus } = law;
  if (potential <= potentialAtSolidus) return (potential * law.capacity) / law.solidConductivity;
  if (potential <= potentialAtLiquidus) {
    const share = (potential - potentialAtSolidus) / (potentialAtLiquidus - potentialAtSolidus);
    return enthalpyAtSolidus + share * (enthalpyAtLiquidus - enthalpyAtSolidus);
  }
  return enthalpyAtLiquidus + ((potential - potentialAtLiquidus) * law.capacity) / law.liquidConductivity;
}

/** Rise in K at an enthalpy over the start in J/m3. */
export function riseOfEnthalpy(law: PhaseLaw, enthalpy: number): number {
  const { enthalpyAtSolidus, enthalpyAtLiquidus, solidus, liquidus, capacity } = law;
  if (enthalpy <= enthalpyAtSolidus) return enthalpy / capacity;
  if (enthalpy >= enthalpyAtLiquidus) return liquidus + (enthalpy - enthalpyAtLiquidus) / capacity;
  const share = (enthalpy - enthalpyAtSolidus) / (enthalpyAtLiquidus - enthalpyAtSolidus);
  return solidus + share * (liquidus - solidus);
}

/** Growth of enthalpy with the flux potential, s/m2: the inverse of the diffusivity of the phase it is in. */
export function enthalpySlope(law: PhaseLaw, potential: number): number {
  const { potentialAtSolidus, potentialAtLiquidus } = law;
  if (potential <= potentialAtSolidus) return law.capacity / law.solidConductivity;
  if (potential > potentialAtLiquidus) return law.capacity / law.liquidConductivity;
  return (law.enthalpyAtLiquidus - law.enthalpyAtSolidus) / (potentialAtLiquidus - potentialAtSolidus);
}
