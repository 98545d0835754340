import type { SeamHeat } from './seamHeat.js';

/** The two faces of a joint whose sheets lie flat. */
export type Face = 'front' | 'back';

/** Cells of a face from left to right, and where each lies across the seam, m. */
export interface FaceLine {
  readonly cells: Int32Array;
  readonly y: Float64Array;
}

/**
 * The outermost cells of a section on a face: the first that a look from above meets in each column, or from below. Of a
 * half section the half that is there.
 */
export function faceLine({ cut }: Pick<SeamHeat, 'cut'>, face: Face): FaceLine {
  const { cellAtPlace, across, down } = cut.section;
  const columns = across.widths.length;
  const rows = down.widths.length;
  const cells: number[] = [];
  const y: number[] = [];
  for (let column = 0; column < columns; column++) {
    for (let step = 0; step < rows; step++) {
      const row = face === 'front' ? step : rows - 1 - step;
      const cell = cellAtPlace[row * columns + column] as number;
      if (cell < 0) continue;
      cells.push(cell);
      y.push(across.centres[column] as number);
      break;
    }
  }
  return { cells: Int32Array.from(cells), y: Float64Array.from(y) };
}

/** Where a face is at least so much: its edges across the seam, m; null where it is nowhere. */
export interface FaceEdges {
  readonly left: number;
  readonly right: number;
}

/**
 * Edges of what lies above a level on a face, between cells by a straight line.
 *
 * @param values of each cell of the line
 * @param isHalf whether the other half mirrors it
 * @example
 * edgesAbove({ cells: Int32Array.of(0, 1, 2), y: Float64Array.of(0, 1, 2) }, [4, 2, 0], 1, true) // => { left: -1.5, right: 1.5 }
 */
export function edgesAbove(
  { y }: FaceLine,
  values: ArrayLike<number>,
  level: number,
  isHalf: boolean,
): FaceEdges | null {
  let first = -1;
  let last = -1;
  for (let i = 0; i < y.length; i++) {
    if ((values[i] as number) < level) continue;
    if (first < 0) first = i;
    last = i;
  }
  if (first < 0) return null;
  const crossing = (inside: number, outside: number) => {
    const from = y[inside] as number;
    if (outside < 0 || outside >= y.length) return from;
    const [high, low] = [values[inside] as number, values[outside] as number];
    return from + ((high - level) / (high - low)) * ((y[outside] as number) - from);
  };
  const right = crossing(last, last + 1);
  return { left: isHalf ? -right : crossing(first, first - 1), right };
}
