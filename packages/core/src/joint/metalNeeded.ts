import { metre, mm, squareMetre, type Metre, type SquareMetre } from '../quantity/index.js';
import { plugLeg } from './jointThermal.js';
import { seamOf, thinnerSheet, type Bevel, type FlareGrooveJoint, type Joint } from './Joint.js';

/** A crown is asked for as this share of the thickness, but never flatter or higher than the limits. */
const crownShare = 0.15;
const lowestCrown = mm(0.2);
const highestCrown = mm(0.5);

/** A parabolic cap fills two thirds of its box. */
const capShare = 2 / 3;

/** A fillet is made a tenth fuller than its triangle. */
const filletFullness = 1.1;

/** An outside corner's own edges melt down into the corner: about this share of the thinner sheet's square. */
const edgesGive = 0.25;

/** Metal a seam takes per length, by where it goes. */
export interface MetalNeeded {
  readonly gap: SquareMetre;
  /** Crown, fillet or filled groove. */
  readonly face: SquareMetre;
  readonly root: SquareMetre;
  /** What the joint's own edges give, already taken off the sum. */
  readonly edges: SquareMetre;
  /** What the wire must bring; never below 0. */
  readonly total: SquareMetre;
}

/**
 * Height of the crown that is asked for unless another is said: 15 % of the thickness, 0.2 to 0.5 mm.
 *
 * @example
 * usualCrown(mm(2)) // => 0.0003
 */
export function usualCrown(thickness: Metre): Metre {
  return metre(Math.min(highestCrown, Math.max(lowestCrown, crownShare * thickness)));
}

/**
 * Metal a joint needs per length of seam: gap + crown or fillet + root - what its edges give. An area balance with
 * these planning assumptions: parabolic crown over the bead, a root half as wide and half as high, fillets a tenth
 * fuller than their triangle, outside corners rounded to the thinner sheet's thickness.
 *
 * @param beadWidth at the face, m
 * @param crown wanted height of the crown, m; by default {@link usualCrown}
 * @example
 * (metalNeeded({ kind: 'butt', firstThickness: mm(2), secondThickness: mm(2), gap: mm(0.1) }, mm(2.7)).total * 1e6).toFixed(3) // => '0.875'
 */
export function metalNeeded(joint: Joint, beadWidth: Metre, crown?: Metre): MetalNeeded {
  const seam = seamOf(joint);
  const thinner = thinnerSheet(seam);
  const height = crown ?? usualCrown(thinner);
  const cap = capShare * beadWidth * height;
  const rootCap = cap / 4;
  switch (seam.kind) {
    case 'butt':
    case 'tubeButt':
      return needed({ gap: seam.gap * thinner, face: cap + bevelArea(seam.bevel, thinner), root: rootCap });
    case 'lap':
      return needed({ gap: seam.gap * beadWidth, face: cap });
    case 'edge':
      return needed({ gap: seam.gap * thinner, face: cap });
    case 'tee':
    case 'tubeToPlate':
    case 'insideCorner':
      return needed({ gap: seam.gap * seam.leg, face: filletArea(seam.leg) });
    case 'flareGroove':
      return needed({ gap: seam.gap * seam.leg, face: flareArea(seam) });
    case 'outsideCorner':
      return needed({
        gap: seam.gap * thinner,
        face: (Math.PI / 4) * thinner * thinner,
        edges: edgesGive * thinner * thinner,
      });
    case 'plug': {
      const leg = plugLeg(seam.firstThickness, seam.holeDiameter);
      const isFilled = leg >= seam.holeDiameter / 2;
      const hole = (seam.holeDiameter * seam.firstThickness) / 4;
      return needed({ gap: seam.gap * leg, face: isFilled ? hole : filletArea(leg) });
    }
  }
}

function needed(parts: { gap: number; face: number; root?: number; edges?: number }): MetalNeeded {
  const { gap, face, root = 0, edges = 0 } = parts;
  return {
    gap: squareMetre(gap),
    face: squareMetre(face),
    root: squareMetre(root),
    edges: squareMetre(edges),
    total: squareMetre(Math.max(0, gap + face + root - edges)),
  };
}

function filletArea(leg: number): number {
  return (filletFullness * leg * leg) / 2;
}

/** Triangle of the cut-back edges above the land. */
function bevelArea(bevel: Bevel | undefined, thickness: number): number {
  if (bevel === undefined) return 0;
  const depth = thickness - bevel.land;
  return depth * depth * Math.tan(bevel.includedAngle / 2);
}

/** Between a circle and the flat it touches, out to the leg. */
function flareArea({ tubeRadius, leg }: FlareGrooveJoint): number {
  const reach = Math.min(leg, tubeRadius);
  const segment =
    (reach * Math.sqrt(tubeRadius * tubeRadius - reach * reach) +
      tubeRadius * tubeRadius * Math.asin(reach / tubeRadius)) /
    2;
  return filletFullness * (reach * tubeRadius - segment);
}
