import { seamOf, ownLeg, metalNeeded, type Joint, type SeamJoint } from '../joint/index.js';
import { metre, squareMetre, type Metre, type SquareMetre } from '../quantity/index.js';
import { wireArea } from '../wire/index.js';
import { handBand, racingWire } from './handBand.js';
import type { WeldJob } from './WeldJob.js';

/** One pass of a joint as it is really welded. */
export interface WeldPass {
  /** The joint with the leg that one pass gives. */
  readonly joint: Joint;
  /** Passes that give what was asked; 1 where one does, and where no wire is fed. */
  readonly passes: number;
  /** The leg that was asked and the leg that comes of it, all passes together; null for joints without one. */
  readonly leg: { readonly asked: Metre; readonly given: Metre } | null;
}

/** A pass lies no thicker than this many diameters of its wire over the face: more sags before it freezes. */
const thickestPass = 2;

/** A weave wets both legs where it covers this share of the fillet's face. */
const wettedShare = 0.6;
/** The face of a fillet of equal legs. */
const faceOfLeg = Math.SQRT2;

/** More passes than this are another process. */
const mostPasses = 12;

/** What of a job decides its passes. */
export type PassJob = Pick<WeldJob, 'joint' | 'wireDiameter'> & {
  readonly machine: Pick<WeldJob['machine'], 'spot' | 'wobbleWidth' | 'wireSpeed'>;
};

/**
 * The pass that is dialled. A fillet or a flare groove with wire is laid in as many equal passes as the wire carries,
 * the feeder gives at the slowest steady pace, and the sweep wets; without wire it is what its own edges give.
 *
 * @example
 * weldPass(sampleJob()).passes // => 1
 */
export function weldPass({ joint, wireDiameter, machine }: PassJob): WeldPass {
  const seam = seamOf(joint);
  if (!('leg' in seam)) return { joint, passes: 1, leg: null };
  const asked = seam.leg;
  if (wireDiameter === null || machine.wireSpeed === null || joint.kind === 'tack') {
    const given = metre(Math.min(asked, ownLeg(seam)));
    return { joint: withLeg(joint, given), passes: 1, leg: { asked, given } };
  }
  const most = mostFill(wireDiameter, machine.wireSpeed.most);
  for (let passes = 1; passes < mostPasses; passes++) {
    const leg = metre(asked / Math.sqrt(passes));
    if (isOnePass({ ...seam, leg }, { wireDiameter, machine, most })) {
      return { joint: withLeg(joint, leg), passes, leg: { asked, given: asked } };
    }
  }
  const leg = metre(asked / Math.sqrt(mostPasses));
  return { joint: withLeg(joint, leg), passes: mostPasses, leg: { asked, given: asked } };
}

/** Metal that a feeder gives per length at the slowest pace a hand holds. */
function mostFill(wireDiameter: Metre, fastestWire: number): SquareMetre {
  return squareMetre((wireArea(wireDiameter) * Math.min(fastestWire, racingWire)) / handBand.slowest);
}

interface OnePass {
  readonly wireDiameter: Metre;
  readonly machine: PassJob['machine'];
  readonly most: SquareMetre;
}

type LeggedSeam = Extract<SeamJoint, { leg: Metre }>;

function isOnePass(seam: LeggedSeam, { wireDiameter, machine, most }: OnePass): boolean {
  const fill = metalNeeded(seam, seam.leg).total;
  const widest = machine.wobbleWidth.most + 1.2 * machine.spot;
  const wets = wettedFace(seam) <= widest || machine.wobbleWidth.most === 0;
  return fill <= most && fill <= thickestPass * wireDiameter * faceOf(seam) && wets;
}

/** Width of the face that is filled. */
function faceOf(seam: LeggedSeam): number {
  return seam.kind === 'flareGroove' ? seam.leg : faceOfLeg * seam.leg;
}

/**
 * Width of bead that wets both legs of a fillet: 0.6 of its face. A flare groove is wetted over what it is wide at the
 * face, which its leg measures along the sheet.
 *
 * @example
 * (wettedFace({ kind: 'tee', firstThickness: mm(2), secondThickness: mm(2), gap: mm(0), leg: mm(2), sides: 1 }) * 1000).toFixed(2) // => '1.70'
 */
export function wettedFace(seam: LeggedSeam): Metre {
  if (seam.kind !== 'flareGroove') return metre(wettedShare * faceOfLeg * seam.leg);
  const { leg, tubeRadius } = seam;
  const reach = Math.min(leg, tubeRadius);
  return metre(wettedShare * (tubeRadius - Math.sqrt(tubeRadius * tubeRadius - reach * reach)));
}

function withLeg(joint: Joint, leg: Metre): Joint {
  if (joint.kind === 'tack') return { ...joint, on: withLeg(joint.on, leg) as SeamJoint };
  return 'leg' in joint ? { ...joint, leg } : joint;
}
