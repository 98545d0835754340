import { inMm } from '../quantity/index.js';
import { plugLeg } from './jointThermal.js';
import { seamOf, type Joint, type SeamJoint, type SeamOf, type BevelKind } from './Joint.js';

/** A corner of an outline, mm: x across the seam, y up. */
export type PointMm = readonly [x: number, y: number];

/** A closed outline, mm, its corners in order, the last joined to the first. */
export type PolygonMm = readonly PointMm[];

/** A joint in section, ready to draw to scale. */
export interface JointOutline {
  /** Metal of the first side, then of the second; a side that a hole cuts in two has two. */
  readonly first: readonly PolygonMm[];
  readonly second: readonly PolygonMm[];
  /** What the weld should fill on top of the sheets; empty where only the sheets melt. */
  readonly fill: readonly PolygonMm[];
  /** Where the beam meets the joint's line, and the way it comes from, a unit vector. */
  readonly beam: { readonly at: PointMm; readonly from: PointMm };
}

/** Sheets are drawn this many thicknesses (of the thicker one) to each side, and at least so many mm. */
const drawnThicknesses = 4;
const leastDrawn = 5;
const arcPoints = 48;

/**
 * Outline of a joint in section with the beam coming from above: butts and laps flat, fillets with the first sheet
 * lying, outside corners with the corner up and right. Sizes are the joint's own; only how far the sheets run on is
 * the drawing's, or the caller's.
 *
 * @param far mm that the sheets run on from the seam
 * @example
 * jointOutline({ kind: 'edge', firstThickness: mm(2), secondThickness: mm(1), gap: mm(0) }).first[0][0] // => [-2, 0]
 */
export function jointOutline(joint: Joint, far: number = runOn(seamOf(joint))): JointOutline {
  const seam = seamOf(joint);
  switch (seam.kind) {
    case 'butt':
    case 'tubeButt':
      return buttOutline(seam, far);
    case 'lap':
      return lapOutline(seam, far);
    case 'tee':
    case 'tubeToPlate':
      return standingOutline(seam, -far, far);
    case 'insideCorner':
      return standingOutline(seam, -inMm(seam.secondThickness), far);
    case 'outsideCorner':
      return outsideCornerOutline(seam, far);
    case 'edge':
      return edgeOutline(seam, far);
    case 'flareGroove':
      return flareOutline(seam, far);
    case 'plug':
      return plugOutline(seam, far);
  }
}

const down: PointMm = [0, 1];
const slanted: PointMm = [Math.SQRT1_2, Math.SQRT1_2];

function runOn({ firstThickness, secondThickness }: SeamJoint): number {
  return Math.max(leastDrawn, drawnThicknesses * Math.max(inMm(firstThickness), inMm(secondThickness)));
}

function box(left: number, bottom: number, right: number, top: number): PolygonMm {
  return [
    [left, top],
    [right, top],
    [right, bottom],
    [left, bottom],
  ];
}

function buttOutline(seam: SeamOf<BevelKind>, far: number): JointOutline {
  const half = inMm(seam.gap) / 2;
  const side = (thickness: number, way: 1 | -1): PolygonMm => {
    const cut = seam.bevel === undefined ? 0 : bevelCut(seam, thickness);
    const land = seam.bevel === undefined ? thickness : inMm(seam.bevel.land);
    const corners: PointMm[] = [
      [way * far, 0],
      [way * (half + cut), 0],
      ...(cut > 0 ? [[way * half, land - thickness] as const] : []),
      [way * half, -thickness],
      [way * far, -thickness],
    ];
    return corners;
  };
  const first = inMm(seam.firstThickness);
  const second = inMm(seam.secondThickness);
  const thinner = Math.min(first, second);
  const cut = seam.bevel === undefined ? 0 : bevelCut(seam, thinner);
  const fill: PolygonMm[] = [];
  if (half > 0 || cut > 0) {
    const root = seam.bevel === undefined ? 0 : inMm(seam.bevel.land) - thinner;
    fill.push([
      [-half - cut, 0],
      [half + cut, 0],
      [half, root],
      [half, -thinner],
      [-half, -thinner],
      [-half, root],
    ]);
  }
  return { first: [side(first, -1)], second: [side(second, 1)], fill, beam: { at: [0, 0], from: down } };
}

/** How far a bevel runs back at the face, mm, on one side. */
function bevelCut({ bevel }: SeamOf<BevelKind>, thickness: number): number {
  if (bevel === undefined) return 0;
  return Math.max(0, thickness - inMm(bevel.land)) * Math.tan(bevel.includedAngle / 2);
}

function lapOutline(seam: SeamJoint, far: number): JointOutline {
  const over = runOn(seam) / 2;
  const [first, second, gap] = sizes(seam);
  return {
    first: [box(-far, -first, over, 0)],
    second: [box(-over, -first - gap - second, far, -first - gap)],
    fill: [],
    beam: { at: [0, 0], from: down },
  };
}

/** The first sheet lying from `left` on, the second standing on it with its face at x = 0. */
function standingOutline(
  seam: Extract<SeamJoint, { leg: unknown }>,
  left: number,
  far: number,
): JointOutline {
  const [first, second, gap] = sizes(seam);
  const leg = inMm(seam.leg);
  return {
    first: [box(left, -first, far, 0)],
    second: [box(-second, gap, 0, far)],
    fill: [triangle(leg)],
    beam: { at: [0, 0], from: slanted },
  };
}

function triangle(leg: number): PolygonMm {
  return [
    [0, 0],
    [leg, 0],
    [0, leg],
  ];
}

function outsideCornerOutline(seam: SeamJoint, far: number): JointOutline {
  const [first, second, gap] = sizes(seam);
  const radius = Math.min(first, second);
  const round = arc([0, 0], radius, 0, Math.PI / 2, arcPoints / 4);
  return {
    first: [box(-far, 0, -gap, first)],
    second: [box(0, -far, second, -gap)],
    fill: [[[0, 0], ...round]],
    beam: { at: [0, 0], from: slanted },
  };
}

function edgeOutline(seam: SeamJoint, far: number): JointOutline {
  const [first, second, gap] = sizes(seam);
  const fill = gap > 0 ? [box(-gap / 2, -Math.min(first, second), gap / 2, 0)] : [];
  return {
    first: [box(-gap / 2 - first, -far, -gap / 2, 0)],
    second: [box(gap / 2, -far, gap / 2 + second, 0)],
    fill,
    beam: { at: [0, 0], from: down },
  };
}

function flareOutline(seam: SeamOf<'flareGroove'>, runsOn: number): JointOutline {
  const [wall, second, gap] = sizes(seam);
  const radius = inMm(seam.tubeRadius);
  const centre: PointMm = [0, radius + gap];
  const far = Math.max(runsOn, radius + 2 * wall);
  const reach = Math.min(inMm(seam.leg), radius);
  const angle = Math.asin(reach / radius);
  const ring = [
    ...arc(centre, radius, 0, 2 * Math.PI, arcPoints),
    ...arc(centre, Math.max(radius - wall, 0), 2 * Math.PI, 0, arcPoints),
  ];
  const underTube = arc(centre, radius, angle - Math.PI / 2, -Math.PI / 2, arcPoints / 4);
  return {
    first: [ring],
    second: [box(-far, -second, far, 0)],
    fill: [[[0, 0], [reach, 0], ...underTube]],
    beam: { at: [0, 0], from: slanted },
  };
}

function plugOutline(seam: SeamOf<'plug'>, runsOn: number): JointOutline {
  const far = runsOn + inMm(seam.holeDiameter);
  const [first, second, gap] = sizes(seam);
  const half = inMm(seam.holeDiameter) / 2;
  const leg = inMm(plugLeg(seam.firstThickness, seam.holeDiameter));
  const foot = -first - gap;
  const fill: readonly PolygonMm[] =
    leg >= half
      ? [box(-half, foot, half, 0)]
      : [
          [
            [-half, foot],
            [leg - half, foot],
            [-half, foot + leg],
          ],
          [
            [half, foot],
            [half - leg, foot],
            [half, foot + leg],
          ],
        ];
  return {
    first: [box(-far, -first, -half, 0), box(half, -first, far, 0)],
    second: [box(-far, foot - second, far, foot)],
    fill,
    beam: { at: [leg >= half ? 0 : leg / 2 - half, foot], from: down },
  };
}

function sizes(seam: SeamJoint): readonly [first: number, second: number, gap: number] {
  return [inMm(seam.firstThickness), inMm(seam.secondThickness), inMm(seam.gap)];
}

/** Points along an arc, ends included, angles in radians from the x axis. */
function arc([x, y]: PointMm, radius: number, from: number, to: number, points: number): readonly PointMm[] {
  return Array.from({ length: points + 1 }, (_, i): PointMm => {
    const angle = from + ((to - from) * i) / points;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });
}
