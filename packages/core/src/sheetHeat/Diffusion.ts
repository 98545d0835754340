import type { SuperStep } from './superStep.js';

/** Links of each place of a sheet to the one on its right and the one below: row by row. */
export interface DiffusionMesh {
  readonly columns: number;
  readonly rows: number;
  /** Way to the next place in the row and to the one in the next row, wide over how far (no unit); 0 where there is none. */
  readonly right: Float64Array;
  readonly below: Float64Array;
  /** 1/m2: one over the place's area. */
  readonly perArea: Float64Array;
}

/** Heat that spreads in a sheet. */
export interface Diffusion {
  /** Enthalpy over the start in each place, J/m3; may be written between steps. */
  readonly enthalpy: Float64Array;
  /** What is let into each place over the next step, W/m3. */
  readonly feed: Float64Array;
  /** Goes on by so many seconds. */
  readonly step: (weights: SuperStep, seconds: number) => void;
}
