import { logNormalDensity, logNormalInterval } from '../numeric/index.js';

/** Values known only to lie between bounds, on a line whose weights are normal around nought. */
export interface EpData {
  /** One row of x for each value. */
  readonly rows: readonly Float64Array[];
  /** Bounds; -Infinity and Infinity where there is none, equal for a measured value. */
  readonly low: Float64Array;
  readonly high: Float64Array;
  /** Standard deviation of each value about the line, above 0. */
  readonly noise: Float64Array;
  /** Covariance of the weights beforehand, flat, row by row; it may be singular. */
  readonly prior: Float64Array;
}

/** The weights afterwards, with what each value did to them. */
export interface EpFit {
  readonly mean: Float64Array;
  /** Flat, row by row. */
  readonly covariance: Float64Array;
  /** Each value as a normal one on its own line: precision, and precision times its mean. */
  readonly precision: Float64Array;
  readonly weighted: Float64Array;
  /** ln of the chance of all the values beforehand. */
  readonly logEvidence: number;
}

const mostSweeps = 12;
/** A sweep that moves no value's precision and mean by more than this, against the prior's scale, is the last. */
const settled = 1e-3;
/** A value never takes away all that is not known of its line. */
const leastLeft = 1e-9;

/**
 * Mean and covariance of the weights by expectation propagation: each value in turn is exchanged for the normal one
 * that, with the rest, gives the same mean and variance along its line. For intervals of a normal variable both are in
 * closed form. Nearer to the truth than an approximation around the mode where values are few or bounded on one side.
 * Source: Minka 2001; Rasmussen and Williams 2006, section 3.6.
 *
 * @param start a fit of the same values under other noise, to begin from; by default the prior
 * @example
 * epIntervals({ rows: [Float64Array.of(1)], low: Float64Array.of(0.3), high: Float64Array.of(0.3), noise: Float64Array.of(0.2), prior: Float64Array.of(0.04) }).mean[0].toFixed(6) // => '0.150000'
 */
export function epIntervals(data: EpData, start?: EpFit): EpFit {
  const { rows, prior } = data;
  const size = Math.round(Math.sqrt(prior.length));
  const state: State = {
    size,
    covariance: Float64Array.from(prior),
    natural: new Float64Array(size),
    precision: new Float64Array(rows.length),
    weighted: new Float64Array(rows.length),
    logDeterminant: 0,
    along: new Float64Array(size),
  };
  if (start !== undefined) begin(data, state, start);
  for (let sweep = 0; sweep < mostSweeps; sweep++) {
    let moved = 0;
    for (let i = 0; i < rows.length; i++) moved = Math.max(moved, exchange(data, state, i));
    if (moved < settled) break;
  }
  const mean = meanOf(state);
  return {
    mean,
    covariance: state.covariance,
    precision: state.precision,
    weighted: state.weighted,
    logEvidence: logEvidenceOf(data, state, mean),
  };
}

interface State {
  readonly size: number;
  readonly covariance: Float64Array;
  /** Sum of the values' precisions times means, each along its row. */
  readonly natural: Float64Array;
  readonly precision: Float64Array;
  readonly weighted: Float64Array;
  /** ln of the determinant of the covariance over that of the prior. */
  logDeterminant: number;
  /** Covariance times the row at hand. */
  readonly along: Float64Array;
}

/** Puts the stand-ins of another fit in, one after the other. */
function begin(data: EpData, state: State, start: EpFit): void {
  data.rows.forEach((row, i) => {
    const precision = start.precision[i] as number;
    const weighted = start.weighted[i] as number;
    const [, variance] = lineAt(state, row);
    const grown = 1 + precision * variance;
    shrink(state, precision / grown);
    state.logDeterminant -= Math.log(grown);
    state.precision[i] = precision;
    state.weighted[i] = weighted;
    for (let j = 0; j < state.size; j++) {
      state.natural[j] = (state.natural[j] as number) + weighted * (row[j] as number);
    }
  });
}

/** Exchanges one value's normal stand-in for a better one; how far it moved, in units of what is not known. */
function exchange(data: EpData, state: State, i: number): number {
  const row = data.rows[i] as Float64Array;
  const { precision, weighted } = state;
  const [mean, variance] = lineAt(state, row);
  const oldPrecision = precision[i] as number;
  const oldWeighted = weighted[i] as number;
  if (variance < leastLeft) return 0;
  const cavity = cavityOf(mean, variance, oldPrecision, oldWeighted);
  const { slope, curvature } = tilt(data, i, cavity);
  // The mean and the variance that the value itself would give, with all the others normal.
  const left = Math.max(leastLeft, 1 - cavity.variance * curvature);
  const newPrecision = Math.max(0, curvature / left);
  const newWeighted = newPrecision * cavity.mean + slope / left;
  const change = newPrecision - oldPrecision;
  const grown = 1 + change * variance;
  for (let j = 0; j < state.size; j++) {
    const x = row[j] as number;
    state.natural[j] = (state.natural[j] as number) + (newWeighted - oldWeighted) * x;
  }
  shrink(state, change / grown);
  state.logDeterminant -= Math.log(grown);
  precision[i] = newPrecision;
  weighted[i] = newWeighted;
  return Math.abs(change) * variance + Math.abs(newWeighted - oldWeighted) * Math.sqrt(variance);
}

/** Mean and variance of the line at a row; leaves covariance times the row in `along`. */
function lineAt(state: State, row: Float64Array): readonly [mean: number, variance: number] {
  const { size, covariance, along, natural } = state;
  let mean = 0;
  let variance = 0;
  for (let j = 0; j < size; j++) {
    let sum = 0;
    for (let k = 0; k < size; k++) sum += (covariance[j * size + k] as number) * (row[k] as number);
    along[j] = sum;
    mean += sum * (natural[j] as number);
    variance += sum * (row[j] as number);
  }
  return [mean, variance];
}

/** Takes `by` times the outer product of `along` off the covariance. */
function shrink({ size, covariance, along }: State, by: number): void {
  if (by === 0) return;
  for (let j = 0; j < size; j++) {
    const left = by * (along[j] as number);
    if (left === 0) continue;
    for (let k = 0; k < size; k++) {
      covariance[j * size + k] = (covariance[j * size + k] as number) - left * (along[k] as number);
    }
  }
}

interface Cavity {
  readonly mean: number;
  readonly variance: number;
}

/** The line at a value's row as the prior and all other values have it. */
export function cavityOf(mean: number, variance: number, precision: number, weighted: number): Cavity {
  const left = Math.max(leastLeft, 1 - precision * variance);
  const without = variance / left;
  return { mean: without * (mean / variance - weighted), variance: without };
}

/** Slope and (negated) curvature of ln of a value's chance against where its line lies, and that ln. */
function tilt({ low, high, noise }: EpData, i: number, cavity: Cavity) {
  const sd = Math.sqrt(cavity.variance + (noise[i] as number) ** 2);
  const from = ((low[i] as number) - cavity.mean) / sd;
  const to = ((high[i] as number) - cavity.mean) / sd;
  if (from === to) {
    return {
      slope: from / sd,
      curvature: 1 / (sd * sd),
      logChance: logNormalDensity(from) - Math.log(sd),
    };
  }
  const logChance = logNormalInterval(from, to);
  const atFrom = from === -Infinity ? 0 : Math.exp(logNormalDensity(from) - logChance);
  const atTo = to === Infinity ? 0 : Math.exp(logNormalDensity(to) - logChance);
  const slope = atFrom - atTo;
  const spread = (from === -Infinity ? 0 : from * atFrom) - (to === Infinity ? 0 : to * atTo);
  return { slope: slope / sd, curvature: (slope * slope - spread) / (sd * sd), logChance };
}

function meanOf({ size, covariance, natural }: State): Float64Array {
  return Float64Array.from({ length: size }, (_, j) => {
    let sum = 0;
    for (let k = 0; k < size; k++) sum += (covariance[j * size + k] as number) * (natural[k] as number);
    return sum;
  });
}

/** Rasmussen and Williams 2006, equation 3.65, in the weights instead of the values. */
function logEvidenceOf(data: EpData, state: State, mean: Float64Array): number {
  let sum = state.logDeterminant / 2;
  for (let j = 0; j < state.size; j++) sum += ((mean[j] as number) * (state.natural[j] as number)) / 2;
  data.rows.forEach((row, i) => {
    const [at, variance] = lineAt(state, row);
    const precision = state.precision[i] as number;
    const weighted = state.weighted[i] as number;
    if (variance < leastLeft) {
      sum += tilt(data, i, { mean: at, variance: 0 }).logChance;
      return;
    }
    const cavity = cavityOf(at, variance, precision, weighted);
    const both = 1 / cavity.variance + precision;
    const bothWeighted = cavity.mean / cavity.variance + weighted;
    sum +=
      tilt(data, i, cavity).logChance +
      Math.log1p(precision * cavity.variance) / 2 +
      (cavity.mean * cavity.mean) / (2 * cavity.variance) -
      (bothWeighted * bothWeighted) / (2 * both);
  });
  return sum;
}
