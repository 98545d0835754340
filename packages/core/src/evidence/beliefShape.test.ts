import { normalCdf } from '../numeric/index.js';
import { beliefShape } from './beliefShape.js';
import { epIntervals, type EpData } from './epIntervals.js';

/** One weight that is normal around nought, and values of it that lie under a bound, whose noise is a tenth. */
function under(bounds: readonly number[], variance = 0.04): EpData {
  return {
    rows: bounds.map(() => Float64Array.of(1)),
    low: Float64Array.from(bounds, () => -Infinity),
    high: Float64Array.from(bounds),
    noise: Float64Array.from(bounds, () => 0.1),
    prior: Float64Array.of(variance),
  };
}

const one = Float64Array.of(1);

/** Mean and standard deviation of the answer as its normal parts have it. */
function told(data: EpData, asked: Float64Array): { mean: number; sd: number; shares: readonly number[] } {
  const fit = epIntervals(data);
  const size = asked.length;
  const middle = asked.reduce((sum, each, j) => sum + each * (fit.mean[j] ?? NaN), 0);
  let variance = 0;
  for (let j = 0; j < size; j++)
    for (let k = 0; k < size; k++)
      variance += (asked[j] ?? NaN) * (asked[k] ?? NaN) * (fit.covariance[j * size + k] ?? NaN);
  const parts = beliefShape(data, fit, asked);
  const first = parts.reduce((sum, { share, mean }) => sum + share * mean, 0);
  const second = parts.reduce((sum, { share, mean, sd }) => sum + share * (mean * mean + sd * sd), 0);
  return {
    mean: middle + Math.sqrt(variance) * first,
    sd: Math.sqrt(variance * (second - first * first)),
    shares: parts.map(({ share }) => share),
  };
}

/** The same by adding up the density of the weights on a fine grid. */
function added(weights: readonly (readonly [answer: number, density: number])[]): {
  mean: number;
  sd: number;
} {
  const whole = weights.reduce((sum, [, density]) => sum + density, 0);
  const mean = weights.reduce((sum, [answer, density]) => sum + answer * density, 0) / whole;
  const variance =
    weights.reduce((sum, [answer, density]) => sum + (answer - mean) ** 2 * density, 0) / whole;
  return { mean, sd: Math.sqrt(variance) };
}

const grid = Array.from({ length: 401 }, (_, i) => -1 + i / 200);

describe('the shape of a belief of few values', () => {
  it.each([[[-0.2]], [[0.1, -0.3]], [[-0.1, -0.1, -0.1]]])(
    'has the mean and spread of the density itself, of values under %j',
    (bounds) => {
      const { mean, sd, shares } = told(under(bounds), one);
      const exact = added(
        grid.map((weight) => [
          weight,
          bounds.reduce(
            (density, bound) => density * normalCdf((bound - weight) / 0.1),
            Math.exp(-(weight * weight) / 0.08),
          ),
        ]),
      );
      expect(mean).toBeCloseTo(exact.mean, 3);
      // Each point stands for its stretch, whose own width makes the whole up to a hundredth wider.
      expect(sd / exact.sd).toBeGreaterThan(0.999);
      expect(sd / exact.sd).toBeLessThan(1.0105);
      expect(shares).toHaveLength(4);
      for (const share of shares) expect(share).toBeCloseTo(0.25, 6);
    },
  );

  it('lets the other weights go their own way: of two that are only seen together', () => {
    const data: EpData = {
      rows: [Float64Array.of(1, 0.5), Float64Array.of(0.2, 1)],
      low: Float64Array.of(-Infinity, 0.1),
      high: Float64Array.of(-0.3, Infinity),
      noise: Float64Array.of(0.1, 0.1),
      prior: Float64Array.of(0.09, 0.02, 0.02, 0.04),
    };
    const { mean, sd } = told(data, Float64Array.of(1, -1));
    const determinant = 0.09 * 0.04 - 0.02 * 0.02;
    const coarse = grid.filter((_, i) => i % 4 === 0);
    const exact = added(
      coarse.flatMap((a) =>
        coarse.map((b): [number, number] => [
          a - b,
          Math.exp((-0.5 * (0.04 * a * a - 2 * 0.02 * a * b + 0.09 * b * b)) / determinant) *
            normalCdf((-0.3 - (a + 0.5 * b)) / 0.1) *
            (1 - normalCdf((0.1 - (0.2 * a + b)) / 0.1)),
        ]),
      ),
    );
    expect(mean).toBeCloseTo(exact.mean, 2);
    expect(sd / exact.sd).toBeCloseTo(1, 1);
  });

  it('is one normal part where all values were measured, are many, or the question has no doubt', () => {
    const normal = [{ share: 1, mean: 0, sd: 1 }];
    const shape = (data: EpData, asked = one) => beliefShape(data, epIntervals(data), asked);
    const measured = { ...under([0.3, 0.1]), low: Float64Array.of(0.3, 0.1) };
    expect(shape(measured)).toEqual(normal);
    expect(shape(under(Array.from({ length: 41 }, () => 0.1)))).toEqual(normal);
    expect(shape(under(Array.from({ length: 40 }, () => 0.1)))).toHaveLength(4);
    expect(shape(under([0.1]), Float64Array.of(0))).toEqual(normal);
    expect(shape({ ...under([0.3, 0.1]), low: Float64Array.of(0.3, -Infinity) })).toHaveLength(4);
  });
});
