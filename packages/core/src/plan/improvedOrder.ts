/**
 * A good order through many set-ups: the cheapest next one from each possible second set-up, then runs of up to three
 * set-ups moved to where they cost least, until no move helps (Or 1976). Moves keep the direction of travel, so tables
 * that differ both ways are no trouble.
 *
 * @param table flat, table[from x count + to]
 * @returns indices, the start first; the same table always gives the same order
 */
export function improvedOrder(table: Float64Array, count: number, start: number): readonly number[] {
  const step = (from: number, to: number) => table[from * count + to] as number;
  let best: number[] = [];
  let bestCost = Infinity;
  for (let second = 0; second < count; second++) {
    if (second === start) continue;
    const order = moveRuns(nearestNext(step, count, start, second), step);
    const cost = costOf(order, step);
    if (cost < bestCost) [best, bestCost] = [order, cost];
  }
  return best;
}

type Step = (from: number, to: number) => number;

/** A gain smaller than this is rounding. */
const rounding = 1e-9;
const longestRun = 3;

function nearestNext(step: Step, count: number, start: number, second: number): number[] {
  const order = [start, second];
  const left = new Set(Array.from({ length: count }, (_, i) => i));
  left.delete(start);
  left.delete(second);
  while (left.size > 0) {
    const last = order.at(-1) as number;
    let next = -1;
    for (const each of left) if (next < 0 || step(last, each) < step(last, next)) next = each;
    order.push(next);
    left.delete(next);
  }
  return order;
}

function costOf(order: readonly number[], step: Step): number {
  return order.slice(1).reduce((sum, to, i) => sum + step(order[i] as number, to), 0);
}

/** Moves the first run that helps, again and again. */
function moveRuns(order: number[], step: Step): number[] {
  let current = order;
  for (let moved = true; moved;) {
    moved = false;
    for (let length = 1; length <= longestRun; length++) {
      for (let from = 1; from + length <= current.length; from++) {
        const to = bestPlace(current, from, length, step);
        if (to === null) continue;
        current = withRunMoved(current, from, length, to);
        moved = true;
      }
    }
  }
  return current;
}

/** Where, in the order without the run, it costs least; null where it is best as it stands. */
function bestPlace(order: readonly number[], from: number, length: number, step: Step): number | null {
  const first = order[from] as number;
  const last = order[from + length - 1] as number;
  const before = order[from - 1] as number;
  const after = order[from + length];
  const saved = step(before, first) + (after === undefined ? 0 : step(last, after) - step(before, after));
  let place: number | null = null;
  let most = rounding;
  for (let at = 1; at <= order.length - length; at++) {
    if (at === from) continue;
    const left = order[at <= from - 1 ? at - 1 : at + length - 1] as number;
    const right = order[at <= from - 1 ? at : at + length];
    const added = step(left, first) + (right === undefined ? 0 : step(last, right) - step(left, right));
    if (saved - added > most) [place, most] = [at, saved - added];
  }
  return place;
}

function withRunMoved(order: readonly number[], from: number, length: number, to: number): number[] {
  const run = order.slice(from, from + length);
  const rest = [...order.slice(0, from), ...order.slice(from + length)];
  return [...rest.slice(0, to), ...run, ...rest.slice(to)];
}
