import { cutSection, type CrossSection } from '../field/index.js';
import {
  backingTable,
  jointOutline,
  meltPlace,
  type JointOutline,
  type PointMm,
  type PolygonMm,
} from '../joint/index.js';
import { inMm } from '../quantity/index.js';
import { brokenLine } from './brokenLine.js';
import type { WeldHeatInput } from './WeldHeatInput.js';

/** A joint cut into cells, and where its light comes in: y across the seam, z down, m. */
export interface JointSection {
  readonly section: CrossSection;
  /** Only half of it is there: the other half is its mirror image. */
  readonly isHalf: boolean;
  readonly at: readonly [y: number, z: number];
  readonly from: readonly [y: number, z: number];
}

/** Two sheets that lie on each other pass this, W/(m2 K): dry, clean, lightly clamped. An assumption. */
const sheetContact = 3000;

/** Half of what a bar is wide, m. */
const barHalf = 12.5e-3;

/** Cells are no finer and no coarser than this around the seam, m. */
const cellRange = { least: 0.1e-3, most: 0.4e-3 };
/** Further out each is wider by this share of the way. */
const growth = 0.08;

/**
 * Cuts a joint where it is welded: its own sheets as they lie, filled where metal is filled. Equal sheets that meet edge
 * to edge are halved. A tube's wall is taken as a straight one that stands on the sheet.
 *
 * @param coarser factor on the width of the cells, for studies of the mesh
 */
export function jointSection(input: WeldHeatInput, coarser = 1): JointSection {
  const { part } = input;
  const joint = straightened(input.joint);
  const outline = jointOutline(joint, inMm(part.sideWidth));
  const { face, from } = meltPlace(joint);
  const at = [face[0] / 1000, -face[1] / 1000] as const;
  const lightFrom = [from[0], -from[1]] as const;
  const isHalf = isMirrored(outline);
  const sheets = [outline.first, outline.second, outline.fill];
  const corners = sheets.flat(2).map(([x, y]) => [x / 1000, -y / 1000] as const);
  const thinnest = Math.min(joint.firstThickness, joint.secondThickness);
  const fine = coarser * Math.min(cellRange.most, Math.max(cellRange.least, thinnest / 10));
  const reach = input.beadWidth / 2 + 2 * fine;
  const deep = input.depth + 2 * fine;
  const zone = (axis: 0 | 1): [number, number] => {
    const end = at[axis] - lightFrom[axis] * deep;
    return [Math.min(at[axis], end) - reach, Math.max(at[axis], end) + reach];
  };
  const line = (axis: 0 | 1, start: number) =>
    brokenLine({
      breaks: straightEdges(sheets.flat(), axis)
        .concat(start === 0 ? [0] : [])
        .filter((place) => place >= start),
      zone: zone(axis),
      fine,
      growth,
      least: 2,
      apart: fine / 4,
    });
  const across = line(0, isHalf ? 0 : -Infinity);
  const down = line(1, -Infinity);
  const sheet = new Uint8Array(across.widths.length * down.widths.length);
  down.centres.forEach((z, row) => {
    across.centres.forEach((y, column) => {
      const point: PointMm = [y * 1000, -z * 1000];
      sheet[row * across.widths.length + column] =
        1 + sheets.findIndex((parts) => parts.some((one) => isInside(one, point)));
    });
  });
  const lowest = Math.max(...corners.map(([, z]) => z));
  const section = cutSection({
    across,
    down,
    sheet,
    isMirrored: isHalf,
    lightFrom,
    contactLength: contactBeside(input, at, lightFrom),
    barContact: (y, z, out) =>
      out[1] === 1 && Math.abs(y - at[0]) < barHalf && z > lowest - thinnest
        ? backingTable[input.backing].contact
        : 0,
  });
  return { section, isHalf, at, from: lightFrom };
}

type SeamJoint = WeldHeatInput['joint'];

/** The heat of a groove under a tube, and of a tube on a plate, is that of a sheet that stands there. */
function straightened(joint: SeamJoint): SeamJoint {
  if (!('tubeRadius' in joint && 'leg' in joint)) return joint;
  const { firstThickness, secondThickness, gap, leg } = joint;
  return { kind: 'tee', firstThickness, secondThickness, gap, leg, sides: 1 };
}

/** Whether the second side is the first one's mirror image under light from straight above. */
function isMirrored({ first, second, beam }: JointOutline): boolean {
  const corners = (parts: readonly PolygonMm[], sign: 1 | -1) =>
    parts
      .flat()
      .map(([x, y]) => `${(sign * x + 0).toFixed(6)} ${y.toFixed(6)}`)
      .sort()
      .join();
  return beam.from[0] === 0 && corners(first, -1) === corners(second, 1);
}

/** Sheets have grown together where the melt reaches, and only touch elsewhere. */
function contactBeside(input: WeldHeatInput, at: readonly [number, number], from: readonly [number, number]) {
  const touching = input.metal.conductivity / sheetContact;
  return (y: number, z: number) => {
    const deep = -(y - at[0]) * from[0] - (z - at[1]) * from[1];
    const aside = Math.abs((y - at[0]) * from[1] - (z - at[1]) * from[0]);
    return aside < input.beadWidth / 2 && deep < input.depth ? 0 : touching;
  };
}

/** Where edges of the sheets lie straight across an axis, m. */
function straightEdges(polygons: readonly PolygonMm[], axis: 0 | 1): number[] {
  return polygons.flatMap((polygon) =>
    polygon.flatMap((corner, i) => {
      const next = polygon[(i + 1) % polygon.length] as PointMm;
      const isStraight = Math.abs(corner[axis] - next[axis]) < 1e-9;
      return isStraight ? [((axis === 0 ? 1 : -1) * corner[axis]) / 1000] : [];
    }),
  );
}

/** Whether a point lies in an outline, by the number of its edges that a ray crosses. */
function isInside(polygon: PolygonMm, [x, y]: PointMm): boolean {
  let inside = false;
  polygon.forEach(([x1, y1], i) => {
    const [x2, y2] = polygon[(i + 1) % polygon.length] as PointMm;
    if (y1 > y !== y2 > y && x < x1 + ((y - y1) / (y2 - y1)) * (x2 - x1)) inside = !inside;
  });
  return inside;
}
