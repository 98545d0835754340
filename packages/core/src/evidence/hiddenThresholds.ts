import { normalCdf } from '../numeric/index.js';
import { epIntervals } from './epIntervals.js';

/** What is believed of hidden figures before a trial: independent and normal. */
export interface ThresholdPrior {
  readonly mean: readonly number[];
  /** Above 0. */
  readonly sd: readonly number[];
}

/** Between what bounds a sum of the hidden figures was found to lie: row . figures, seen with so much scatter. */
export interface SeenBound {
  readonly row: readonly number[];
  readonly low: number;
  readonly high: number;
  /** Standard deviation from trial to trial, above 0. */
  readonly noise: number;
}

/** Hidden figures as the trials leave them. */
export interface ThresholdBelief {
  readonly mean: readonly number[];
  /** Flat, row by row. */
  readonly covariance: readonly number[];
  /** Bounds it rests on. */
  readonly count: number;
}

/**
 * Hidden figures after trials that each show on which side of a threshold they fell. The same expectation propagation
 * as the shop's depth line, around a prior that is not nought.
 *
 * @param seen no bound with low above high
 */
export function learnThresholds(prior: ThresholdPrior, seen: readonly SeenBound[]): ThresholdBelief {
  const { mean, sd } = prior;
  const start = new Float64Array(sd.length ** 2);
  sd.forEach((each, i) => (start[i * sd.length + i] = each ** 2));
  if (seen.length === 0) return { mean, covariance: Array.from(start), count: 0 };
  const offset = seen.map(({ row }) => along(row, mean));
  const fit = epIntervals({
    rows: seen.map(({ row }) => Float64Array.from(row)),
    low: Float64Array.from(seen, ({ low }, i) => low - (offset[i] as number)),
    high: Float64Array.from(seen, ({ high }, i) => high - (offset[i] as number)),
    noise: Float64Array.from(seen, ({ noise }) => noise),
    prior: start,
  });
  return {
    mean: mean.map((each, i) => each + (fit.mean[i] as number)),
    covariance: Array.from(fit.covariance),
    count: seen.length,
  };
}

/** Where a sum of hidden figures lies: its mean and standard deviation, scatter of trials left out. */
export function thresholdAlong(
  { mean, covariance }: ThresholdBelief,
  row: readonly number[],
): { readonly mean: number; readonly sd: number } {
  let variance = 0;
  row.forEach((x, i) =>
    row.forEach((y, j) => (variance += x * y * (covariance[i * row.length + j] as number))),
  );
  return { mean: along(row, mean), sd: Math.sqrt(Math.max(variance, 0)) };
}

/**
 * Chance that in the next trial a sum of hidden figures is below a value.
 *
 * @param noise of the trial
 */
export function chanceBelow(
  belief: ThresholdBelief,
  row: readonly number[],
  value: number,
  noise: number,
): number {
  const { mean, sd } = thresholdAlong(belief, row);
  return normalCdf((value - mean) / Math.hypot(sd, noise));
}

function along(row: readonly number[], figures: readonly number[]): number {
  return row.reduce((sum, x, i) => sum + x * (figures[i] as number), 0);
}
