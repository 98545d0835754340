import { placeOfNode, type FlatGrid } from './flatGrid.js';

/** How far a part's nodes have gone, node by node, m: in its plane (u, v) and out of it (w). */
export interface PartShape {
  readonly u: Float64Array;
  readonly v: Float64Array;
  readonly w: Float64Array;
}

/** How far a part is off, once it is laid as flat and as straight as it goes. */
export interface OffFlat {
  /** From its lowest place to its highest, m. */
  readonly bends: number;
  /** The furthest that a place has gone in the sheet's plane, m. */
  readonly draws: number;
}

/** Takes out what is no bending and no drawing: where the part lies, and how it is turned (least squares). */
export function laidFlat(grid: FlatGrid, { u, v, w }: PartShape): PartShape {
  const places = Array.from({ length: grid.nodes }, (_, node) => placeOfNode(grid, node));
  const middle = [0, 1].map((axis) => mean(places.map((place) => place[axis] as number)));
  const x = places.map((place) => place[0] - (middle[0] as number));
  const y = places.map((place) => place[1] - (middle[1] as number));
  const [overX, overY] = [square(x), square(y)];
  const [meanU, meanV, meanW] = [mean(u), mean(v), mean(w)];
  // On a rectangle x, y and 1 do not speak to each other, so each slope is its own.
  const [slopeX, slopeY] = [dot(w, x) / overX, dot(w, y) / overY];
  const turned = (dot(v, x) - dot(u, y)) / (overX + overY);
  return {
    u: u.map((each, node) => each - meanU + turned * (y[node] as number)),
    v: v.map((each, node) => each - meanV - turned * (x[node] as number)),
    w: w.map((each, node) => each - meanW - slopeX * (x[node] as number) - slopeY * (y[node] as number)),
  };
}

/** Reads a shape that {@link laidFlat} has laid down. */
export function offFlat({ u, v, w }: PartShape): OffFlat {
  let [low, high, draws] = [0, 0, 0];
  for (let node = 0; node < w.length; node++) {
    low = Math.min(low, w[node] as number);
    high = Math.max(high, w[node] as number);
    draws = Math.max(draws, Math.hypot(u[node] as number, v[node] as number));
  }
  return { bends: high - low, draws };
}

function mean(values: ArrayLike<number>): number {
  let sum = 0;
  for (let at = 0; at < values.length; at++) sum += values[at] as number;
  return sum / values.length;
}

function dot(one: ArrayLike<number>, other: ArrayLike<number>): number {
  let sum = 0;
  for (let at = 0; at < one.length; at++) sum += (one[at] as number) * (other[at] as number);
  return sum;
}

function square(values: ArrayLike<number>): number {
  return dot(values, values);
}
