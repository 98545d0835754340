import { epIntervals, type EpData, type EpFit } from './epIntervals.js';

/** A normal part of a spread, in its standard deviations from its mean. */
export interface ShapePart {
  readonly share: number;
  readonly mean: number;
  readonly sd: number;
}

const normal: readonly ShapePart[] = [{ share: 1, mean: 0, sd: 1 }];

/** More values than this make the answer as good as normal. */
const fewValues = 40;

/** Points along the question, evenly to so many standard deviations either side. */
const points = 17;
const reach = 4;

/** The density is told in so many normal parts, each with the same share of it. */
const parts = 4;

/**
 * How the answer to a question is spread where values are few, and so may lean: the chance of the values given each of
 * a row of answers, by expectation propagation of what the answer leaves open, times the answer's own chance
 * beforehand. Normal where values are many.
 *
 * @param fit of the same data
 * @param asked row of the question
 */
export function beliefShape(data: EpData, fit: EpFit, asked: Float64Array): readonly ShapePart[] {
  const size = asked.length;
  const before = timesRow(data.prior, asked);
  const variance = dot(before, asked);
  const sd = Math.sqrt(dot(timesRow(fit.covariance, asked), asked));
  if (data.rows.length > fewValues || variance === 0 || data.rows.every((_, i) => isMeasured(data, i))) {
    return normal;
  }
  const middle = dot(fit.mean, asked);
  // What the answer leaves open of the weights, and how it moves each value's line.
  const open = data.prior.map((each, at) => {
    const [j, k] = [Math.floor(at / size), at % size];
    return each - ((before[j] as number) * (before[k] as number)) / variance;
  });
  const moves = data.rows.map((row) => dot(row, before) / variance);
  const logs = Float64Array.from({ length: points }, (_, p) => {
    const answer = middle + zAt(p) * sd;
    const shifted: EpData = {
      ...data,
      prior: open,
      low: data.low.map((low, i) => low - (moves[i] as number) * answer),
      high: data.high.map((high, i) => high - (moves[i] as number) * answer),
    };
    return epIntervals(shifted).logEvidence - (answer * answer) / (2 * variance);
  });
  return gather(logs);
}

function isMeasured({ low, high }: EpData, i: number): boolean {
  return low[i] === high[i];
}

function zAt(point: number): number {
  return -reach + (2 * reach * point) / (points - 1);
}

/** Normal parts of a density that is known at evenly spaced points, each with the mean and spread of its own stretch. */
function gather(logs: Float64Array): readonly ShapePart[] {
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  const step = zAt(1) - zAt(0);
  const sums = Array.from({ length: parts }, () => ({ share: 0, first: 0, second: 0 }));
  let passed = 0;
  weights.forEach((weight, p) => {
    const share = weight / whole;
    // A point that lies across the edge of two parts is shared between them.
    let left = share;
    while (left > 1e-12) {
      const part = Math.min(parts - 1, Math.floor(passed * parts + 1e-9));
      const room = part === parts - 1 ? left : Math.min(left, (part + 1) / parts - passed);
      const into = sums[part] as (typeof sums)[number];
      into.share += room;
      into.first += room * zAt(p);
      into.second += room * (zAt(p) ** 2 + (step * step) / 12);
      passed += room;
      left -= room;
    }
  });
  return sums
    .filter(({ share }) => share > 0)
    .map(({ share, first, second }) => {
      const mean = first / share;
      return { share, mean, sd: Math.sqrt(Math.max(0, second / share - mean * mean)) };
    });
}

function timesRow(matrix: Float64Array, row: Float64Array): Float64Array {
  const size = row.length;
  return Float64Array.from({ length: size }, (_, j) => {
    let sum = 0;
    for (let k = 0; k < size; k++) sum += (matrix[j * size + k] as number) * (row[k] as number);
    return sum;
  });
}

function dot(one: Float64Array, other: Float64Array): number {
  return one.reduce((sum, each, j) => sum + each * (other[j] as number), 0);
}
