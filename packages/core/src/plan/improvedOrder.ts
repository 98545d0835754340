import type { Precedence } from './precedence.js';

/**
 * A good order through many things: the cheapest next one from each possible second one (of very many, from the nearest),
 * then runs of up to three moved to where they cost least, until no move helps (Or 1976). Moves keep the direction of travel, so
 * tables that differ both ways are no trouble, and never take anything before what must come first.
 *
 * @param table flat, table[from x count + to]
 * @returns indices, the start first; the same table always gives the same order
 */
export function improvedOrder(
  table: Float64Array,
  count: number,
  start: number,
  precedence: Precedence,
): readonly number[] {
  const step = (from: number, to: number) => table[from * count + to] as number;
  let best: readonly number[] = [start];
  let bestCost = Infinity;
  for (const second of seconds(step, start, precedence)) {
    const order = moveRuns(nearestNext(step, start, second, precedence), step, precedence);
    const cost = costOf(order, step);
    if (cost < bestCost) [best, bestCost] = [order, cost];
  }
  return best;
}

type Step = (from: number, to: number) => number;

/** A gain smaller than this is rounding. */
const rounding = 1e-9;
const longestRun = 3;
/** Of more than this many things not each is tried as the second. */
const mostSeconds = 60;
const nearestSeconds = 8;

function seconds(step: Step, start: number, precedence: Precedence): readonly number[] {
  const { count } = precedence;
  const all = Array.from({ length: count }, (_, i) => i);
  const others = new Set(all.filter((each) => each !== start));
  const free = [...others].filter((each) => isReady(each, others, precedence));
  if (count <= mostSeconds) return free;
  return free.sort((a, b) => step(start, a) - step(start, b) || a - b).slice(0, nearestSeconds);
}

/** Whether nothing that is left must come before it. */
function isReady(index: number, left: ReadonlySet<number>, precedence: Precedence): boolean {
  for (const each of left) if (precedence.mustPrecede(each, index)) return false;
  return true;
}

function nearestNext(step: Step, start: number, second: number, precedence: Precedence): number[] {
  const order = [start, second];
  const left = new Set(Array.from({ length: precedence.count }, (_, i) => i));
  left.delete(start);
  left.delete(second);
  while (left.size > 0) {
    const last = order.at(-1) as number;
    let next = -1;
    for (const each of left)
      if ((next < 0 || step(last, each) < step(last, next)) && isReady(each, left, precedence)) next = each;
    order.push(next);
    left.delete(next);
  }
  return order;
}

function costOf(order: readonly number[], step: Step): number {
  return order.slice(1).reduce((sum, to, i) => sum + step(order[i] as number, to), 0);
}

/** Moves the first run that helps, again and again. */
function moveRuns(order: number[], step: Step, precedence: Precedence): number[] {
  let current = order;
  for (let moved = true; moved;) {
    moved = false;
    for (let length = 1; length <= longestRun; length++) {
      for (let from = 1; from + length <= current.length; from++) {
        const to = bestPlace(current, { from, length }, step, precedence);
        if (to === null) continue;
        current = withRunMoved(current, { from, length }, to);
        moved = true;
      }
    }
  }
  return current;
}

interface Run {
  readonly from: number;
  readonly length: number;
}

/** Where, in the order without the run, it costs least; null where it is best as it stands. */
function bestPlace(order: readonly number[], run: Run, step: Step, precedence: Precedence): number | null {
  const { from, length } = run;
  const first = order[from] as number;
  const last = order[from + length - 1] as number;
  const before = order[from - 1] as number;
  const after = order[from + length];
  const saved = step(before, first) + (after === undefined ? 0 : step(last, after) - step(before, after));
  const { earliest, latest } = reachOf(order, run, precedence);
  let place: number | null = null;
  let most = rounding;
  for (let at = earliest; at <= latest; at++) {
    if (at === from) continue;
    const left = order[at <= from - 1 ? at - 1 : at + length - 1] as number;
    const right = order[at <= from - 1 ? at : at + length];
    const added = step(left, first) + (right === undefined ? 0 : step(last, right) - step(left, right));
    if (saved - added > most) [place, most] = [at, saved - added];
  }
  return place;
}

/** How far a run can be moved either way before it passes what must stay before or after it. */
function reachOf(order: readonly number[], { from, length }: Run, precedence: Precedence) {
  const run = order.slice(from, from + length);
  let earliest = from;
  while (earliest > 1 && !run.some((each) => precedence.mustPrecede(order[earliest - 1] as number, each)))
    earliest--;
  let latest = from;
  const end = order.length - length;
  while (latest < end && !run.some((each) => precedence.mustPrecede(each, order[latest + length] as number)))
    latest++;
  return { earliest, latest };
}

function withRunMoved(order: readonly number[], { from, length }: Run, to: number): number[] {
  const run = order.slice(from, from + length);
  const rest = [...order.slice(0, from), ...order.slice(from + length)];
  return [...rest.slice(0, to), ...run, ...rest.slice(to)];
}
