import { EigenvalueDecomposition, Matrix } from 'ml-matrix';
import type { MeshLine } from './gradedLine.js';

/** How heat is carried and conducted along the seam, taken apart into modes that do not mix. */
export interface AlongModes {
  readonly count: number;
  /** Of each mode, 1/m2 (divided by the cell's width): above 0. */
  readonly values: Float64Array;
  /** Takes a row of values along the seam to modes, a row a mode: count x count. */
  readonly toModes: Float64Array;
  /** And back, a row a place. */
  readonly fromModes: Float64Array;
}

/**
 * Modes of conduction along the flow of metal under the gun, with the heat it carries fitted exponentially between
 * cells (Scharfetter and Gummel 1969), cold metal at the first edge and nothing conducted through the last. The operator
 * is alike to a symmetric one, so its modes are real.
 *
 * @param line along the flow: from ahead of the gun to behind it
 * @param rate travel over diffusivity, 1/m
 */
export function alongModes(line: MeshLine, rate: number): AlongModes {
  const count = line.widths.length;
  const { lower, main, upper } = alongRows(line, rate);
  const scale = new Float64Array(count).fill(1);
  const symmetric = Matrix.zeros(count, count);
  for (let i = 0; i < count; i++) {
    symmetric.set(i, i, main[i] as number);
    if (i === 0) continue;
    const down = lower[i] as number;
    const up = upper[i - 1] as number;
    scale[i] = (scale[i - 1] as number) * Math.sqrt(down / up);
    const off = -Math.sqrt(down * up);
    symmetric.set(i, i - 1, off);
    symmetric.set(i - 1, i, off);
  }
  const parts = new EigenvalueDecomposition(symmetric, { assumeSymmetric: true });
  const vectors = parts.eigenvectorMatrix;
  const toModes = new Float64Array(count * count);
  const fromModes = new Float64Array(count * count);
  for (let i = 0; i < count; i++) {
    for (let mode = 0; mode < count; mode++) {
      const value = vectors.get(i, mode);
      toModes[mode * count + i] = value / (scale[i] as number);
      fromModes[i * count + mode] = value * (scale[i] as number);
    }
  }
  return { count, values: Float64Array.from(parts.realEigenvalues), toModes, fromModes };
}

/** Rows of the operator, each over its cell's width: what leaves a cell for a value of 1 in it, in the one before and the one after. */
function alongRows(line: MeshLine, rate: number) {
  const count = line.widths.length;
  const lower = new Float64Array(count);
  const main = new Float64Array(count);
  const upper = new Float64Array(count);
  for (let i = 0; i < count; i++) {
    const width = line.widths[i] as number;
    const before = i === 0 ? width / 2 : (line.centres[i] as number) - (line.centres[i - 1] as number);
    const carriedIn = bernoulli(-rate * before) / before;
    lower[i] = i === 0 ? 0 : carriedIn / width;
    const backOut = bernoulli(rate * before) / before;
    if (i === count - 1) {
      main[i] = (rate + backOut) / width;
      continue;
    }
    const after = (line.centres[i + 1] as number) - (line.centres[i] as number);
    main[i] = (bernoulli(-rate * after) / after + backOut) / width;
    upper[i] = bernoulli(rate * after) / after / width;
  }
  return { lower, main, upper };
}

/** x/(e^x - 1), by which an exponential between two places weighs them. */
function bernoulli(x: number): number {
  return Math.abs(x) < 1e-8 ? 1 - x / 2 : x / Math.expm1(x);
}
