import { seamOf, type Joint } from './Joint.js';
import { seamRow, type SeamRow } from './seamTable.js';

/** How well a joint holds gas over the melt. */
export interface GasShelter {
  readonly shelter: SeamRow['shelter'];
  /** To multiply the usual flow by. */
  readonly flowFactor: number;
  readonly why: string;
}

/**
 * How sheltered the gas is: an inside corner holds it, an open edge loses it on both sides.
 *
 * @example
 * gasShelter({ kind: 'edge', firstThickness: mm(1), secondThickness: mm(1), gap: mm(0) }).flowFactor // => 1.3
 */
export function gasShelter(joint: Joint): GasShelter {
  const { shelter } = seamRow(seamOf(joint).kind);
  return { shelter, ...shelters[shelter] };
}

const shelters: Readonly<Record<GasShelter['shelter'], Omit<GasShelter, 'shelter'>>> = {
  sheltered: { flowFactor: 0.85, why: 'the walls hold the gas over the melt' },
  open: { flowFactor: 1, why: 'a flat face spreads the gas evenly' },
  exposed: { flowFactor: 1.3, why: 'gas falls off an open edge on both sides' },
};
