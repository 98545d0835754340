/** A flat part cut into square cells. */
export interface FlatGrid {
  readonly columns: number;
  readonly rows: number;
  /** Of a cell, m. */
  readonly side: number;
  /** Of the first node, m. */
  readonly left: number;
  readonly top: number;
  /** (columns + 1) (rows + 1). */
  readonly nodes: number;
  /** Furthest apart that two corners of a cell are in the row of nodes. */
  readonly reach: number;
}

interface Rectangle {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Square cells over a rectangle, which grows by less than a cell to hold whole ones. */
export function flatGrid({ left, right, top, bottom }: Rectangle, side: number): FlatGrid {
  const columns = Math.max(1, Math.ceil((right - left) / side - 1e-9));
  const rows = Math.max(1, Math.ceil((bottom - top) / side - 1e-9));
  return {
    columns,
    rows,
    side,
    left: (left + right - columns * side) / 2,
    top: (top + bottom - rows * side) / 2,
    nodes: (columns + 1) * (rows + 1),
    reach: Math.min(columns, rows) + 2,
  };
}

/** Node by column and row; they run along the shorter side first, so that bands stay narrow. */
export function nodeAt({ columns, rows }: FlatGrid, column: number, row: number): number {
  return columns <= rows ? row * (columns + 1) + column : column * (rows + 1) + row;
}

/** Corners of a cell, in the order of `plateCell`. */
export function cornersOf(grid: FlatGrid, cell: number): [number, number, number, number] {
  const [column, row] = [cell % grid.columns, Math.floor(cell / grid.columns)];
  return [
    nodeAt(grid, column, row),
    nodeAt(grid, column + 1, row),
    nodeAt(grid, column + 1, row + 1),
    nodeAt(grid, column, row + 1),
  ];
}

/** Where a node lies, m. */
export function placeOfNode(grid: FlatGrid, node: number): [x: number, y: number] {
  const along = (grid.columns <= grid.rows ? grid.columns : grid.rows) + 1;
  const [inner, outer] = [node % along, Math.floor(node / along)];
  const [column, row] = grid.columns <= grid.rows ? [inner, outer] : [outer, inner];
  return [grid.left + column * grid.side, grid.top + row * grid.side];
}

/** Cell that a place lies in, or the nearest. */
export function cellOfPlace({ columns, rows, side, left, top }: FlatGrid, x: number, y: number): number {
  const column = Math.min(columns - 1, Math.max(0, Math.floor((x - left) / side)));
  const row = Math.min(rows - 1, Math.max(0, Math.floor((y - top) / side)));
  return row * columns + column;
}

/** A cell that a line passes, and how much of the line lies in it, m. */
interface PassedCell {
  readonly cell: number;
  readonly length: number;
}

/** Cells along a straight line, in its own order. */
export function cellsAlong(
  grid: FlatGrid,
  from: readonly [number, number],
  to: readonly [number, number],
): PassedCell[] {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const looks = Math.max(1, Math.ceil((16 * length) / grid.side));
  const passed: { cell: number; length: number }[] = [];
  for (let look = 0; look < looks; look++) {
    const share = (look + 0.5) / looks;
    const cell = cellOfPlace(grid, from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1]));
    const last = passed[passed.length - 1];
    if (last?.cell === cell) last.length += length / looks;
    else passed.push({ cell, length: length / looks });
  }
  return passed;
}
