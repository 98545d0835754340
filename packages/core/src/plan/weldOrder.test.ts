import fc from 'fast-check';
import { leastBranching } from './leastBranching.js';
import { cycleIn, orderCost, planWeldOrder } from './index.js';
import { provedUpTo, type OrderInput } from './weldOrder.js';

const minutesOf = (count: number) =>
  fc.array(fc.array(fc.integer({ min: 0, max: 30 }), { minLength: count, maxLength: count }), {
    minLength: count,
    maxLength: count,
  });

/** Welds with links that only go back to earlier ones, then shuffled so that their numbers tell nothing. */
const jobOf = (count: number, links: number): fc.Arbitrary<OrderInput> =>
  fc
    .record({
      minutes: minutesOf(count),
      first: fc.array(fc.integer({ min: 0, max: 30 }), { minLength: count, maxLength: count }),
      pairs: fc.array(fc.tuple(fc.nat(count - 1), fc.nat(count - 1)), { maxLength: links }),
      place: fc.shuffledSubarray(
        Array.from({ length: count }, (_, i) => i),
        { minLength: count },
      ),
    })
    .map(({ minutes, first, pairs, place }) => {
      const before: number[][] = Array.from({ length: count }, () => []);
      for (const [one, other] of pairs)
        if (one !== other) before[place[Math.max(one, other)]!]!.push(place[Math.min(one, other)]!);
      return { minutes, first, before };
    });

/** Every order that keeps the links, walked. */
function leastByHand(input: OrderInput, done: readonly number[] = [], sofar = 0): number {
  const count = input.first.length;
  if (done.length === count) return sofar;
  let least = Infinity;
  for (let next = 0; next < count; next++) {
    if (done.includes(next) || input.before[next]!.some((each) => !done.includes(each))) continue;
    const last = done.at(-1);
    const step = last === undefined ? input.first[next]! : input.minutes[last]![next]!;
    least = Math.min(least, leastByHand(input, [...done, next], sofar + step));
  }
  return least;
}

const keeps = ({ before }: OrderInput, order: readonly number[]) =>
  before.every((links, index) => links.every((link) => order.indexOf(link) < order.indexOf(index)));

describe('the order of welds', () => {
  it('loses no more than any other that keeps the links, tried to 7 by hand', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 7 }).chain((count) => jobOf(count, 8)),
        (input) => {
          const plan = planWeldOrder(input);
          expect(keeps(input, plan.order)).toBe(true);
          expect(plan.cost).toBe(leastByHand(input));
          expect(plan.lowerBound).toBe(plan.cost);
          expect(orderCost(input, plan.order)).toBe(plan.cost);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('of 8 is the least there is', () => {
    fc.assert(
      fc.property(jobOf(8, 6), (input) => expect(planWeldOrder(input).cost).toBe(leastByHand(input))),
      { numRuns: 4 },
    );
  });

  it('of more is a whole order that keeps the links, above its bound, and near the least where that can be proved', () => {
    const over: number[] = [];
    fc.assert(
      fc.property(jobOf(provedUpTo + 1, 12), (input) => {
        const plan = planWeldOrder(input);
        expect(keeps(input, plan.order)).toBe(true);
        expect(orderCost(input, plan.order)).toBe(plan.cost);
        expect(plan.lowerBound).toBeLessThanOrEqual(plan.cost);
        // Without its last weld the rest is proved: that can only lose less.
        const last = plan.order.at(-1)!;
        const rest = withoutWeld(input, last);
        const proved = planWeldOrder(rest).cost;
        expect(proved).toBeLessThanOrEqual(plan.cost);
        over.push((plan.cost + 1) / (proved + 1));
      }),
      { numRuns: 12 },
    );
    expect(over.reduce((sum, each) => sum + each, 0) / over.length).toBeLessThan(1.6);
  });

  it('never loses less than its bound says, whatever order somebody makes', () => {
    fc.assert(
      fc.property(jobOf(14, 0), (input) => {
        const { lowerBound } = planWeldOrder(input);
        const byHand = Array.from({ length: 14 }, (_, i) => i);
        expect(orderCost(input, byHand)).toBeGreaterThanOrEqual(lowerBound);
      }),
      { numRuns: 20 },
    );
  });

  it('goes through one set-up after another, however many welds each has', () => {
    const setUpOf = (weld: number) => weld % 4;
    const count = 40;
    const minutes = Array.from({ length: count }, (_, from) =>
      Array.from({ length: count }, (__, to) => (setUpOf(from) === setUpOf(to) ? 0 : 6)),
    );
    const first = Array.from({ length: count }, (_, to) => (setUpOf(to) === 2 ? 0 : 6));
    const plan = planWeldOrder({ minutes, first, before: Array.from({ length: count }, () => []) });
    expect(plan.cost).toBe(18);
    expect(plan.lowerBound).toBe(18);
    expect(setUpOf(plan.order[0]!)).toBe(2);
  });

  it('is the same each time, and empty without welds', () => {
    const [input] = fc.sample(jobOf(20, 10), { numRuns: 1, seed: 7 }) as [OrderInput];
    expect(planWeldOrder(input)).toEqual(planWeldOrder(input));
    expect(planWeldOrder({ minutes: [], first: [], before: [] })).toEqual({
      order: [],
      cost: 0,
      lowerBound: 0,
    });
  });

  it.each<[string, Partial<OrderInput>, string]>([
    ['links that go round', { before: [[2], [0], [1]] }, 'before 0 before 1 before 2 before 0'],
    ['a weld before itself', { before: [[0], [], []] }, 'before 0 before 0'],
    ['a link to nothing', { before: [[3], [], []] }, 'before 3: allowed is 0 to 2'],
    ['minutes below nothing', { first: [0, -1, 0] }, 'minutes between welds'],
    [
      'a ragged table',
      {
        minutes: [
          [0, 1, 2],
          [1, 0],
          [1, 1, 0],
        ],
      },
      'minutes between welds',
    ],
    ['too few links', { before: [[]] }, 'minutes between welds'],
  ])('refuses %s', (_, said, message) => {
    const input = {
      minutes: [
        [0, 1, 2],
        [1, 0, 1],
        [1, 1, 0],
      ],
      first: [0, 0, 0],
      before: [[], [], []],
    };
    expect(() => planWeldOrder({ ...input, ...said })).toThrow(message);
  });

  it('of somebody’s own is refused where it is not whole or breaks a link', () => {
    const input = {
      minutes: [
        [0, 1],
        [1, 0],
      ],
      first: [0, 2],
      before: [[1], []],
    };
    expect(orderCost(input, [1, 0])).toBe(3);
    expect(() => orderCost(input, [0, 1])).toThrow('keeps what must come before what');
    expect(() => orderCost(input, [1, 1])).toThrow('each of 0 to 1 once');
    expect(() => orderCost(input, [1])).toThrow('order 1: allowed is each of 0 to 1 once');
  });
});

describe('links that go round', () => {
  it('are named in the order they would be done', () => {
    expect(cycleIn([[1], [2], [0]])).toEqual([0, 2, 1]);
    expect(cycleIn([[], [0], [1, 3], [2]])).toEqual([2, 3]);
    expect(cycleIn([[1], [2], [1]])).toEqual([1, 2]);
    expect(cycleIn([[], [0], [0, 1]])).toBeNull();
  });
});

describe('the least branching', () => {
  it('joins rings that are cheap in themselves to the start', () => {
    const far = Infinity;
    const table = Float64Array.of(far, 10, 12, far, far, 1, far, 1, far);
    expect(leastBranching(table, 3, 0)).toBe(11);
  });

  it('costs no more than any walk, and cannot be where something cannot be reached', () => {
    fc.assert(
      fc.property(minutesOf(6), (minutes) => {
        const table = Float64Array.from(minutes.flat());
        const walk = [0, 1, 2, 3, 4].reduce((sum, from) => sum + minutes[from]![from + 1]!, 0);
        expect(leastBranching(table, 6, 0)).toBeLessThanOrEqual(walk);
      }),
    );
    expect(leastBranching(Float64Array.of(0, Infinity, 1, 0), 2, 0)).toBe(Infinity);
  });
});

function withoutWeld({ minutes, first, before }: OrderInput, weld: number): OrderInput {
  const others = first.map((_, i) => i).filter((each) => each !== weld);
  const at = (index: number) => others.indexOf(index);
  return {
    minutes: others.map((from) => others.map((to) => minutes[from]![to]!)),
    first: others.map((each) => first[each]!),
    before: others.map((each) => before[each]!.filter((link) => link !== weld).map(at)),
  };
}
