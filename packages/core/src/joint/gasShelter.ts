import { seamOf, type Joint } from './Joint.js';

/** How well a joint holds gas over the melt. */
export interface GasShelter {
  readonly shelter: 'sheltered' | 'open' | 'exposed';
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
  switch (seamOf(joint).kind) {
    case 'tee':
    case 'tubeToPlate':
    case 'insideCorner':
    case 'flareGroove':
    case 'plug':
      return { shelter: 'sheltered', flowFactor: 0.85, why: 'the walls hold the gas over the melt' };
    case 'butt':
    case 'lap':
    case 'tubeButt':
      return { shelter: 'open', flowFactor: 1, why: 'a flat face spreads the gas evenly' };
    case 'outsideCorner':
    case 'edge':
      return { shelter: 'exposed', flowFactor: 1.3, why: 'gas falls off an open edge on both sides' };
  }
}
