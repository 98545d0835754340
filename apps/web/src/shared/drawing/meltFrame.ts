import { inMm, meltPlace, type Joint, type PointMm } from '@lone-heron/core';

/** Where a melt of a size lies in its joint, mm: the way into it, and the box that a drawing of it wants. */
export interface MeltFrame {
  readonly face: PointMm;
  readonly from: PointMm;
  readonly towardsFirst: PointMm;
  /** Depth at which the melt comes out; null where there is no far side. */
  readonly throughMm: number | null;
  /** A place of the melt: so far across towards the first sheet, and so deep below its face. */
  readonly inMelt: (across: number, deep: number) => PointMm;
  /** How far the drawing of the melt is turned from upright, degrees clockwise. */
  readonly turnDegrees: number;
  readonly isSlanted: boolean;
}

export function meltFrame(joint: Joint): MeltFrame {
  const { face, from, towardsFirst, through } = meltPlace(joint);
  return {
    face,
    from,
    towardsFirst,
    throughMm: through === null ? null : inMm(through),
    inMelt: (across, deep) => [
      face[0] + across * towardsFirst[0] - deep * from[0],
      face[1] + across * towardsFirst[1] - deep * from[1],
    ],
    turnDegrees: (Math.atan2(from[0], from[1]) * 180) / Math.PI,
    isSlanted: from[0] !== 0,
  };
}

/** A box around points, with y upwards. */
export interface Box {
  readonly left: number;
  readonly bottom: number;
  readonly width: number;
  readonly height: number;
}

function boxAround(points: readonly PointMm[]): Box {
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  const [left, bottom] = [Math.min(...xs), Math.min(...ys)];
  return { left, bottom, width: Math.max(...xs) - left, height: Math.max(...ys) - bottom };
}

/** The part of a joint that a drawing of its melt shows: the melt, its crown, its far side, and what is filled. */
export function meltBox(
  { inMelt, throughMm }: MeltFrame,
  { widthMm, depthMm }: { readonly widthMm: number; readonly depthMm: number },
  filled: readonly PointMm[],
): Box {
  const deepest = Math.max(throughMm ?? 0, Math.min(depthMm, 1.35 * (throughMm ?? depthMm)));
  return boxAround([
    ...[-1, 1].map((side) => inMelt(side * widthMm * 0.8, 0)),
    inMelt(0, -0.16 * widthMm),
    inMelt(0, deepest * 1.12),
    ...filled,
  ]);
}
