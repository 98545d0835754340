import { fitConjugateLine, fitIntervals, predictConjugateLine } from '../../evidence/index.js';
import { closedForm, statisticalTolerance, type GoldenCheck } from '../goldenCheck.js';
import { compare, overCases } from '../overCases.js';

interface IntervalCase {
  input: {
    X: number[][];
    low: (number | null)[];
    high: (number | null)[];
    priorMean: number[];
    priorSd: number[];
    sigma: number;
  };
  mode: number[];
  sd: number[];
}

const intervals = overCases<IntervalCase>(({ input, mode, sd }, label) => {
  const fit = fitIntervals({
    rows: input.X.map((row) => Float64Array.from(row)),
    low: input.low.map((bound) => bound ?? -Infinity),
    high: input.high.map((bound) => bound ?? Infinity),
    noise: input.X.map(() => input.sigma),
    priorMean: input.priorMean,
    priorSd: input.priorSd,
  });
  return compare(label, statisticalTolerance, [
    ...mode.map((value, j): [string, number, number] => [`mode ${j + 1}`, value, fit.mode[j] ?? NaN]),
    ...sd.map((value, j): [string, number, number] => [
      `deviation ${j + 1}`,
      value,
      Math.sqrt(fit.covariance.get(j, j)),
    ]),
  ]);
});

interface LineCase {
  input: {
    X: number[][];
    y: number[];
    priorMean: number[];
    priorVariance: number[];
    shape: number;
    rate: number;
    at: number[];
  };
  mean: number[];
  aN: number;
  bN: number;
  predictive: { location: number; scale: number; dof: number; probBelowZero: number };
}

const line = overCases<LineCase>(({ input, mean, aN, bN, predictive }, label) => {
  const { X, y, at, ...prior } = input;
  const fit = fitConjugateLine({ rows: X, values: y, ...prior });
  const prediction = predictConjugateLine(fit, at);
  return compare(label, closedForm, [
    ...mean.map((value, j): [string, number, number] => [`mean ${j + 1}`, value, fit.mean[j] ?? NaN]),
    ['shape', aN, fit.shape],
    ['rate', bN, fit.rate],
    ['location', predictive.location, prediction.location],
    ['scale', predictive.scale, prediction.scale],
    ['degrees of freedom', predictive.dof, prediction.degrees],
    ['below zero', predictive.probBelowZero, prediction.belowZero],
  ]);
});

/** What coupons say, seen as intervals and as values. */
export const evidenceChecks: readonly (readonly [file: string, check: GoldenCheck])[] = [
  ['interval-coupons', intervals as GoldenCheck],
  ['bayesian-line', line as GoldenCheck],
];
