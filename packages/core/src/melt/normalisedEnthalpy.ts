/** Inputs of {@link normalisedEnthalpy}, all SI. */
export interface EnthalpyInput {
  /** Share of the light an open melt surface takes. */
  readonly absorptivity: number;
  /** W */
  readonly power: number;
  /** kg/m3 */
  readonly density: number;
  /** J/(kg K) */
  readonly heatCapacity: number;
  /** K, from the start to melting */
  readonly meltRise: number;
  /** m2/s */
  readonly diffusivity: number;
  /** Mean speed of the beam over the sheet, m/s, above 0. */
  readonly pathSpeed: number;
  /** Radius of the spot, m, above 0. */
  readonly spotRadius: number;
}

/**
 * Heat given to the spot while the beam passes, in units of what melting asks:
 * H = A P / (pi hs sqrt(alpha u a3)), hs = rho cp dT.
 * Source: Hann, Iammi and Folkes 2011.
 *
 * @returns pure number; a keyhole opens from about 6
 * @example
 * normalisedEnthalpy({ absorptivity: 0.2777, power: 2027, density: 4270, heatCapacity: 899.7, meltRise: 1073, diffusivity: 1.469e-5, pathSpeed: 0.9653, spotRadius: 0.0001102 }).toFixed(4) // => '9.9779'
 */
export function normalisedEnthalpy(input: EnthalpyInput): number {
  const { absorptivity, power, density, heatCapacity, meltRise, diffusivity, pathSpeed, spotRadius } = input;
  const meltingHeat = density * heatCapacity * meltRise;
  return (
    (absorptivity * power) / (Math.PI * meltingHeat * Math.sqrt(diffusivity * pathSpeed * spotRadius ** 3))
  );
}

/**
 * Share of the keyhole in how the light is taken, rising from 0 to 1 around where it opens: 1/(1 + (Ho/H)^(1/0.35)).
 *
 * @param enthalpy normalised enthalpy, 0 or more
 * @param opensAt enthalpy at which half of it is open, above 0
 * @example
 * keyholeShare(6) // => 0.5
 */
export function keyholeShare(enthalpy: number, opensAt = 6): number {
  return 1 / (1 + (opensAt / enthalpy) ** (1 / 0.35));
}
