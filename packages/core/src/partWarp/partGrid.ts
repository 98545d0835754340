import { requireWithin } from '../fault/index.js';
import { cellOfPlace, cellsAlong, flatGrid, type FlatGrid } from './flatGrid.js';
import type { PartWarpInput, PartWay, WarpSeam } from './WarpSeam.js';
import { directionOf, lengthOf, placeAlong } from './weldSteps.js';

/** The part as cells, and where it is open before anything is welded. */
export interface PartGrid {
  readonly grid: FlatGrid;
  /** Cells that nothing holds together but tacks. */
  readonly open: ReadonlySet<number>;
  /** Cells of the tacks that are set, by the seam each is on. */
  readonly tacks: ReadonlyMap<number, WarpSeam>;
}

/** Cells along the longer side at most, and the smallest, m. */
const mostCells = 30;
const leastSide = 3e-3;
/** Sheet that is drawn past the end of a seam that parts it, m: it ends where the seam does. */
const pastEnd = 3e-3;
/** A seam whose end is drawn so near another one's line ends on it, m: hands draw no closer. */
const touching = 10e-3;
const mostSeams = 200;

/** Cuts the part: a seam that parts its sheets and reaches the outline parts them up to it. */
export function partGrid({ seams, beyond }: PartWarpInput, way: PartWay): PartGrid {
  requireWithin(seams.length, { quantity: 'seams', min: 1, max: mostSeams, unit: '' });
  const outline = outlineOf(seams, beyond);
  const longer = Math.max(outline.right - outline.left, outline.bottom - outline.top);
  const grid = flatGrid(outline, Math.max(leastSide, longer / mostCells));
  const parting = seams.filter(({ parts }) => parts);
  const open = new Set<number>();
  for (const seam of parting) {
    const onwards = (end: 'from' | 'to') => toAnother(seam, end, parting) ?? reachTo(seam, end, outline);
    const from = placeAlong(seam, -onwards('from'));
    const to = placeAlong(seam, lengthOf(seam) + onwards('to'));
    for (const { cell } of cellsAlong(grid, from, to)) open.add(cell);
  }
  const tacks = new Map(
    parting.flatMap((seam) =>
      tacksOf(seam, way).map((at) => [cellOfPlace(grid, ...placeAlong(seam, at)), seam] as const),
    ),
  );
  return { grid, open, tacks };
}

interface Outline {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/**
 * The seams with the sheet beside them; where a seam that parts it comes to the outermost, the sheet ends with it, unless it ends on
 * another seam.
 */
function outlineOf(seams: readonly WarpSeam[], beyond: number): Outline {
  const parting = seams.filter(({ parts }) => parts);
  const ends = seams.flatMap((seam) =>
    (['from', 'to'] as const).map((end) => ({
      at: seam[end],
      seam,
      isFree: seam.parts && toAnother(seam, end, parting) === null,
    })),
  );
  const side = (axis: 0 | 1, sign: 1 | -1) => {
    const far = Math.max(...ends.map(({ at }) => sign * at[axis]));
    const ending = ends.some(
      ({ at, seam, isFree }) =>
        isFree && sign * at[axis] > far - 2e-3 && Math.abs(directionOf(seam)[axis]) > Math.SQRT1_2,
    );
    return sign * (far + (ending ? pastEnd : beyond));
  };
  return { left: side(0, -1), right: side(0, 1), top: side(1, -1), bottom: side(1, 1) };
}

/** How far an end is from another seam that parts the sheets and that it ends on, m: a T of seams, a corner; null for an end that is free. */
function toAnother(seam: WarpSeam, end: 'from' | 'to', parting: readonly WarpSeam[]): number | null {
  const away = parting.filter((other) => other !== seam).map((other) => distanceTo(other, seam[end]));
  const nearest = Math.min(...away);
  return nearest < touching ? nearest : null;
}

function distanceTo(seam: WarpSeam, [x, y]: readonly [number, number]): number {
  const [alongX, alongY] = directionOf(seam);
  const [dx, dy] = [x - seam.from[0], y - seam.from[1]];
  const along = Math.min(lengthOf(seam), Math.max(0, dx * alongX + dy * alongY));
  return Math.hypot(dx - along * alongX, dy - along * alongY);
}

/** From a seam's end straight on to the outline, m; 0 where that is further than a sheet's edge is taken to be. */
function reachTo(seam: WarpSeam, end: 'from' | 'to', outline: Outline): number {
  const [x, y] = directionOf(seam).map((each) => (end === 'to' ? each : -each)) as [number, number];
  const [atX, atY] = seam[end];
  const toX = x > 0 ? (outline.right - atX) / x : x < 0 ? (outline.left - atX) / x : Infinity;
  const toY = y > 0 ? (outline.bottom - atY) / y : y < 0 ? (outline.top - atY) / y : Infinity;
  const reach = Math.min(toX, toY);
  return reach < 3 * pastEnd ? reach : 0;
}

/** Where a seam's tacks are this way, m from its start. */
function tacksOf({ tacks }: WarpSeam, way: PartWay): readonly number[] {
  if (way.tacks === 'none') return [];
  if (way.tacks === 'asSet') return tacks;
  const along = [...tacks].sort((one, other) => one - other);
  const between = along.slice(1).map((at, i) => (at + (along[i] as number)) / 2);
  return [...along, ...between];
}
