import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { logNormalDensity, logNormalInterval } from '../numeric/index.js';

/** Values known only to lie between bounds, on a line with Gaussian weights. */
export interface IntervalData {
  /** One row of x for each value. */
  readonly rows: readonly Float64Array[];
  /** Bounds; -Infinity and Infinity where there is none, equal for a measured value. */
  readonly low: readonly number[];
  readonly high: readonly number[];
  /** Standard deviation of each value about the line, above 0. */
  readonly noise: readonly number[];
  readonly priorMean: readonly number[];
  /** Above 0. */
  readonly priorSd: readonly number[];
}

/** Gaussian approximation of the weights around their most likely values. */
export interface IntervalFit {
  readonly mode: Float64Array;
  readonly covariance: Matrix;
  /** Slope and curvature of each value's log likelihood along its own line at the mode. */
  readonly slopes: Float64Array;
  readonly curvatures: Float64Array;
}

const mostSteps = 100;
const mostHalvings = 40;
/** A step that promises less than this share of the objective is the last one: what is left is rounding. */
const settled = 1e-14;

/**
 * Mode and covariance of the weights by damped Newton steps. The likelihood is log-concave, so there is one mode and
 * every step that lowers the objective leads to it. Intervals are differences of normal CDFs taken in log space.
 * Source: the Laplace approximation.
 *
 * @throws Error where no step settles, which log-concavity rules out for finite data
 * @example
 * fitIntervals({ rows: [Float64Array.of(1)], low: [0.3], high: [0.3], noise: [0.2], priorMean: [0], priorSd: [0.2] }).mode[0].toFixed(6) // => '0.150000'
 */
export function fitIntervals(data: IntervalData): IntervalFit {
  let weights: Float64Array = Float64Array.from(data.priorMean);
  let objective = objectiveAt(data, weights);
  for (let step = 0; step < mostSteps; step++) {
    const { gradient, decomposition } = newtonParts(data, weights);
    const move = decomposition.solve(Matrix.columnVector(gradient)).to1DArray();
    const promised = move.reduce((sum, each, j) => sum + each * (gradient[j] as number), 0) / 2;
    const next = descend(data, weights, move, objective);
    if (next !== null) ({ weights, objective } = next);
    if (next === null || promised <= settled * (1 + Math.abs(objective))) return finish(data, weights);
  }
  throw new Error('the evidence did not settle on one line');
}

function finish(data: IntervalData, weights: Float64Array): IntervalFit {
  const { decomposition, slopes, curvatures } = newtonParts(data, weights);
  const covariance = decomposition.solve(Matrix.eye(weights.length));
  return { mode: weights, covariance, slopes, curvatures };
}

/** The longest of step, half step, quarter step ... that does not raise the objective; null at the bottom. */
function descend(
  data: IntervalData,
  weights: Float64Array,
  move: readonly number[],
  objective: number,
): { weights: Float64Array; objective: number } | null {
  let share = 1;
  for (let halving = 0; halving < mostHalvings; halving++) {
    const tried = weights.map((weight, j) => weight + share * (move[j] as number));
    const value = objectiveAt(data, tried);
    if (value <= objective) return { weights: tried, objective: value };
    share /= 2;
  }
  return null;
}

/** Minus the log posterior, constants left out. */
function objectiveAt(data: IntervalData, weights: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < data.rows.length; i++) sum -= logLikelihoodAt(data, i, weights);
  for (let j = 0; j < weights.length; j++) {
    sum += (((weights[j] as number) - (data.priorMean[j] as number)) / (data.priorSd[j] as number)) ** 2 / 2;
  }
  return sum;
}

/** Gradient of the log posterior, its negative Hessian decomposed, and each value's own share. */
function newtonParts(data: IntervalData, weights: Float64Array) {
  const count = weights.length;
  const gradient = weights.map(
    (weight, j) => ((data.priorMean[j] as number) - weight) / (data.priorSd[j] as number) ** 2,
  );
  const slopes = new Float64Array(data.rows.length);
  const curvatures = new Float64Array(data.rows.length);
  // Only one half is summed, so that rounding cannot make the two halves differ.
  const lower = new Float64Array(count * count);
  for (let j = 0; j < count; j++) lower[j * count + j] = (data.priorSd[j] as number) ** -2;
  data.rows.forEach((row, i) => {
    const { slope, curvature } = likelihoodAt(data, i, weights);
    slopes[i] = slope;
    curvatures[i] = curvature;
    for (let j = 0; j < count; j++) {
      const x = row[j] as number;
      if (x === 0) continue;
      gradient[j] = (gradient[j] as number) + slope * x;
      for (let k = 0; k <= j; k++) {
        lower[j * count + k] = (lower[j * count + k] as number) + curvature * x * (row[k] as number);
      }
    }
  });
  const decomposition = new CholeskyDecomposition(bothHalves(lower, count));
  return { gradient, decomposition, slopes, curvatures };
}

function bothHalves(lower: Float64Array, count: number): Matrix {
  const whole = Matrix.zeros(count, count);
  for (let j = 0; j < count; j++) {
    for (let k = 0; k <= j; k++) {
      const value = lower[j * count + k] as number;
      whole.set(j, k, value);
      whole.set(k, j, value);
    }
  }
  return whole;
}

/** Bounds of one value about its line, in its own standard deviations. */
function boundsAt(data: IntervalData, index: number, weights: Float64Array): { low: number; high: number } {
  const row = data.rows[index] as Float64Array;
  const sd = data.noise[index] as number;
  let line = 0;
  for (let j = 0; j < row.length; j++) line += (row[j] as number) * (weights[j] as number);
  return { low: ((data.low[index] as number) - line) / sd, high: ((data.high[index] as number) - line) / sd };
}

/** Log likelihood of one value; a measured one without its constant. */
function logLikelihoodAt(data: IntervalData, index: number, weights: Float64Array): number {
  const { low, high } = boundsAt(data, index, weights);
  return low === high ? -(low * low) / 2 : logNormalInterval(low, high);
}

/** Slope and (negated) curvature of one value's log likelihood along its line. */
function likelihoodAt(data: IntervalData, index: number, weights: Float64Array) {
  const sd = data.noise[index] as number;
  const { low, high } = boundsAt(data, index, weights);
  if (low === high) return { slope: low / sd, curvature: 1 / (sd * sd) };
  const value = logNormalInterval(low, high);
  const atLow = low === -Infinity ? 0 : Math.exp(logNormalDensity(low) - value);
  const atHigh = high === Infinity ? 0 : Math.exp(logNormalDensity(high) - value);
  const slope = atLow - atHigh;
  const spread = (low === -Infinity ? 0 : low * atLow) - (high === Infinity ? 0 : high * atHigh);
  return { slope: slope / sd, curvature: Math.max(slope * slope - spread, 0) / (sd * sd) };
}
