import { openHeatKernel } from '../kernel/index.js';
import type { AlongModes } from './alongModes.js';
import { factorBand, substituteBand } from './bandCholesky.js';
import type { CrossSection } from './crossSection.js';

/** Solves the field of a metal that does not change with heat, again and again, for other sources. */
export interface ModalSolver {
  /** Writes over the right side, cell by cell of the section and along the flow in each, with the answer. */
  readonly solve: (values: Float64Array) => void;
}

/** What leaves for each W/m of flux potential: by each metre of open edge, 1/m, and by each W/(m K) to a bar, m K/W. */
export interface Leaks {
  readonly open: number;
  readonly bar: number;
}

/**
 * The field of metal that never melts is a sum of modes along the flow, each a problem over the section alone, which is factored once
 * (banded Cholesky, all modes side by side). Compiled where the computer can.
 *
 * @param leaks what leaves by open edges and to bars
 */
export function modalSolver(section: CrossSection, modes: AlongModes, leaks: Leaks): ModalSolver {
  return compiledModalSolver(section, modes, leaks) ?? plainModalSolver(section, modes, leaks);
}

/** The same, as it is meant: the oracle of the compiled one. */
export function plainModalSolver(section: CrossSection, modes: AlongModes, leaks: Leaks): ModalSolver {
  const { cells, bandwidth } = section;
  const { count } = modes;
  const band = new Float64Array(cells * (bandwidth + 1) * count);
  fillBand(section, modes.values, leaks, band);
  factorBand(band, cells, bandwidth, count);
  const work = new Float64Array(cells * count);
  return {
    solve: (values) => {
      multiplyRows(values, modes.toModes, work, cells, count);
      substituteBand(band, work, cells, bandwidth, count);
      multiplyRows(work, modes.fromModes, values, cells, count);
    },
  };
}

/** Modes are taken two at a time and cells four at a time: what is over is padded with a mode that carries nothing. */
function compiledModalSolver(section: CrossSection, modes: AlongModes, leaks: Leaks): ModalSolver | null {
  const { cells, bandwidth } = section;
  const count = modes.count + (modes.count % 2);
  const fours = 4 * Math.ceil(cells / 4);
  const kernel = openHeatKernel(
    5,
    cells * (bandwidth + 1) * count + 2 * fours * count + 2 * count * count + 16,
  );
  if (kernel === null) return null;
  const band = kernel.array(cells * (bandwidth + 1) * count);
  const [right, work] = [kernel.array(fours * count), kernel.array(fours * count)];
  const [toModes, fromModes] = [kernel.array(count * count), kernel.array(count * count)];
  const values = new Float64Array(count).fill(1);
  values.set(modes.values);
  fillBand(section, values, leaks, band.values);
  kernel.factor(band.at, cells, bandwidth, count);
  turnInto(modes.toModes, modes.count, count, toModes.values);
  turnInto(modes.fromModes, modes.count, count, fromModes.values);
  return {
    solve: (sides) => {
      for (let cell = 0; cell < cells; cell++)
        right.values.set(sides.subarray(cell * modes.count, (cell + 1) * modes.count), cell * count);
      kernel.multiplyRows(right.at, toModes.at, work.at, fours, count);
      kernel.substitute(band.at, work.at, cells, bandwidth, count);
      kernel.multiplyRows(work.at, fromModes.at, right.at, fours, count);
      for (let cell = 0; cell < cells; cell++)
        sides.set(right.values.subarray(cell * count, cell * count + modes.count), cell * modes.count);
    },
  };
}

/** Writes a square matrix turned on its diagonal into a larger one. */
function turnInto(matrix: Float64Array, size: number, padded: number, into: Float64Array): void {
  for (let row = 0; row < size; row++)
    for (let column = 0; column < size; column++)
      into[column * padded + row] = matrix[row * size + column] as number;
}

/** Row m of the band holds its diagonal first, then its links to the cells before it, each for all modes. */
function fillBand(section: CrossSection, modes: Float64Array, leaks: Leaks, band: Float64Array): void {
  const count = modes.length;
  const stride = section.bandwidth + 1;
  const add = (cell: number, back: number, value: number) => {
    const at = (cell * stride + back) * count;
    for (let mode = 0; mode < count; mode++) band[at + mode] = (band[at + mode] as number) + value;
  };
  for (let cell = 0; cell < section.cells; cell++) {
    const at = cell * stride * count;
    const area = (section.width[cell] as number) * (section.height[cell] as number);
    for (let mode = 0; mode < count; mode++) band[at + mode] = area * (modes[mode] as number);
    add(cell, 0, leaks.open * (section.open[cell] as number) + leaks.bar * (section.toBar[cell] as number));
  }
  for (let link = 0; link < section.linkFrom.length; link++) {
    const from = section.linkFrom[link] as number;
    const to = section.linkTo[link] as number;
    const value = section.linkFactor[link] as number;
    add(from, 0, value);
    add(to, 0, value);
    add(to, to - from, -value);
  }
}

/** into[cell, k] = sum of rows[cell, i] x matrix[k, i]: four places at once stay in registers. */
function multiplyRows(
  rows: Float64Array,
  matrix: Float64Array,
  into: Float64Array,
  cells: number,
  count: number,
): void {
  const whole = count - (count % 4);
  for (let cell = 0; cell < cells; cell++) {
    const row = cell * count;
    for (let k = 0; k < whole; k += 4) {
      const first = k * count;
      const second = first + count;
      const third = second + count;
      const fourth = third + count;
      let [a, b, c, d] = [0, 0, 0, 0];
      for (let i = 0; i < count; i++) {
        const value = rows[row + i] as number;
        a += value * (matrix[first + i] as number);
        b += value * (matrix[second + i] as number);
        c += value * (matrix[third + i] as number);
        d += value * (matrix[fourth + i] as number);
      }
      into[row + k] = a;
      into[row + k + 1] = b;
      into[row + k + 2] = c;
      into[row + k + 3] = d;
    }
    for (let k = whole; k < count; k++) {
      let sum = 0;
      for (let i = 0; i < count; i++) sum += (rows[row + i] as number) * (matrix[k * count + i] as number);
      into[row + k] = sum;
    }
  }
}
