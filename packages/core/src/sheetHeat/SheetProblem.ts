import type { MeshLine, PhaseLaw } from '../field/index.js';

/** A straight run of the gun over the sheet, all SI; x and y in the sheet, times from when the clock starts. */
export interface SheetRun {
  readonly from: readonly [x: number, y: number];
  readonly to: readonly [x: number, y: number];
  /** When the gun sets off, s. */
  readonly startsAt: number;
  /** How long it takes, s; a dwell where both ends are the same place. */
  readonly lasts: number;
  /** Absorbed while the light is on, W. */
  readonly absorbed: number;
  /** Half of the width that light is laid on, as the standard deviation of a Gaussian, m. */
  readonly spread: number;
  /** Power rises and falls evenly over these, s. */
  readonly rampUp: number;
  readonly rampDown: number;
  /** Light on and off in turn, s; null where it is steady. */
  readonly pulses: { readonly on: number; readonly off: number } | null;
}

/** Something that lies against the sheet and takes heat: a bar, a clamp, a table. */
export interface SheetSink {
  /** Where it touches, m. */
  readonly from: readonly [x: number, y: number];
  readonly to: readonly [x: number, y: number];
  /** W/(m2 K) */
  readonly contact: number;
  /** Heat that a square metre of it takes a kelvin, J/(m2 K); Infinity where it is kept at its temperature. */
  readonly capacity: number;
  /** Its rise over the start to begin with, K. */
  readonly rise: number;
}

/** A sheet that is welded, and what touches it. */
export interface SheetProblem {
  readonly law: PhaseLaw;
  readonly x: MeshLine;
  readonly y: MeshLine;
  /** m */
  readonly thickness: number;
  /** Whether a place holds metal: row by row, x within a row. */
  readonly metal: Uint8Array;
  readonly runs: readonly SheetRun[];
  readonly sinks: readonly SheetSink[];
  /** To air and gas, both faces together, W/(m2 K), at a rise in K. */
  readonly toAir: (rise: number) => number;
}
