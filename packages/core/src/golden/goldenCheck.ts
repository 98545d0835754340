/** One number of a golden file: what the file says and what the core computes. */
export interface Compared {
  readonly what: string;
  readonly reference: number;
  readonly computed: number;
  /** Largest allowed relative difference. */
  readonly relativeTolerance: number;
}

/** Turns the parsed content of one golden file into its comparisons. Throws where the file has another shape. */
export type GoldenCheck = (content: unknown) => readonly Compared[];

/** Closed forms must agree to this. */
export const closedForm = 1e-6;

/** Standard errors, modes and deviations of fitted distributions must agree to this. */
export const statisticalTolerance = 1e-3;

/** Melt depths and widths must agree to this. */
export const meltTolerance = 1e-3;

/** A difference this small passes whatever the reference. */
const absoluteTolerance = 1e-12;

/**
 * |computed - reference| over |reference|; over 1 where the reference is 0.
 */
export function relativeError({ reference, computed }: Compared): number {
  const scale = reference === 0 ? 1 : Math.abs(reference);
  return Math.abs(computed - reference) / scale;
}

/** Whether the computed value agrees with its reference; NaN never does. */
export function agrees(compared: Compared): boolean {
  const difference = Math.abs(compared.computed - compared.reference);
  const allowed = Math.max(compared.relativeTolerance * Math.abs(compared.reference), absoluteTolerance);
  return difference <= allowed;
}
