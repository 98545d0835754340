import { metre, mm, squareMetre, type Metre, type SquareMetre } from '../quantity/index.js';
import { plugLeg } from './jointThermal.js';
import { seamOf, thinnerSheet, type Bevel, type Joint, type SeamOf } from './Joint.js';

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
  /** What belongs to the joint: fillet, groove, V of a bevel, rounded corner, filled hole. */
  readonly fill: SquareMetre;
  /** What stands over the sheets in front. */
  readonly crown: SquareMetre;
  /** What stands over them behind. */
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
 * Metal a joint needs per length of seam: gap + fillet or groove + crown + root - what its edges give. An area balance with
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
      return needed({
        gap: seam.gap * thinner,
        fill: bevelArea(seam.bevel, thinner),
        crown: cap,
        root: rootCap,
      });
    case 'lap':
      return needed({ gap: seam.gap * beadWidth, crown: cap });
    case 'edge':
      return needed({ gap: seam.gap * thinner, crown: cap });
    case 'tee':
    case 'tubeToPlate':
    case 'insideCorner':
      return needed({ gap: seam.gap * seam.leg, fill: filletArea(seam.leg) });
    case 'flareGroove':
      return needed({ gap: seam.gap * seam.leg, fill: flareArea(seam) });
    case 'outsideCorner':
      return needed({
        gap: seam.gap * thinner,
        fill: (Math.PI / 4) * thinner * thinner,
        edges: edgesGive * thinner * thinner,
      });
    case 'plug': {
      const leg = plugLeg(seam.firstThickness, seam.holeDiameter);
      const isFilled = leg >= seam.holeDiameter / 2;
      const hole = (seam.holeDiameter * seam.firstThickness) / 4;
      return needed({ gap: seam.gap * leg, fill: isFilled ? hole : filletArea(leg) });
    }
  }
}

interface Parts {
  readonly gap: number;
  readonly fill?: number;
  readonly crown?: number;
  readonly root?: number;
  readonly edges?: number;
}

function needed({ gap, fill = 0, crown = 0, root = 0, edges = 0 }: Parts): MetalNeeded {
  return {
    gap: squareMetre(gap),
    fill: squareMetre(fill),
    crown: squareMetre(crown),
    root: squareMetre(root),
    edges: squareMetre(edges),
    total: squareMetre(Math.max(0, gap + fill + crown + root - edges)),
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
function flareArea({ tubeRadius, leg }: SeamOf<'flareGroove'>): number {
  const reach = Math.min(leg, tubeRadius);
  const segment =
    (reach * Math.sqrt(tubeRadius * tubeRadius - reach * reach) +
      tubeRadius * tubeRadius * Math.asin(reach / tubeRadius)) /
    2;
  return filletFullness * (reach * tubeRadius - segment);
}
