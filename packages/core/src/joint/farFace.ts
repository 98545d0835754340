import { metre, type Metre } from '../quantity/index.js';
import { jointThermal, throatOf } from './jointThermal.js';
import { seamOf, type Joint } from './Joint.js';

/** What lies behind a seam, along the beam. */
export interface FarFace {
  /** From the face to the nearest far side; null where there is none to look at. */
  readonly distance: Metre | null;
  /** Whether a melt that passes the joint's thickness comes out into the open there. */
  readonly isOpen: boolean;
}

/** The beam meets both sheets of a fillet at 45 degrees. */
const atFortyFive = Math.SQRT2;

/**
 * The far side of a seam: a butt, a tube butt and an outside corner are open behind; behind a lap, a fillet or a plug
 * lies the other sheet, whose far side takes colour later; an edge has no far side.
 *
 * @example
 * farFace({ kind: 'lap', firstThickness: mm(1), secondThickness: mm(2), gap: mm(0) }).distance // => 0.003
 */
export function farFace(joint: Joint): FarFace {
  const seam = seamOf(joint);
  const { firstThickness: first, secondThickness: second } = seam;
  switch (seam.kind) {
    case 'butt':
    case 'tubeButt':
    case 'outsideCorner':
      return { distance: jointThermal(seam).thickness, isOpen: true };
    case 'lap':
    case 'plug':
      return { distance: metre(first + second), isOpen: false };
    case 'tee':
    case 'tubeToPlate':
    case 'insideCorner':
    case 'flareGroove':
      return {
        distance: metre(throatOf(seam) + atFortyFive * Math.min(first, second)),
        isOpen: false,
      };
    case 'edge':
      return { distance: null, isOpen: false };
  }
}
