import fc from 'fast-check';
import { inMm, metre, mm, mmPerSecond, second } from '../quantity/index.js';
import { learnedRatio, seamWork, summedBand, tackPlan, tackSpacing } from './index.js';

const work = (changes: Partial<Parameters<typeof seamWork>[0]> = {}) =>
  seamWork({
    ...{ length: metre(2), travel: mmPerSecond(8), starts: 4, gasLitresPerMinute: 15 },
    ...{ gasBefore: second(0.3), gasAfter: second(0.5), wire: null, input: 3000, lightShare: 0.25 },
    windowLife: second(72_000),
    ...changes,
  });

describe('what seams take', () => {
  it('counts gas around every start, and nothing else of it', () => {
    const [few, many] = [work(), work({ starts: 14 })];
    expect(many.gas - few.gas).toBeCloseTo((10 * 0.8 * 15) / 60 / 1000, 12);
    expect({ ...many, gas: 0 }).toEqual({ ...few, gas: 0 });
  });

  it.each([
    [{ lightShare: 0 }, 'light on, as a share'],
    [{ lightShare: 1.2 }, 'light on, as a share'],
    [{ travel: mmPerSecond(0) }, 'travel'],
    [{ starts: -1 }, 'starts'],
    [{ windowLife: second(0) }, 'a window’s life'],
  ])('refuses %j', (changes, quantity) => {
    expect(() => work(changes)).toThrow(quantity);
  });
});

describe('tacks', () => {
  it('lie no further apart than their spacing, both ends first, then the middle, then outwards', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 3000, noNaN: true }),
        fc.double({ min: 0.3, max: 12, noNaN: true }),
        (length, t) => {
          const plan = tackPlan(mm(length), mm(t), false).map(inMm);
          expect(plan.slice(0, 2)).toEqual([0, expect.closeTo(length, 6)]);
          if (plan.length > 2) expect(plan[2]).toBeCloseTo(length / 2, 6);
          const sorted = plan.toSorted((a, b) => a - b);
          const gaps = sorted.slice(1).map((each, i) => each - (sorted[i] as number));
          expect(Math.max(...gaps)).toBeLessThanOrEqual(inMm(tackSpacing(mm(t))) + 1e-6);
          expect(new Set(plan.map((each) => each.toFixed(6))).size).toBe(plan.length);
          for (let i = 3; i < plan.length; i++) {
            // Each lies midway between two that were set before it.
            const before = plan.slice(0, i).toSorted((a, b) => a - b);
            const right = before.find((each) => each > (plan[i] as number)) as number;
            const left = before.findLast((each) => each < (plan[i] as number)) as number;
            expect(plan[i]).toBeCloseTo((left + right) / 2, 6);
          }
        },
      ),
    );
  });

  it('of a closed seam are four, opposite pairs first; a seam of nothing has none', () => {
    expect(tackPlan(mm(100), mm(1), true).map(inMm)).toEqual(
      [0, 50, 25, 75].map((each) => expect.closeTo(each, 9) as number),
    );
    expect(() => tackPlan(mm(0), mm(1), false)).toThrow('seam length');
  });
});

describe('a ratio that is learned', () => {
  const guess = { middle: 5, spread: 0.5, weight: 4 };

  it('moves from the guess to what was measured, and is known better', () => {
    const after = (count: number) =>
      learnedRatio(
        Array.from({ length: count }, () => 10),
        guess,
      );
    const middles = [0, 1, 4, 40, 400].map((count) => after(count).middle);
    expect(middles.toSorted((a, b) => a - b)).toEqual(middles);
    expect(after(4).middle).toBeCloseTo(Math.sqrt(50), 9);
    expect(after(400).middle).toBeCloseTo(10, 0);
    expect(after(400).doubt).toBeLessThan(after(4).doubt);
  });

  it('bands a sum: many alike scatter less than one, and never less than the ratio is doubted', () => {
    const ratio = { middle: 5, spread: 0.4, doubt: 0.1, measured: 9 };
    const width = ({ least, most }: ReturnType<typeof summedBand>) => Math.log(most / least) / (2 * 1.281552);
    const one = summedBand([100], ratio);
    const many = summedBand(
      Array.from({ length: 100 }, () => 1),
      ratio,
    );
    expect(one.middle).toBeCloseTo(500, 0);
    expect(width(one)).toBeCloseTo(Math.hypot(0.4, 0.1), 2);
    expect(width(many)).toBeCloseTo(Math.hypot(0.04, 0.1), 2);
    expect(summedBand([], ratio)).toEqual({ middle: 0, least: 0, most: 0 });
  });

  it('holds four in five of what comes, drawn from itself', () => {
    const ratio = { middle: 5, spread: 0.5, doubt: 0, measured: 0 };
    const band = summedBand([10, 20, 30], ratio);
    // Normal scores at even shares, taken in three coprime strides: no chance in the test.
    const scores = Array.from({ length: 199 }, (_, i) => inverseNormal((i + 0.5) / 199));
    const at = (i: number, stride: number) => scores[(i * stride) % scores.length] as number;
    const sums = Array.from({ length: 199 * 40 }, (_, i) =>
      [10, 20, 30].reduce(
        (sum, amount, j) => sum + amount * 5 * Math.exp(0.5 * at(i + j * 53 * i, [1, 71, 113][j] as number)),
        0,
      ),
    );
    const inside = sums.filter((each) => each >= band.least && each <= band.most).length / sums.length;
    expect(inside).toBeGreaterThan(0.75);
    expect(inside).toBeLessThan(0.85);
  });

  it('refuses what is no ratio', () => {
    expect(() => learnedRatio([0], guess)).toThrow('ratio 0');
  });
});

/** Beasley and Springer's, by bisection of erf's series: enough for a test. */
function inverseNormal(share: number): number {
  let [low, high] = [-6, 6];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (normalShare(middle) < share) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

function normalShare(z: number): number {
  let [sum, term] = [z, z];
  for (let n = 1; n < 120; n++) {
    term *= (z * z) / (2 * n + 1);
    sum += term;
  }
  return 0.5 + (sum * Math.exp((-z * z) / 2)) / Math.sqrt(2 * Math.PI);
}
