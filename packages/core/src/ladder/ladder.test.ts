import { ladderAnswer, mostRungs, planRungs, type LadderReading } from './index.js';
import { gaussian, numberStream } from '../testing/numberStream.js';

describe('the rungs', () => {
  it('of one knob go up in steps, as often as asked', () => {
    expect(planRungs([[1, 2, 3]], 2, numberStream(1))).toEqual([[1], [2], [3], [1], [2], [3]]);
  });

  it('of two knobs are every value with every other, shuffled but all there', () => {
    const rungs = planRungs(
      [
        [1, 2],
        [10, 20, 30],
      ],
      2,
      numberStream(4),
    );
    const sorted = rungs.map((rung) => rung.join(' ')).toSorted();
    expect(sorted).toEqual(['1 10', '1 20', '1 30', '2 10', '2 20', '2 30'].flatMap((rung) => [rung, rung]));
    expect(rungs.map((rung) => rung.join(' '))).not.toEqual(sorted);
  });

  it.each([
    [[[1]], 1],
    [[[1, 1]], 1],
    [[], 1],
    [
      [
        [1, 2],
        [1, 2],
        [1, 2],
        [1, 2],
      ],
      1,
    ],
    [
      [
        [1, 2, 3, 4, 5, 6, 7, 8],
        [1, 2, 3, 4, 5, 6, 7, 8],
      ],
      1,
    ],
    [[[1, 2]], 0],
    [[[1, 2]], 1.5],
  ])('refuse what is no ladder: %j %d times', (values, repeats) => {
    expect(() => planRungs(values, repeats, numberStream(1))).toThrow(`${mostRungs} coupons in all`);
  });
});

const range = { least: 500, most: 5000 };

/** Readings of a knob that does so much over its range, measured as a section is. */
function readings(change: number, count: number, seed: number): LadderReading[] {
  const random = numberStream(seed);
  return Array.from({ length: count }, (_, i) => {
    const value = range.least * (range.most / range.least) ** ((i % 4) / 3);
    const place = Math.log(value / Math.sqrt(range.least * range.most)) / Math.log(range.most / range.least);
    const lnDepth = Math.log(0.0015) + Math.log1p(change) * place + 0.1 * gaussian(random);
    return { values: [value], low: lnDepth, high: lnDepth, noise: 0.1 };
  });
}

describe('what a ladder says', () => {
  it('is open before any coupon, and settles on an effect that is there', () => {
    expect(ladderAnswer(0.0015, [range], []).knobs[0]?.verdict).toBe('open');
    const { knobs, isSettled } = ladderAnswer(0.0015, [range], readings(0.3, 12, 5));
    expect(isSettled).toBe(true);
    expect(knobs[0]?.verdict).toBe('effect');
    expect(knobs[0]?.low).toBeLessThan(0.3);
    expect(knobs[0]?.high).toBeGreaterThan(0.3);
  });

  it('settles on none only with enough coupons to exclude 5 % either way', () => {
    expect(ladderAnswer(0.0015, [range], readings(0, 8, 3)).knobs[0]?.verdict).toBe('open');
    expect(ladderAnswer(0.0015, [range], readings(0, 160, 3)).knobs[0]?.verdict).toBe('none');
  });

  it('holds what is true about four times in five over 200 ladders', () => {
    const random = numberStream(77);
    const held = Array.from({ length: 200 }, (_, i) => {
      const change = Math.expm1(0.5 * gaussian(random));
      const [answer] = ladderAnswer(0.0015, [range], readings(change, 8, 100 + i)).knobs;
      return answer !== undefined && change >= answer.low && change <= answer.high;
    }).filter(Boolean).length;
    expect(held / 200).toBeGreaterThanOrEqual(0.72);
    expect(held / 200).toBeLessThanOrEqual(0.88);
  });

  it('tells two knobs apart that were crossed', () => {
    const random = numberStream(8);
    const ranges = [range, { least: 1, most: 2 }];
    const crossed = planRungs(
      [
        [500, 5000],
        [1, 2],
      ],
      6,
      random,
    ).map((values): LadderReading => {
      const lnDepth = Math.log(0.0015) + 0.2 * (values[0] === 5000 ? 0.5 : -0.5) + 0.05 * gaussian(random);
      return { values, low: lnDepth, high: lnDepth, noise: 0.05 };
    });
    const [first, second] = ladderAnswer(0.0015, ranges, crossed).knobs;
    expect(first?.verdict).toBe('effect');
    expect(first?.change).toBeGreaterThan(0.12);
    expect(Math.abs(second?.change ?? 1)).toBeLessThan(0.06);
  });

  it('gives a depth with its doubt, which is least in the middle of what was welded', () => {
    const { depthAt } = ladderAnswer(0.0015, [range], readings(0.3, 12, 5));
    const doubt = (value: number) => {
      const { low, high } = depthAt([value]);
      return Math.log(high / low);
    };
    const { depth, low, high } = depthAt([1581]);
    expect(Math.abs(Math.log(depth / 0.0015))).toBeLessThan(Math.log(high / low));
    expect(doubt(1581)).toBeLessThan(doubt(500));
    expect(doubt(500)).toBeLessThan(doubt(100));
  });
});
