import tCdf from '@stdlib/stats-base-dists-t-cdf';
import { CholeskyDecomposition, Matrix } from 'ml-matrix';

/** A line with unknown weights and unknown scatter: weights ~ N(m0, s2 V0), s2 ~ inverse gamma. */
export interface ConjugateLineInput {
  /** One row of x for each value; none for the prior alone. */
  readonly rows: readonly (readonly number[])[];
  readonly values: readonly number[];
  readonly priorMean: readonly number[];
  /** Diagonal of V0, above 0; scaled by s2. */
  readonly priorVariance: readonly number[];
  /** Of the inverse gamma, above 0. */
  readonly shape: number;
  readonly rate: number;
}

/** The line after the values. */
export interface ConjugateLine {
  readonly mean: readonly number[];
  /** V of the weights, to be scaled by s2. */
  readonly variance: Matrix;
  readonly shape: number;
  readonly rate: number;
}

/** Student's t: location, scale and degrees of freedom. */
export interface StudentPrediction {
  readonly location: number;
  readonly scale: number;
  readonly degrees: number;
  readonly belowZero: number;
}

/**
 * Conjugate normal inverse-gamma regression: the closed form that the interval fit is checked against where every
 * coupon is a measured value.
 *
 * @example
 * fitConjugateLine({ rows: [[1]], values: [2], priorMean: [0], priorVariance: [1], shape: 3, rate: 1 }).mean[0].toFixed(6) // => '1.000000'
 */
export function fitConjugateLine(input: ConjugateLineInput): ConjugateLine {
  const { rows, values, priorMean, priorVariance, shape, rate } = input;
  const precision = Matrix.diag(priorVariance.map((variance) => 1 / variance));
  const target = Matrix.columnVector(priorMean.map((mean, j) => mean / (priorVariance[j] as number)));
  let squares = priorMean.reduce((sum, mean, j) => sum + mean ** 2 / (priorVariance[j] as number), 0);
  rows.forEach((row, i) => {
    const value = values[i] as number;
    const x = Matrix.columnVector([...row]);
    precision.add(x.mmul(x.transpose()));
    target.add(Matrix.mul(x, value));
    squares += value ** 2;
  });
  const decomposition = new CholeskyDecomposition(precision);
  const mean = decomposition.solve(target);
  const explained = target.transpose().mmul(mean).get(0, 0);
  return {
    mean: mean.to1DArray(),
    variance: decomposition.solve(Matrix.eye(priorMean.length)),
    shape: shape + rows.length / 2,
    rate: rate + (squares - explained) / 2,
  };
}

/**
 * Student-t prediction of one more value at a row.
 *
 * @param at row of x
 * @example
 * predictConjugateLine(fitConjugateLine({ rows: [], values: [], priorMean: [0], priorVariance: [1], shape: 2, rate: 2 }), [1]).degrees // => 4
 */
export function predictConjugateLine(line: ConjugateLine, at: readonly number[]): StudentPrediction {
  const x = Matrix.columnVector([...at]);
  const location = at.reduce((sum, each, j) => sum + each * (line.mean[j] as number), 0);
  const spread = 1 + x.transpose().mmul(line.variance).mmul(x).get(0, 0);
  const scale = Math.sqrt((line.rate / line.shape) * spread);
  const degrees = 2 * line.shape;
  return { location, scale, degrees, belowZero: tCdf(-location / scale, degrees) };
}
