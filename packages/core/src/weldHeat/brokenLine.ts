import { meshLine, type MeshLine } from '../field/index.js';

/** How a line through breaks is cut: fine in a zone, and wider with the distance from it. */
export interface BrokenLineInput {
  /** Places that must be edges of cells, m: faces of sheets, ends of the line among them. */
  readonly breaks: readonly number[];
  readonly zone: readonly [from: number, to: number];
  /** Width of a cell in the zone, m. */
  readonly fine: number;
  /** By which a cell is wider for each metre further from the zone. */
  readonly growth: number;
  /** Cells between two breaks at least. */
  readonly least: number;
  /** Breaks nearer to each other than this are one. */
  readonly apart: number;
}

/**
 * Cells between breaks, each stretch cut by itself so that no face lies inside a cell.
 *
 * @example
 * brokenLine({ breaks: [0, 1, 3], zone: [0, 1], fine: 0.5, growth: 0.5, least: 1, apart: 0.01 }).edges.length // => 5
 */
export function brokenLine({ breaks, zone, fine, growth, least, apart }: BrokenLineInput): MeshLine {
  const sorted = [...breaks].sort((a, b) => a - b);
  const kept = sorted.filter((place, i) => i === 0 || place - (sorted[i - 1] as number) > apart);
  const edges = [kept[0] as number];
  // Cells up to a place, counted from the zone: the integral of one over their width.
  const cellsTo = (place: number) => {
    const inside = Math.min(Math.max(place, zone[0]), zone[1]) / fine;
    const below = Math.log1p((growth * Math.max(0, zone[0] - place)) / fine) / growth;
    const above = Math.log1p((growth * Math.max(0, place - zone[1])) / fine) / growth;
    return inside + above - below;
  };
  for (let i = 0; i + 1 < kept.length; i++) {
    const [from, to] = [kept[i] as number, kept[i + 1] as number];
    const [first, last] = [cellsTo(from), cellsTo(to)];
    const count = Math.max(least, Math.round(last - first));
    let low = from;
    for (let cell = 1; cell < count; cell++) {
      low = placeOf(cellsTo, first + ((last - first) * cell) / count, low, to);
      edges.push(low);
    }
    edges.push(to);
  }
  return meshLine(Float64Array.from(edges));
}

/** The place up to which there are so many cells, by halving. */
function placeOf(cellsTo: (place: number) => number, wanted: number, from: number, to: number): number {
  let [low, high] = [from, to];
  for (let step = 0; step < 50; step++) {
    const middle = (low + high) / 2;
    if (cellsTo(middle) < wanted) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
