import type { Metal } from '../metal/index.js';
import { normalisedEnthalpy, type EnthalpyInput } from './normalisedEnthalpy.js';

/** What the enthalpy of a spot is made of, with the pool around it. */
interface SpotHeat extends EnthalpyInput {
  /** W/(m K), of the melt. */
  readonly liquidConductivity: number;
}

/** How a sweep counts in the reach of the keyhole: 0 for a straight pass, 1 for sweeps over a pool still liquid. */
export interface Weave {
  /** Of the demand and the Peclet number between solid metal and a liquid pool, 0 to 1. */
  readonly liquid: number;
  /** Of the gain that sweeping there and back brings, 0 to 1. */
  readonly gain: number;
}

/** What may be thought of differently in the melt model while its heat balance stays. */
export interface MeltEdition {
  readonly name: 'first' | 'second';
  /** Share of the light an open melt surface takes. */
  readonly surfaceAbsorptivity: (metal: Metal) => number;
  /** Heat given to the spot in units of what melting asks. */
  readonly enthalpy: (input: SpotHeat) => number;
  /** Enthalpy at which half the keyhole is open. */
  readonly keyholeOpensAt: number;
  readonly weave: (wobbleWidth: number) => Weave;
}

/** Wobble from this width on sweeps over a pool that is still liquid. */
const fullWeave = 1e-3;

function liquidUnder(wobbleWidth: number): number {
  return Math.min(1, wobbleWidth / fullWeave);
}

/** The model as it was first calibrated. Kept as the plain oracle: `golden/melt.json` holds it. */
export const firstEdition: MeltEdition = {
  name: 'first',
  enthalpy: normalisedEnthalpy,
  keyholeOpensAt: 6,
  surfaceAbsorptivity: (metal) => metal.surfaceAbsorptivity,
  weave: (wobbleWidth) => ({ liquid: liquidUnder(wobbleWidth), gain: liquidUnder(wobbleWidth) }),
};

/** In the second edition the gain of a weave fades in over these widths, so that no width is a spike. */
const gainFrom = 0.3e-3;
const gainTo = 2e-3;

/** Molten copper takes more than the handbook's cold value: the upper end of what the metal table's spread allows. */
const moltenCopper = 0.09;

/**
 * What the first edition has wrong. The enthalpy group leaves out how heat flows off while a slow beam stays where it
 * is: 1/H^2 = 1/H_moving^2 + 1/H_still^2, H_still = A P/(pi k a dT), with the conductivity of the pool that lies around
 * the spot. The threshold, which was fitted to H_moving alone, comes down with it. And a sweep gains reach only as far
 * as it passes over a pool that is still liquid: by smooth weight from 0.3 to 2 mm of width. It is not faded with the
 * sweeps over one place as well, though fewer leave less liquid: depth would then rise with the wobble's rate, which
 * practice denies.
 */
export const secondEdition: MeltEdition = {
  name: 'second',
  surfaceAbsorptivity: (metal) => (metal.id === 'copper' ? moltenCopper : metal.surfaceAbsorptivity),
  enthalpy: (input) => {
    const { density, heatCapacity, diffusivity, pathSpeed, spotRadius, liquidConductivity } = input;
    const poolOverSolid = liquidConductivity / (density * heatCapacity * diffusivity);
    const slowness = (poolOverSolid * poolOverSolid * diffusivity) / (pathSpeed * spotRadius);
    return normalisedEnthalpy(input) / Math.sqrt(1 + slowness);
  },
  keyholeOpensAt: 4.4,
  weave: (wobbleWidth) => ({
    liquid: liquidUnder(wobbleWidth),
    gain: smoothStep((wobbleWidth - gainFrom) / (gainTo - gainFrom)),
  }),
};

/** 0 below 0, 1 above 1, level at both ends. */
function smoothStep(x: number): number {
  const within = Math.min(1, Math.max(0, x));
  return within * within * (3 - 2 * within);
}
