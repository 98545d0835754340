import { seamOf, type Joint } from './Joint.js';

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
  const groove = hasWire ? '; the groove leads the wire' : '';
  switch (seamOf(joint).kind) {
    case 'tee':
    case 'tubeToPlate':
    case 'insideCorner':
    case 'flareGroove':
      return {
        shape: 'vee',
        isGrooved: hasWire,
        why: `its V sits in the corner and keeps the distance${groove}`,
      };
    case 'outsideCorner':
    case 'edge':
      return {
        shape: 'notched',
        isGrooved: hasWire,
        why: `its notch rides on the corner, so the hand cannot slip off${groove}`,
      };
    case 'plug':
      return { shape: 'flat', isGrooved: false, why: 'it stands on the sheet around the hole' };
    case 'butt':
    case 'lap':
    case 'tubeButt':
      return {
        shape: 'flat',
        isGrooved: hasWire,
        why: `it slides on the face and keeps the distance${groove}`,
      };
  }
}
