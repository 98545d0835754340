import { seamOf, type Joint } from './Joint.js';
import { seamRow, type SeamRow } from './seamTable.js';

/** Shapes of a nozzle's mouth. */
export const nozzleShapes = ['flat', 'vee', 'notched', 'cutting'] as const;
export type NozzleShape = (typeof nozzleShapes)[number];

/** The nozzle to start from. */
export interface NozzleChoice {
  readonly shape: NozzleShape;
  /** Whether its mouth is grooved to lead the wire. */
  readonly isGrooved: boolean;
  readonly why: string;
}

/**
 * Nozzle by joint: flat on flat faces, a V that sits in inside corners, a notch that rides on outside corners and
 * edges; grooved where wire is fed. Shops that keep one nozzle for most work take the flat one.
 *
 * @example
 * nozzleFor({ kind: 'lap', firstThickness: mm(1), secondThickness: mm(1), gap: mm(0) }, false).shape // => 'flat'
 */
export function nozzleFor(joint: Joint, hasWire: boolean): NozzleChoice {
  const { shape, leadsWire, why } = nozzles[seamRow(seamOf(joint).kind).nozzleOn];
  // Over a plug the wire comes down the hole.
  const isGrooved = hasWire && leadsWire;
  return { shape, isGrooved, why: isGrooved ? `${why}; the groove leads the wire` : why };
}

const nozzles: Readonly<
  Record<
    SeamRow['nozzleOn'],
    { readonly shape: NozzleShape; readonly leadsWire: boolean; readonly why: string }
  >
> = {
  corner: { shape: 'vee', leadsWire: true, why: 'its V sits in the corner and keeps the distance' },
  ridge: {
    shape: 'notched',
    leadsWire: true,
    why: 'its notch rides on the corner, so the hand cannot slip off',
  },
  hole: { shape: 'flat', leadsWire: false, why: 'it stands on the sheet around the hole' },
  face: { shape: 'flat', leadsWire: true, why: 'it slides on the face and keeps the distance' },
};
