import fc from 'fast-check';
import { cubicMetre, joule, metre, second } from '../quantity/index.js';
import { exactOrder } from './exactOrder.js';
import { Precedence } from './precedence.js';
import { exactUpTo, planChangeovers, seamCost, spreadSeams } from './index.js';

const tableOf = (count: number) =>
  fc.array(fc.array(fc.integer({ min: 1, max: 60 }), { minLength: count, maxLength: count }), {
    minLength: count,
    maxLength: count,
  });
const smallTable = fc.integer({ min: 1, max: 6 }).chain(tableOf);

/** Every order there is, walked. */
function leastOfAll(minutes: readonly (readonly number[])[], done: number[], left: number[]): number {
  if (left.length === 0) return 0;
  const last = done.at(-1)!;
  return Math.min(
    ...left.map(
      (next) =>
        minutes[last]![next]! +
        leastOfAll(
          minutes,
          [...done, next],
          left.filter((each) => each !== next),
        ),
    ),
  );
}

describe('the order of set-ups', () => {
  it('costs no more than any other, for as many as can be tried by hand', () => {
    fc.assert(
      fc.property(smallTable, (minutes) => {
        const others = minutes.map((_, i) => i).slice(1);
        const plan = planChangeovers(minutes, 0);
        expect(plan.cost).toBe(leastOfAll(minutes, [0], others));
        expect(plan.lowerBound).toBe(plan.cost);
        expect([...plan.order].sort((a, b) => a - b)).toEqual(minutes.map((_, i) => i));
        expect(plan.order[0]).toBe(0);
      }),
    );
  });

  it('scales with its minutes', () => {
    fc.assert(
      fc.property(smallTable, fc.constantFrom(2, 4, 0.5), (minutes, by) => {
        const scaled = minutes.map((row) => row.map((each) => each * by));
        expect(planChangeovers(scaled, 0).cost).toBe(planChangeovers(minutes, 0).cost * by);
        expect(planChangeovers(scaled, 0).order).toEqual(planChangeovers(minutes, 0).order);
      }),
    );
  });

  it('of more than that lies between its bound and, for as many as can still be proved, near the least', () => {
    const gaps: number[] = [];
    fc.assert(
      fc.property(tableOf(exactUpTo + 1), fc.nat({ max: exactUpTo }), (minutes, start) => {
        const plan = planChangeovers(minutes, start);
        const table = Float64Array.from(minutes.flat());
        const walk = exactOrder(table, minutes.length, start, Precedence.none(minutes.length));
        const least = walk.slice(1).reduce((sum, to, i) => sum + minutes[walk[i]!]![to]!, 0);
        expect(plan.order[0]).toBe(start);
        expect(new Set(plan.order).size).toBe(minutes.length);
        expect(plan.lowerBound).toBeLessThanOrEqual(least + 1e-9);
        expect(plan.cost).toBeGreaterThanOrEqual(least - 1e-9);
        gaps.push(plan.cost / least);
      }),
      { numRuns: 15 },
    );
    const mean = gaps.reduce((sum, each) => sum + each, 0) / gaps.length;
    expect(mean).toBeLessThan(1.05);
  });

  it('has a bound of what entering and then leaving each must cost, but for the last', () => {
    fc.assert(
      fc.property(tableOf(exactUpTo + 2), fc.nat({ max: exactUpTo }), (minutes, start) => {
        const all = minutes.map((_, i) => i);
        const others = (than: number) => all.filter((each) => each !== than && each !== start);
        const into = all.map((to) =>
          Math.min(...all.filter((from) => from !== to).map((from) => minutes[from]![to]!)),
        );
        const out = all.map((from) => Math.min(...others(from).map((to) => minutes[from]![to]! - into[to]!)));
        const entered = others(start).reduce((sum, to) => sum + into[to]!, 0);
        const left =
          out.reduce((sum, each) => sum + each, 0) - Math.max(...others(start).map((from) => out[from]!));
        expect(planChangeovers(minutes, start).lowerBound).toBeCloseTo(entered + left, 9);
      }),
      { numRuns: 20 },
    );
  });

  it.each<[string, number[][], number, string]>([
    ['a ragged table', [[0, 1], [1]], 0, 'changeover table'],
    ['no table', [], 0, 'changeover table'],
    [
      'a change that is never over',
      [
        [0, Infinity],
        [1, 0],
      ],
      0,
      'changeover table',
    ],
    [
      'minutes below nothing',
      [
        [0, -1],
        [1, 0],
      ],
      0,
      'changeover table',
    ],
    [
      'a start that is not there',
      [
        [0, 1],
        [1, 0],
      ],
      2,
      'first set-up 2: allowed is 0 to 1.',
    ],
  ])('refuses %s', (_, minutes, start, message) => {
    expect(() => planChangeovers(minutes, start)).toThrow(message);
  });
});

describe('spreading heat', () => {
  it('goes to the far end before it comes back, and does every seam once', () => {
    const row = Array.from({ length: 6 }, (_, i) => ({
      middle: [i * 0.05, 0, 0] as const,
      heat: 9000,
      time: second(20),
    }));
    const order = spreadSeams(row);
    expect([...order].sort((a, b) => a - b)).toEqual([0, 1, 2, 3, 4, 5]);
    expect(order.slice(0, 2)).toEqual([0, 5]);
    expect(spreadSeams([])).toEqual([]);
  });
});

describe('cost', () => {
  const use = {
    length: metre(2),
    lightOn: second(250),
    labour: second(900),
    gas: cubicMetre(0.1),
    wire: 0.02,
    mains: joule(3.6e6),
    windowShare: 0.05,
  };
  const prices = {
    labourPerHour: 40,
    overheadPerHour: 8,
    gasPerCubicMetre: 8,
    wirePerKilogram: 15,
    mainsPerKilowattHour: 0.3,
    window: 12,
  };
  it('is the sum of its items and is said per metre', () => {
    expect(seamCost(use, prices)).toEqual({
      labour: 10,
      overhead: 2,
      gas: expect.closeTo(0.8, 12),
      wire: expect.closeTo(0.3, 12),
      mains: expect.closeTo(0.3, 12),
      window: expect.closeTo(0.6, 12),
      total: expect.closeTo(14, 12),
      perMetre: expect.closeTo(7, 12),
    });
  });
});
