import { requireWithin } from '../fault/index.js';

/** What is guessed of a ratio before anything was measured. */
export interface RatioGuess {
  /** Its middle, above 0. */
  readonly middle: number;
  /** Scatter from one time to the next, as a standard deviation of its logarithm. */
  readonly spread: number;
  /** Measurements the guess counts for. */
  readonly weight: number;
}

/** A ratio as the shop's own measurements leave it: log-normal. */
export interface LearnedRatio {
  /** Median. */
  readonly middle: number;
  /** Scatter from one time to the next, standard deviation of the logarithm. */
  readonly spread: number;
  /** How well the median itself is known, standard deviation of its logarithm. */
  readonly doubt: number;
  readonly measured: number;
}

/**
 * A ratio such as the hands' time over the light's, guessed and then learned: the mean of the logarithms, drawn to the guess by one
 * weight, and their scatter pooled with the guess's by the same weight.
 *
 * @param measured ratios, each above 0
 * @throws RangeFault for a ratio or a guess that is not above 0
 * @example
 * learnedRatio([], { middle: 5, spread: 0.5, weight: 4 }) // => { middle: 5, spread: 0.5, doubt: 0.25, measured: 0 }
 */
export function learnedRatio(measured: readonly number[], guess: RatioGuess): LearnedRatio {
  const range = { quantity: 'ratio', min: 1e-6, max: 1e6, unit: '' };
  for (const each of [guess.middle, guess.weight, guess.spread, ...measured]) requireWithin(each, range);
  const logs = measured.map(Math.log);
  const total = guess.weight + logs.length;
  const mean = (guess.weight * Math.log(guess.middle) + sum(logs)) / total;
  const about = logs.length === 0 ? 0 : sum(logs) / logs.length;
  const scatter = sum(logs.map((each) => (each - about) ** 2));
  const spread = Math.sqrt((guess.weight * guess.spread ** 2 + scatter) / total);
  return { middle: Math.exp(mean), spread, doubt: spread / Math.sqrt(total), measured: logs.length };
}

/** A sum of many times each with its own scatter, as a median with the band that holds four in five. */
export interface SummedBand {
  readonly middle: number;
  readonly least: number;
  readonly most: number;
}

/** Half of a normal's middle 80 %, in standard deviations. */
export const eightyPercent = 1.281552;

/**
 * The sum of quantities that each are a known amount times a learned ratio: their scatter averages out, the doubt about the ratio
 * does not. Taken as log-normal with the sum's mean and variance (Fenton 1960).
 *
 * @param amounts of the same unit as the result, 0 or more
 * @example
 * summedBand([60], { middle: 5, spread: 0, doubt: 0, measured: 0 }) // => { middle: 300, least: 300, most: 300 }
 */
export function summedBand(amounts: readonly number[], { middle, spread, doubt }: LearnedRatio): SummedBand {
  const total = sum(amounts);
  if (total === 0) return { middle: 0, least: 0, most: 0 };
  // Mean of a log-normal, and the relative variance that is left once the parts are added up.
  const mean = total * middle * Math.exp(spread ** 2 / 2);
  const share = sum(amounts.map((each) => (each / total) ** 2));
  const logVariance = Math.log1p((Math.exp(spread ** 2) - 1) * share) + doubt ** 2;
  const median = mean * Math.exp(-logVariance / 2 + doubt ** 2 / 2);
  const factor = Math.exp(eightyPercent * Math.sqrt(logVariance));
  return { middle: median, least: median / factor, most: median * factor };
}

function sum(values: readonly number[]): number {
  return values.reduce((total, each) => total + each, 0);
}
