import {
  metrePerSecond,
  type Metre,
  type MetrePerSecond,
  type Radian,
  type Second,
} from '../quantity/index.js';
import { seamKinds, seamRow, type seamTable, type SeamKind } from './seamTable.js';

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

/** What a kind of joint has beside its sheets, as its row in the table says. */
type OwnSizes<Kind extends SeamKind> = {
  readonly [Size in (typeof seamTable)[Kind]['sizes'][number]]: Metre;
};
type OwnBevel<Kind extends SeamKind> = (typeof seamTable)[Kind]['canBevel'] extends true
  ? { readonly bevel?: Bevel }
  : unknown;
/** Sides of the standing sheet that are welded, where each is a fillet of its own. */
type OwnSides<Kind extends SeamKind> = (typeof seamTable)[Kind]['secondSide'] extends 'ownFillet'
  ? { readonly sides: 1 | 2 }
  : unknown;

/** A joint of one kind. */
export type SeamOf<Kind extends SeamKind> = {
  [Each in Kind]: { readonly kind: Each } & TwoSheets & OwnSizes<Each> & OwnBevel<Each> & OwnSides<Each>;
}[Kind];

/** Everything that is welded along a line. */
export type SeamJoint = SeamOf<SeamKind>;

/** Kinds whose edges can be cut back. */
export type BevelKind = {
  [Kind in SeamKind]: (typeof seamTable)[Kind]['canBevel'] extends true ? Kind : never;
}[SeamKind];

/**
 * Whether a seam's edges can be cut back, whether they are or not.
 *
 * @example
 * takesBevel({ kind: 'lap', firstThickness: mm(2), secondThickness: mm(1), gap: mm(0) }) // => false
 */
export function takesBevel(seam: SeamJoint): seam is SeamOf<BevelKind> {
  return seamRow(seam.kind).canBevel;
}

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
export const jointKinds: readonly JointKind[] = [...seamKinds, 'tack'];

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
