import { RangeFault } from '../fault/index.js';
import { exactOrder } from './exactOrder.js';
import { improvedOrder } from './improvedOrder.js';
import { Precedence } from './precedence.js';

/** An order of set-ups. */
export interface ChangeoverPlan {
  /** Indices of the set-ups, the one on the machine now first. */
  readonly order: readonly number[];
  /** Sum of the changeovers, in the unit they were given in. */
  readonly cost: number;
  /** No order can cost less than this; equal to the cost where the order is proved best. */
  readonly lowerBound: number;
}

/** Up to this many set-ups the least order is found for certain. */
export const exactUpTo = 12;

/**
 * Order of set-ups with the least time lost between them, starting from what is on the machine. Exact to 12 set-ups
 * (dynamic programming after Held and Karp 1962); beyond, a good order with a bound on how much better one could be.
 * Changeovers need not be the same both ways. The same table always gives the same order.
 *
 * @param minutes square table, minutes[from][to], 0 or more; the diagonal is not read
 * @param start index of the set-up that is on the machine
 * @throws RangeFault for a table that is not square, holds anything but finite numbers of 0 or more, or lacks the start
 * @example
 * planChangeovers([[0, 5, 1], [2, 0, 9], [3, 2, 0]], 0) // => { order: [0, 2, 1], cost: 3, lowerBound: 3 }
 */
export function planChangeovers(minutes: readonly (readonly number[])[], start: number): ChangeoverPlan {
  requireTable(minutes, start);
  const count = minutes.length;
  const table = Float64Array.from(minutes.flat());
  if (count <= exactUpTo) {
    const order = exactOrder(table, count, start, Precedence.none(count));
    const cost = orderCost(table, count, order);
    return { order, cost, lowerBound: cost };
  }
  const order = improvedOrder(table, count, start, Precedence.none(count));
  return { order, cost: orderCost(table, count, order), lowerBound: reducedBound(table, count, start) };
}

function orderCost(table: Float64Array, count: number, order: readonly number[]): number {
  return order.slice(1).reduce((sum, to, i) => sum + (table[(order[i] as number) * count + to] as number), 0);
}

/**
 * What every order must cost at least: each set-up but the start is entered once by its cheapest way, and after that
 * is taken off, each but the last is left by its cheapest.
 */
function reducedBound(table: Float64Array, count: number, start: number): number {
  const cheapestInto = new Float64Array(count);
  let bound = 0;
  for (let to = 0; to < count; to++) {
    if (to === start) continue;
    let least = Infinity;
    for (let from = 0; from < count; from++) {
      if (from !== to) least = Math.min(least, table[from * count + to] as number);
    }
    cheapestInto[to] = least;
    bound += least;
  }
  const leaving = Array.from({ length: count }, (_, from) => {
    let least = Infinity;
    for (let to = 0; to < count; to++) {
      if (to === from || to === start) continue;
      least = Math.min(least, (table[from * count + to] as number) - (cheapestInto[to] as number));
    }
    return least;
  });
  const dearestLast = Math.max(...leaving.filter((_, from) => from !== start));
  return bound + leaving.reduce((sum, each) => sum + each, 0) - dearestLast;
}

function requireTable(minutes: readonly (readonly number[])[], start: number): void {
  const count = minutes.length;
  const isTable =
    count > 0 &&
    minutes.every((row) => row.length === count && row.every((each) => each >= 0 && each < Infinity));
  if (!isTable) {
    throw new RangeFault({
      quantity: 'changeover table',
      given: `${count} rows`,
      allowed: 'as many numbers of 0 or more in each row as there are rows',
    });
  }
  if (Number.isInteger(start) && start >= 0 && start < count) return;
  throw new RangeFault({ quantity: 'first set-up', given: String(start), allowed: `0 to ${count - 1}` });
}
