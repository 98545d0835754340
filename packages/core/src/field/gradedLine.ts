/** A line cut into cells, in m; cell i lies between edges i and i + 1. */
export interface MeshLine {
  readonly edges: Float64Array;
  readonly centres: Float64Array;
  readonly widths: Float64Array;
}

/** How a line is cut: fine between two places, and coarser away from them. */
export interface GradedLineInput {
  /** Ends of the line, m. */
  readonly from: number;
  readonly to: number;
  /** Between these it is cut evenly, m. */
  readonly fineFrom: number;
  readonly fineTo: number;
  /** Width of a fine cell at most, m. */
  readonly fine: number;
  /** By which each cell further out is wider than the one before, at most; 1 and more. */
  readonly growth: number;
}

/**
 * Cells that are even where it matters and grow evenly to both ends.
 *
 * @example
 * gradedLine({ from: 0, to: 10, fineFrom: 0, fineTo: 2, fine: 1, growth: 1.5 }).widths.length // => 6
 */
export function gradedLine({ from, to, fineFrom, fineTo, fine, growth }: GradedLineInput): MeshLine {
  const start = Math.max(from, Math.min(fineFrom, to));
  const end = Math.min(to, Math.max(fineTo, start));
  const count = Math.max(1, Math.ceil((end - start) / fine - 1e-9));
  const width = end > start ? (end - start) / count : fine;
  const middle = end > start ? Array.from({ length: count - 1 }, (_, i) => start + (i + 1) * width) : [];
  const before = growing(start - from, width, growth).map((reach) => start - reach);
  const after = growing(to - end, width, growth).map((reach) => end + reach);
  const inner = end > start ? [start, ...middle, end] : [start];
  return meshLine(Float64Array.from([...before.reverse(), ...inner, ...after]));
}

/** Distances of the edges from the fine part over a length: each cell wider by the same factor, at most the growth. */
function growing(length: number, first: number, growth: number): number[] {
  if (length < 1e-9 * first) return [];
  const count = cellsOver(length, first, growth);
  const factor = fittedGrowth(length / first, count, growth);
  const edges: number[] = [];
  let reach = 0;
  let width = first;
  for (let i = 0; i < count; i++) {
    width *= factor;
    reach += width;
    edges.push(reach);
  }
  const scale = length / reach;
  return edges.map((edge) => edge * scale);
}

function cellsOver(length: number, first: number, growth: number): number {
  let reach = 0;
  let count = 0;
  let width = first;
  while (reach < length) {
    width *= growth;
    reach += width;
    count++;
  }
  return count;
}

/** The factor with which so many cells just reach the length; between none and the most. */
function fittedGrowth(ratio: number, count: number, most: number): number {
  let [low, high] = [0.5, most];
  for (let step = 0; step < 60; step++) {
    const middle = (low + high) / 2;
    if (geometricSum(middle, count) < ratio) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

function geometricSum(factor: number, count: number): number {
  let sum = 0;
  let term = 1;
  for (let i = 0; i < count; i++) sum += term *= factor;
  return sum;
}

/** The same line from its edges, m, rising. */
export function meshLine(edges: Float64Array): MeshLine {
  const count = edges.length - 1;
  const centres = new Float64Array(count);
  const widths = new Float64Array(count);
  for (let i = 0; i < count; i++) {
    const low = edges[i] as number;
    const high = edges[i + 1] as number;
    centres[i] = (low + high) / 2;
    widths[i] = high - low;
  }
  return { edges, centres, widths };
}

/** The cell that a place lies in; the nearest where it lies outside. */
export function cellAt({ edges, widths }: MeshLine, place: number): number {
  let [low, high] = [0, widths.length - 1];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((edges[middle] as number) <= place) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** The cell whose middle lies before a place, and how far on towards the next middle the place is, 0 to 1. */
export function betweenCentres(line: MeshLine, place: number): readonly [cell: number, share: number] {
  const nearest = cellAt(line, place);
  const low = (line.centres[nearest] as number) <= place ? nearest : nearest - 1;
  return shareBetween(line.centres, Math.max(0, low), place);
}

/** How far a place is on the way from one of rising places to the next, 0 to 1, with the one it was asked of. */
export function shareBetween(
  places: Float64Array,
  low: number,
  place: number,
): readonly [low: number, share: number] {
  const from = places[low] as number;
  const to = places[Math.min(low + 1, places.length - 1)] as number;
  return [low, to > from ? Math.min(1, Math.max(0, (place - from) / (to - from))) : 0];
}
