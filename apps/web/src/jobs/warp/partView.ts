import { cornersOf, placeOfNode, type FlatGrid, type PartShape } from '@lone-heron/core';

/** Bent part is drawn so many times as bent as it is. */
const drawnTimes = 10;
/** Seen from so far to the side and so high, rad. */
const [aside, above] = [0.5, 0.75];

type Point = readonly [x: number, y: number];

/** A cell of the bent part on the page, and how steep it is for its shade, -1 to 1. */
interface DrawnCell {
  readonly at: number;
  readonly corners: readonly Point[];
  readonly shade: number;
}

/** A bent part seen from the side, in a box that every stage fits. */
export interface PartView {
  readonly cells: readonly DrawnCell[];
  readonly place: (x: number, y: number) => Point;
  readonly box: {
    readonly left: number;
    readonly top: number;
    readonly width: number;
    readonly height: number;
  };
}

/** Looks at a shape; mm on the page. The furthest cells come first, so that nearer ones lie over them. */
export function partView(grid: FlatGrid, { u, v, w }: PartShape): PartView {
  const middle = [
    grid.left + (grid.columns * grid.side) / 2,
    grid.top + (grid.rows * grid.side) / 2,
  ] as const;
  const onPage = (x: number, y: number, z: number): Point => {
    const [dx, dy] = [1000 * (x - middle[0]), 1000 * (y - middle[1])];
    const [across, near] = [
      dx * Math.cos(aside) - dy * Math.sin(aside),
      dx * Math.sin(aside) + dy * Math.cos(aside),
    ];
    return [across, near * Math.sin(above) - 1000 * z * Math.cos(above)];
  };
  const moved = (node: number): readonly [number, number, number] => {
    const [x, y] = placeOfNode(grid, node);
    return [x + drawnTimes * (u[node] ?? 0), y + drawnTimes * (v[node] ?? 0), drawnTimes * (w[node] ?? 0)];
  };
  const cells = cellsBackToFront(grid).map(([column, row]): DrawnCell => {
    const at = row * grid.columns + column;
    const places = cornersOf(grid, at).map(moved);
    const z = places.map((place) => place[2]);
    const slope = ((z[0] ?? 0) + (z[3] ?? 0) - (z[1] ?? 0) - (z[2] ?? 0)) / (2 * grid.side);
    const fall = ((z[0] ?? 0) + (z[1] ?? 0) - (z[2] ?? 0) - (z[3] ?? 0)) / (2 * grid.side);
    return {
      at,
      corners: places.map((place) => onPage(...place)),
      shade: Math.max(-1, Math.min(1, (slope + fall) / 0.3)),
    };
  });
  const place = (x: number, y: number) => onPage(...placedOn(grid, { u, v, w }, x, y));
  return { cells, place, box: boxOf(grid, onPage) };
}

function cellsBackToFront({ columns, rows }: FlatGrid): (readonly [number, number])[] {
  return Array.from(
    { length: rows * columns },
    (_, at) => [at % columns, Math.floor(at / columns)] as const,
  ).sort(
    (one, other) =>
      one[0] * Math.sin(aside) +
      one[1] * Math.cos(aside) -
      other[0] * Math.sin(aside) -
      other[1] * Math.cos(aside),
  );
}

/** Where a place of the flat part has gone, between its nodes. */
function placedOn(grid: FlatGrid, { u, v, w }: PartShape, x: number, y: number): [number, number, number] {
  const along = Math.min(grid.columns - 1e-6, Math.max(0, (x - grid.left) / grid.side));
  const down = Math.min(grid.rows - 1e-6, Math.max(0, (y - grid.top) / grid.side));
  const [column, row] = [Math.floor(along), Math.floor(down)];
  const [right, low] = [along - column, down - row];
  const shares = [(1 - right) * (1 - low), right * (1 - low), right * low, (1 - right) * low];
  const corners = cornersOf(grid, row * grid.columns + column);
  const mean = (of: Float64Array) =>
    corners.reduce((sum, node, at) => sum + (of[node] ?? 0) * (shares[at] ?? 0), 0);
  return [x + drawnTimes * mean(u), y + drawnTimes * mean(v), drawnTimes * mean(w)];
}

/** Height over the flat part that a picture has room for, over its longer side. */
const headroom = 0.12;

function boxOf(
  { left, top, columns, rows, side }: FlatGrid,
  onPage: (x: number, y: number, z: number) => Point,
) {
  const [right, bottom] = [left + columns * side, top + rows * side];
  const high = headroom * Math.max(columns, rows) * side;
  const points = [left, right].flatMap((x) =>
    [top, bottom].flatMap((y) => [high, -high].map((z) => onPage(x, y, z))),
  );
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const box = { left: Math.min(...xs), top: Math.min(...ys) };
  return { ...box, width: Math.max(...xs) - box.left, height: Math.max(...ys) - box.top };
}
