import { inMm, metre, type Metre } from '../quantity/index.js';
import { farFace } from './farFace.js';
import { seamOf, type Joint, type SeamJoint } from './Joint.js';
import { jointOutline, type PointMm } from './jointOutline.js';
import { filletThroat, plugLeg, throatOf } from './jointThermal.js';
import { seamRow } from './seamTable.js';

/** Where in a joint's outline the melt lies. */
export interface MeltPlace {
  /** Middle of the melt's face, mm. */
  readonly face: PointMm;
  /** The way the beam comes from, a unit vector; the melt's depth runs against it. */
  readonly from: PointMm;
  /** Unit vector across the seam, towards the first sheet. */
  readonly towardsFirst: PointMm;
  /** Depth at which the melt comes out on the far side; null where there is none. */
  readonly through: Metre | null;
}

/**
 * Where the melt lies in the outline of {@link jointOutline}: on the sheets' face, or on the face of the fillet or the
 * rounded corner that is filled, whose throat is part of the depth.
 *
 * @example
 * meltPlace({ kind: 'lap', firstThickness: mm(1), secondThickness: mm(2), gap: mm(0) }).through // => 0.003
 */
export function meltPlace(joint: Joint): MeltPlace {
  const seam = seamOf(joint);
  const { beam } = jointOutline(seam);
  const [x, y] = beam.from;
  const lift = inMm(metre(filledAbove(seam)));
  return {
    face: [beam.at[0] + lift * x, beam.at[1] + lift * y],
    from: beam.from,
    // Where the second sheet stands, the first lies to the right of the beam's way.
    towardsFirst: seamRow(seam.kind).secondStands ? [y, -x] : [-y, x],
    through: farFace(seam).distance,
  };
}

/** Metal that is filled between the beam's line and the face, m. */
function filledAbove(seam: SeamJoint): number {
  switch (seam.kind) {
    case 'tee':
    case 'tubeToPlate':
    case 'insideCorner':
    case 'flareGroove':
      return throatOf(seam);
    case 'plug':
      return filletThroat(plugLeg(seam.firstThickness, seam.holeDiameter));
    case 'outsideCorner':
      return Math.min(seam.firstThickness, seam.secondThickness);
    case 'butt':
    case 'tubeButt':
    case 'lap':
    case 'edge':
      return 0;
  }
}
