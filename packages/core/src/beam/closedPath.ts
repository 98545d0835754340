import type { WobbleShape } from './Wobble.js';

/** Shapes that are run at constant speed along a closed line. */
export type ClosedShape = Extract<WobbleShape, 'triangle' | 'halfMoon' | 'hourglass'>;

/** A closed line of width 1, as corners; lengths and directions of its stretches worked out once. */
export interface ClosedPath {
  /** Corners x0, y0, x1, y1 ... in units of the width; the last stretch leads back to the first corner. */
  readonly corners: Float64Array;
  /** Length of the line up to each corner, and at the end its whole length. */
  readonly lengths: Float64Array;
  /** Cosine of each stretch's direction against the travel. */
  readonly along: Float64Array;
  readonly perimeter: number;
}

/** Points of each arc of the half moon: 1024 round the whole shape. */
const arcPoints = 512;

/**
 * The closed shapes, width 1 across the seam (y), in the order they are run:
 * - triangle: equal sides, one side across the seam behind, its tip ahead
 * - half moon: half a circle of diameter 1 ahead, back along an arc between the same ends that bulges half as far
 * - hourglass: corners at x of plus and minus a quarter, y of plus and minus a half; both short sides along the seam,
 *   joined by diagonals that cross in the middle.
 */
export const closedPaths: Readonly<Record<ClosedShape, ClosedPath>> = {
  triangle: closedPath([
    [-Math.sqrt(3) / 4, -0.5],
    [Math.sqrt(3) / 4, 0],
    [-Math.sqrt(3) / 4, 0.5],
  ]),
  halfMoon: closedPath([...halfCircle(), ...flatterArcBack()]),
  hourglass: closedPath([
    [-0.25, 0.5],
    [0.25, 0.5],
    [-0.25, -0.5],
    [0.25, -0.5],
  ]),
};

function halfCircle(): readonly (readonly [number, number])[] {
  return Array.from({ length: arcPoints }, (_, i) => {
    const angle = -Math.PI / 2 + (Math.PI * i) / arcPoints;
    return [Math.cos(angle) / 2, Math.sin(angle) / 2] as const;
  });
}

/** From (0, 1/2) back to (0, -1/2), bulging a quarter ahead. */
function flatterArcBack(): readonly (readonly [number, number])[] {
  const bulge = 0.25;
  const radius = (0.25 + bulge * bulge) / (2 * bulge);
  const centre = bulge - radius;
  const half = Math.asin(0.5 / radius);
  return Array.from({ length: arcPoints }, (_, i) => {
    const angle = half - (2 * half * i) / arcPoints;
    return [centre + radius * Math.cos(angle), radius * Math.sin(angle)] as const;
  });
}

function closedPath(points: readonly (readonly [number, number])[]): ClosedPath {
  const count = points.length;
  const lengths = new Float64Array(count + 1);
  const along = new Float64Array(count);
  points.forEach(([x, y], i) => {
    const [nextX, nextY] = points[(i + 1) % count] as readonly [number, number];
    const length = Math.hypot(nextX - x, nextY - y);
    lengths[i + 1] = (lengths[i] as number) + length;
    along[i] = (nextX - x) / length;
  });
  return {
    corners: Float64Array.from(points.flat()),
    lengths,
    along,
    perimeter: lengths[count] as number,
  };
}

/** Whether a shape is one of the closed ones. */
export function isClosedShape(shape: WobbleShape): shape is ClosedShape {
  return shape in closedPaths;
}

/**
 * The place on a closed line after a share of its cycle, in units of the width, into a caller's pair.
 *
 * @param share of the cycle, any number; whole cycles make no difference
 */
export function placeOnPathInto(path: ClosedPath, share: number, into: Float64Array): Float64Array {
  const { corners, lengths, perimeter } = path;
  const at = (share - Math.floor(share)) * perimeter;
  let low = 0;
  let high = lengths.length - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((lengths[middle] as number) <= at) low = middle;
    else high = middle;
  }
  const next = (low + 1) % (lengths.length - 1);
  const part = (at - (lengths[low] as number)) / ((lengths[high] as number) - (lengths[low] as number));
  const x = corners[2 * low] as number;
  const y = corners[2 * low + 1] as number;
  into[0] = x + part * ((corners[2 * next] as number) - x);
  into[1] = y + part * ((corners[2 * next + 1] as number) - y);
  return into;
}
