import { RangeFault } from '../fault/index.js';
import { exactOrder } from './exactOrder.js';
import { improvedOrder } from './improvedOrder.js';
import { leastBranching } from './leastBranching.js';
import { Precedence, type Before } from './precedence.js';

/** The welds of a job as far as their order goes. */
export interface OrderInput {
  /** minutes[from][to] lost between one weld and the next, 0 or more; the diagonal is not read. */
  readonly minutes: readonly (readonly number[])[];
  /** Minutes lost before the first light where the order begins with a weld: what is on the machine now is changed for it. */
  readonly first: readonly number[];
  /** For each weld those that must be welded before it. */
  readonly before: Before;
}

/** An order of welds. */
export interface WeldOrder {
  /** Indices of the welds. */
  readonly order: readonly number[];
  /** Minutes lost between them. */
  readonly cost: number;
  /** No order can lose less than this; equal to the cost where the order is proved best. */
  readonly lowerBound: number;
}

/** Up to this many welds the best order is found for certain. */
export const provedUpTo = 12;

/**
 * The order of a job's welds that loses least time between them, keeping what must come before what. Proved best to 12 welds
 * (dynamic programming after Held and Karp 1962, over the sets that the links allow); beyond, a good order (Or 1976) with a bound
 * on how much better one could be (the least branching, Edmonds 1967). The same welds always give the same order.
 *
 * @throws RangeFault for tables that do not fit each other, minutes below 0, links to what is not there, and links that go round
 * @example
 * planWeldOrder({ minutes: [[0, 5, 1], [2, 0, 9], [3, 2, 0]], first: [0, 0, 0], before: [[], [], [1]] }) // => { order: [1, 0, 2], cost: 3, lowerBound: 3 }
 */
export function planWeldOrder(input: OrderInput): WeldOrder {
  const count = requireWelds(input);
  if (count === 0) return { order: [], cost: 0, lowerBound: 0 };
  // What is on the machine now is one thing more, before everything.
  const precedence = Precedence.of(input.before).behindStart();
  const table = tableOf(input, precedence);
  const find = count <= provedUpTo ? exactOrder : improvedOrder;
  const order = find(table, count + 1, 0, precedence)
    .slice(1)
    .map((each) => each - 1);
  const cost = minutesOf(input, order);
  const lowerBound = count <= provedUpTo ? cost : Math.min(cost, leastOf(table, count + 1));
  return { order, cost, lowerBound };
}

/**
 * Minutes lost in an order somebody made.
 *
 * @throws RangeFault where it is not an order of these welds, or breaks a link
 * @example
 * orderCost({ minutes: [[0, 5], [2, 0]], first: [1, 3], before: [[], []] }, [1, 0]) // => 5
 */
export function orderCost(input: OrderInput, order: readonly number[]): number {
  const count = requireWelds(input);
  const isWhole =
    order.length === count && new Set(order).size === count && order.every((each) => each in input.first);
  if (!isWhole) {
    throw new RangeFault({
      quantity: 'order',
      given: order.join(', '),
      allowed: `each of 0 to ${count - 1} once`,
    });
  }
  if (!Precedence.of(input.before).isKeptBy(order)) {
    throw new RangeFault({
      quantity: 'order',
      given: order.join(', '),
      allowed: 'one that keeps what must come before what',
    });
  }
  return minutesOf(input, order);
}

function minutesOf(input: OrderInput, order: readonly number[]): number {
  return order.reduce((sum, to, i) => sum + stepInto(input, order[i - 1] ?? null, to), 0);
}

function stepInto({ minutes, first }: OrderInput, from: number | null, to: number): number {
  return (from === null ? first[to] : minutes[from]?.[to]) ?? Infinity;
}

/**
 * What every order loses at least: the least branching in which a step from the start is dear. An order has one of those, so that
 * the dearness is taken off once; a branching that would start again and again pays for it.
 */
function leastOf(table: Float64Array, size: number): number {
  const dear = table.reduce((sum, step) => (step === Infinity ? sum : Math.max(sum, step)), 0) * size;
  const steps = Float64Array.from(table, (step, at) => (at < size ? step + dear : step));
  return leastBranching(steps, size, 0) - dear;
}

/** Steps between the machine as it is, first, and the welds; Infinity where one cannot follow the other. */
function tableOf(input: OrderInput, precedence: Precedence): Float64Array {
  const size = precedence.count;
  const table = new Float64Array(size * size).fill(Infinity);
  for (let from = 0; from < size; from++)
    for (let to = 1; to < size; to++) {
      if (from === to || !precedence.mayFollow(from, to)) continue;
      table[from * size + to] = stepInto(input, from === 0 ? null : from - 1, to - 1);
    }
  return table;
}

/** @returns how many there are */
function requireWelds({ minutes, first, before }: OrderInput): number {
  const count = first.length;
  const isNumber = (each: number) => each >= 0 && each < Infinity;
  const isTable =
    minutes.length === count && minutes.every((row) => row.length === count && row.every(isNumber));
  if (isTable && first.every(isNumber) && before.length === count) return count;
  throw new RangeFault({
    quantity: 'minutes between welds',
    given: `${minutes.length} rows for ${count} welds and ${before.length} links`,
    allowed: 'as many numbers of 0 or more in each row, and as many links, as there are welds',
  });
}
