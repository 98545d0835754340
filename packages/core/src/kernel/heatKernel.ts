import { heatKernelHex } from './heatKernelBytes.js';

/** Numbers that lie in the kernels' memory: where they begin, in bytes, and as an array. */
export interface KernelArray {
  readonly at: number;
  readonly values: Float64Array;
}

/** The inner loops, compiled; what each does is said with them in packages/core/kernels. */
export interface HeatKernel {
  /** Zeros in the kernels' memory; all arrays of a problem together are said when it is opened. */
  readonly array: (length: number) => KernelArray;
  readonly potential: (
    enthalpy: number,
    into: number,
    length: number,
    ...line: [low: number, high: number, solid: number, mushy: number, liquid: number]
  ) => void;
  readonly rate: (
    ...places: [...mesh: DiffusionPlaces, into: number, columns: number, length: number]
  ) => void;
  readonly open: (enthalpy: number, first: number, last: number, factor: number, length: number) => void;
  readonly stage: (
    ...places: [
      ...mesh: DiffusionPlaces,
      enthalpy: number,
      first: number,
      last: number,
      before: number,
      columns: number,
      length: number,
      mu: number,
      nu: number,
      muTilde: number,
      gammaTilde: number,
    ]
  ) => void;
  readonly multiplyRows: (rows: number, matrix: number, into: number, cells: number, count: number) => void;
  readonly factor: (band: number, cells: number, bandwidth: number, count: number) => void;
  readonly substitute: (
    band: number,
    values: number,
    cells: number,
    bandwidth: number,
    count: number,
  ) => void;
}

type DiffusionPlaces = [potential: number, right: number, below: number, perArea: number, feed: number];

type Exports = Omit<HeatKernel, 'array'> & { readonly heapFrom: () => number };

/** As much of WebAssembly as is asked of it here; no library of types that the core has knows it. */
interface AssemblyHost {
  readonly Memory: new (size: { readonly initial: number }) => { readonly buffer: ArrayBuffer };
  readonly Module: new (bytes: Uint8Array) => object;
  readonly Instance: new (module: object, imports: object) => { readonly exports: unknown };
}

const pageBytes = 65_536;
const doubleBytes = 8;
/** Rows and padding are read two numbers at a time. */
const alignment = 16;

let compiled: object | null | undefined;

/**
 * Opens the kernels with room for so many arrays of so many numbers in all.
 *
 * @returns null where this computer's WebAssembly cannot do it, which is slower and no less right
 */
export function openHeatKernel(arrays: number, numbers: number): HeatKernel | null {
  const host = (globalThis as { readonly WebAssembly?: AssemblyHost }).WebAssembly;
  if (host === undefined) return null;
  compiled ??= compile(host);
  if (compiled === null) return null;
  const bytes = pageBytes + arrays * 2 * alignment + numbers * doubleBytes;
  const memory = new host.Memory({ initial: Math.ceil(bytes / pageBytes) });
  const kernel = new host.Instance(compiled, { env: { memory } }).exports as Exports;
  let next = Math.ceil(kernel.heapFrom() / alignment) * alignment;
  const array = (length: number): KernelArray => {
    const at = next;
    next = Math.ceil((at + (length + 2) * doubleBytes) / alignment) * alignment;
    return { at, values: new Float64Array(memory.buffer, at, length) };
  };
  return { ...kernel, array };
}

/** Null where the vector instructions are not known here. */
function compile(host: AssemblyHost): object | null {
  const bytes = Uint8Array.from(heatKernelHex.match(/../g) ?? [], (pair) => parseInt(pair, 16));
  try {
    return new host.Module(bytes);
  } catch {
    return null;
  }
}
