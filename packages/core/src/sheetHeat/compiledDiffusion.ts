import type { PhaseLaw } from '../field/index.js';
import { openHeatKernel, type KernelArray } from '../kernel/index.js';
import type { Diffusion, DiffusionMesh } from './Diffusion.js';
import { potentialLine } from './plainDiffusion.js';

/** Arrays that the kernels go over. */
const arrays = 9;
const doubleBytes = Float64Array.BYTES_PER_ELEMENT;

/**
 * The same as {@link plainDiffusion}, compiled. Every array has an empty row before and behind it, so that the kernel
 * asks nothing at the edges: no link leads there.
 *
 * @returns null where there is no WebAssembly with vector instructions
 */
export function compiledDiffusion(mesh: DiffusionMesh, law: PhaseLaw): Diffusion | null {
  const { columns, rows } = mesh;
  const places = columns * rows;
  const padded = places + 2 * columns + 4;
  const kernel = openHeatKernel(arrays, arrays * padded);
  if (kernel === null) return null;
  const array = (content?: Float64Array) => {
    const { at, values } = kernel.array(padded);
    const inner = values.subarray(columns + 2, columns + 2 + places);
    if (content !== undefined) inner.set(content);
    return { at: at + (columns + 2) * doubleBytes, values: inner };
  };
  const [right, below, perArea] = [array(mesh.right), array(mesh.below), array(mesh.perArea)];
  const [enthalpy, feed, potential, first] = [array(), array(), array(), array()];
  let [last, before] = [array(), array()];
  const { low, high, solid, mushy, liquid } = potentialLine(law);
  return {
    enthalpy: enthalpy.values,
    feed: feed.values,
    step: (weights, seconds) => {
      const warm = warmRows(mesh, enthalpy.values, feed.values, weights.stages);
      if (warm === null) return;
      const length = (warm.to - warm.from) * columns;
      const from = ({ at }: KernelArray) => at + warm.from * columns * doubleBytes;
      const meshAt = [from(potential), from(right), from(below), from(perArea), from(feed)] as const;
      const potentialOf = (held: KernelArray) =>
        kernel.potential(from(held), from(potential), length, low, high, solid, mushy, liquid);
      potentialOf(enthalpy);
      kernel.rate(...meshAt, from(first), columns, length);
      before.values.set(enthalpy.values);
      kernel.open(from(enthalpy), from(first), from(last), seconds * (weights.muTilde[1] as number), length);
      for (let stage = 2; stage <= weights.stages; stage++) {
        potentialOf(last);
        const mu = weights.mu[stage] as number;
        const nu = weights.nu[stage] as number;
        const byRate = seconds * (weights.muTilde[stage] as number);
        const byFirst = seconds * (weights.gammaTilde[stage] as number);
        const held = [from(enthalpy), from(first), from(last), from(before), columns, length] as const;
        kernel.stage(...meshAt, ...held, mu, nu, byRate, byFirst);
        [last, before] = [before, last];
      }
      const inRows = [warm.from * columns, warm.to * columns] as const;
      enthalpy.values.set(last.values.subarray(...inRows), inRows[0]);
    },
  };
}

/** Rows colder than this, J/m3, are as good as cold: some 1e-7 K. */
const asGoodAsCold = 1;

/** The rows that heat can reach in a step of so many stages, each of which carries it one row on; null while all is cold. */
function warmRows(
  { columns, rows }: DiffusionMesh,
  enthalpy: Float64Array,
  feed: Float64Array,
  stages: number,
): { readonly from: number; readonly to: number } | null {
  const isWarm = (row: number) => {
    for (let at = row * columns; at < (row + 1) * columns; at++)
      if (Math.abs(enthalpy[at] as number) > asGoodAsCold || feed[at] !== 0) return true;
    return false;
  };
  let first = 0;
  while (first < rows && !isWarm(first)) first++;
  if (first === rows) return null;
  let last = rows - 1;
  while (!isWarm(last)) last--;
  return { from: Math.max(0, first - stages), to: Math.min(rows, last + stages + 1) };
}
