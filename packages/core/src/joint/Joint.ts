import {
  metrePerSecond,
  type Metre,
  type MetrePerSecond,
  type Radian,
  type Second,
} from '../quantity/index.js';

interface TwoSheets {
  readonly firstThickness: Metre;
  readonly secondThickness: Metre;
  readonly gap: Metre;
}

/** Edges cut back so that less is left to melt through. */
export interface Bevel {
  /** Metal left uncut at the root, above 0. */
  readonly land: Metre;
  /** Between the two faces. */
  readonly includedAngle: Radian;
}

/** Two sheets edge to edge. */
export interface ButtJoint extends TwoSheets {
  readonly kind: 'butt';
  readonly bevel?: Bevel;
}

/** The first sheet lies on the second and is welded through. */
export interface LapJoint extends TwoSheets {
  readonly kind: 'lap';
}

/** The second sheet stands on the first. */
export interface TeeJoint extends TwoSheets {
  readonly kind: 'tee';
  /** Of the wanted fillet. */
  readonly leg: Metre;
  /** Sides of the standing sheet that are welded. */
  readonly sides: 1 | 2;
}

/** Two sheets that end at each other, welded inside. */
export interface InsideCornerJoint extends TwoSheets {
  readonly kind: 'insideCorner';
  readonly leg: Metre;
}

/** Two sheets that meet at their inner edges, welded outside. */
export interface OutsideCornerJoint extends TwoSheets {
  readonly kind: 'outsideCorner';
}

/** Two sheets face to face, welded along their edges. */
export interface EdgeJoint extends TwoSheets {
  readonly kind: 'edge';
}

/** A round tube (first) along a flat sheet (second): the groove beside the line they touch at. */
export interface FlareGrooveJoint extends TwoSheets {
  readonly kind: 'flareGroove';
  readonly tubeRadius: Metre;
  /** Of the wanted fillet. */
  readonly leg: Metre;
}

/** A tube (second) standing on a plate (first), welded round it. */
export interface TubeToPlateJoint extends TwoSheets {
  readonly kind: 'tubeToPlate';
  readonly tubeRadius: Metre;
  readonly leg: Metre;
}

/** Two tubes end to end. */
export interface TubeButtJoint extends TwoSheets {
  readonly kind: 'tubeButt';
  readonly tubeRadius: Metre;
  readonly bevel?: Bevel;
}

/** A hole in the first sheet, welded down to the second and filled. */
export interface PlugJoint extends TwoSheets {
  readonly kind: 'plug';
  readonly holeDiameter: Metre;
}

/** Everything that is welded along a line. */
export type SeamJoint =
  | ButtJoint
  | LapJoint
  | TeeJoint
  | InsideCornerJoint
  | OutsideCornerJoint
  | EdgeJoint
  | FlareGrooveJoint
  | TubeToPlateJoint
  | TubeButtJoint
  | PlugJoint;

/** A timed tack on a seam. */
export interface TackJoint {
  readonly kind: 'tack';
  readonly on: SeamJoint;
  readonly length: Metre;
  readonly lightOn: Second;
}

export type Joint = SeamJoint | TackJoint;
export type JointKind = Joint['kind'];

/** Every kind of joint, in the order the shop meets them. */
export const jointKinds = [
  'butt',
  'lap',
  'tee',
  'insideCorner',
  'outsideCorner',
  'edge',
  'flareGroove',
  'tubeToPlate',
  'tubeButt',
  'plug',
  'tack',
] as const satisfies readonly JointKind[];

/**
 * Pace of a timed tack: its length over its time.
 *
 * @example
 * tackTravel({ kind: 'tack', on: sampleJob().joint, length: mm(3), lightOn: second(0.6) }) // => 0.005
 */
export function tackTravel({ length, lightOn }: TackJoint): MetrePerSecond {
  return metrePerSecond(length / lightOn);
}

/**
 * The seam of a joint: a tack is on one.
 *
 * @example
 * seamOf(sampleJob().joint).kind // => 'butt'
 */
export function seamOf(joint: Joint): SeamJoint {
  return joint.kind === 'tack' ? joint.on : joint;
}

/**
 * Thickness of the thinner of a joint's two sheets.
 *
 * @example
 * thinnerSheet({ kind: 'lap', firstThickness: mm(2), secondThickness: mm(1), gap: mm(0) }) // => 0.001
 */
export function thinnerSheet(joint: Joint): Metre {
  const { firstThickness, secondThickness } = seamOf(joint);
  return Math.min(firstThickness, secondThickness) as Metre;
}
