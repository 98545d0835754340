import { diffusivity, liquidDiffusivity, type Metal } from '../metal/index.js';
import { keyholeResistance } from './keyholeResistance.js';
import type { Weave } from './meltEdition.js';

/** Sweeping there and back heats a place more often than a straight pass would. */
const weaveReach = Math.sqrt(3);

/** Inputs of {@link reachLimitedDepth}, all SI. */
export interface ReachInput {
  readonly metal: Metal;
  /** K from the start to melting. */
  readonly rise: number;
  /** Absorbed power that the keyhole works with, W. */
  readonly keyholePower: number;
  /** Mean speed of the beam over the sheet, m/s. */
  readonly pathSpeed: number;
  /** m */
  readonly spotRadius: number;
  /** How far the sweep counts as laid over a pool still liquid. */
  readonly weave: Weave;
  /** Width of the bead, m. */
  readonly beadWidth: number;
}

/**
 * How deep the keyhole can reach, half a bead of melt below its tip: hR = m hK + b/2, hK = P/(D R(Pe)).
 * Without wobble the wall is fed through solid metal, under a full weave through a liquid pool; between the two, the
 * geometric blend. Source: Lankalapalli, Tu and Gartner 1996, extended here for wobble (calibrated).
 *
 * @returns m
 */
export function reachLimitedDepth(input: ReachInput): number {
  const { metal, rise, keyholePower, pathSpeed, spotRadius, weave, beadWidth } = input;
  const demand = blend(straightDemand(metal, rise), weaveDemand(metal), weave.liquid);
  const peclet = blend(
    (pathSpeed * spotRadius) / (2 * diffusivity(metal)),
    (pathSpeed * spotRadius) / (2 * liquidDiffusivity(metal)),
    weave.liquid,
  );
  const keyhole = keyholePower / (demand * keyholeResistance(peclet));
  return blend(1, weaveReach, weave.gain) * keyhole + beadWidth / 2;
}

/** Geometric blend of two positive numbers. */
function blend(from: number, to: number, weight: number): number {
  if (weight <= 0) return from;
  if (weight >= 1) return to;
  return from ** (1 - weight) * to ** weight;
}

/** W/m that holds a keyhole wall at boiling with solid metal around the melt. */
function straightDemand(metal: Metal, rise: number): number {
  return metal.liquidConductivity * (metal.boilingPoint - metal.meltingPoint) + metal.conductivity * rise;
}

/** W/m that holds a keyhole wall at boiling inside a pool that stays liquid between sweeps. */
function weaveDemand(metal: Metal): number {
  const pool = Math.min(metal.meltingPoint + 200, metal.boilingPoint - 300);
  return metal.liquidConductivity * (metal.boilingPoint - pool);
}
