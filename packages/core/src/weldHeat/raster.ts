import { betweenCentres, cellAt, shareBetween } from '../field/index.js';
import { faceLine, type Face } from './faces.js';
import type { SeamHeat } from './seamHeat.js';

/** A window on a section or a face, cut into even points; m. */
export interface RasterWindow {
  readonly left: number;
  readonly top: number;
  /** From point to point. */
  readonly step: number;
  readonly columns: number;
  readonly rows: number;
}

/** Which cells a point of a raster is made of, and how much of each. */
export interface SectionRaster {
  readonly window: RasterWindow;
  /** Four cells a point, -1 where there is no metal. */
  readonly cells: Int32Array;
  readonly weights: Float32Array;
}

/** What stands in a raster where there is no metal. */
const noMetal = Number.NaN;

/**
 * Lays an even raster over a section: y to the right, z down. A point lies in metal where its own cell does, and is drawn
 * between the middles of the cells around it.
 */
export function sectionRaster({ cut }: Pick<SeamHeat, 'cut'>, window: RasterWindow): SectionRaster {
  const { section, isHalf } = cut;
  const points = window.columns * window.rows;
  const cells = new Int32Array(4 * points).fill(-1);
  const weights = new Float32Array(4 * points);
  const columns = section.across.widths.length;
  const rows = section.down.widths.length;
  const [lefts, tops] = [section.across.edges, section.down.edges];
  const isInside = (y: number, z: number) =>
    y >= (lefts[0] as number) &&
    y <= (lefts[columns] as number) &&
    z >= (tops[0] as number) &&
    z <= (tops[rows] as number);
  for (let point = 0; point < points; point++) {
    const across = window.left + (point % window.columns) * window.step;
    const y = isHalf ? Math.abs(across) : across;
    const z = window.top + Math.floor(point / window.columns) * window.step;
    if (!isInside(y, z)) continue;
    const own = section.cellAtPlace[cellAt(section.down, z) * columns + cellAt(section.across, y)] as number;
    if (own < 0) continue;
    const [column, right] = betweenCentres(section.across, y);
    const [row, below] = betweenCentres(section.down, z);
    let sum = 0;
    for (let corner = 0; corner < 4; corner++) {
      const [i, j] = [Math.min(column + (corner & 1), columns - 1), Math.min(row + (corner >> 1), rows - 1)];
      const cell = section.cellAtPlace[j * columns + i] as number;
      const weight = ((corner & 1) === 1 ? right : 1 - right) * (corner >> 1 === 1 ? below : 1 - below);
      if (cell < 0) continue;
      cells[4 * point + corner] = cell;
      weights[4 * point + corner] = weight;
      sum += weight;
    }
    for (let corner = 0; corner < 4; corner++)
      weights[4 * point + corner] = (weights[4 * point + corner] as number) / sum;
  }
  return { window, cells, weights };
}

/** Values of cells on a raster; {@link noMetal} outside. */
export function rasterInto(
  { cells, weights }: SectionRaster,
  values: ArrayLike<number>,
  into: Float32Array,
): Float32Array {
  for (let point = 0; point < into.length; point++) {
    let sum = 0;
    let isMetal = false;
    for (let corner = 4 * point; corner < 4 * point + 4; corner++) {
      const cell = cells[corner] as number;
      if (cell < 0) continue;
      isMetal = true;
      sum += (weights[corner] as number) * (values[cell] as number);
    }
    into[point] = isMetal ? sum : noMetal;
  }
  return into;
}

/**
 * How hot a face is around the gun, on an even raster: behind the gun to the right, across the seam downwards. What lies
 * behind is what passed earlier.
 *
 * @param travel m/s
 */
export function faceInto(
  heat: SeamHeat,
  face: Face,
  travel: number,
  window: RasterWindow,
  into: Float32Array,
): Float32Array {
  const { times, frames, cut } = heat;
  const line = faceLine(heat, face);
  const last = line.y.length - 1;
  for (let column = 0; column < window.columns; column++) {
    const time = (window.left + column * window.step) / travel;
    const [frame, later] = frameAt(times, time);
    const [now, next] = [
      frames[frame] as Float32Array,
      frames[Math.min(frame + 1, frames.length - 1)] as Float32Array,
    ];
    for (let row = 0; row < window.rows; row++) {
      const across = window.top + row * window.step;
      const y = cut.isHalf ? Math.abs(across) : across;
      const point = row * window.columns + column;
      const isOff = y > (line.y[last] as number) + 1e-3 || y < (line.y[0] as number) - 1e-3;
      if (isOff) {
        into[point] = noMetal;
        continue;
      }
      const [i, share] = frameAt(line.y, y);
      const [a, b] = [line.cells[i] as number, line.cells[Math.min(i + 1, last)] as number];
      const at = (values: Float32Array) =>
        (values[a] as number) + share * ((values[b] as number) - (values[a] as number));
      into[point] = at(now) + later * (at(next) - at(now));
    }
  }
  return into;
}

/** Of rising moments, or places, the one before and how far on towards the next, 0 to 1. */
export function frameAt(times: Float64Array, time: number): readonly [frame: number, share: number] {
  let [low, high] = [0, times.length - 1];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((times[middle] as number) <= time) low = middle;
    else high = middle - 1;
  }
  return shareBetween(times, low, time);
}
