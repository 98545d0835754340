import type { Precedence } from './precedence.js';

/**
 * The order of least cost through all set-ups from a start, by dynamic programming over the subsets already done.
 * Source: Held and Karp 1962. Time n2 2^n: for tables the caller has limited.
 *
 * @param table flat, table[from x count + to]
 * @param count of set-ups
 * @param precedence what must come before what; nothing before the start
 * @returns indices, the start first; among equal costs the same one each time
 */
export function exactOrder(
  table: Float64Array,
  count: number,
  start: number,
  precedence: Precedence,
): readonly number[] {
  const sets = 1 << count;
  // least[set x count + last]: least cost of an order that did the set and ended with `last`.
  const least = new Float64Array(sets * count).fill(Infinity);
  const before = new Int8Array(sets * count).fill(-1);
  const first = Array.from({ length: count }, (_, index) => precedence.maskBefore(index));
  least[(1 << start) * count + start] = 0;
  for (let set = 1 << start; set < sets; set++) {
    for (let last = 0; last < count; last++) {
      const cost = least[set * count + last] as number;
      if (cost === Infinity) continue;
      for (let next = 0; next < count; next++) {
        if ((set & (1 << next)) !== 0 || ((first[next] as number) & ~set) !== 0) continue;
        const at = (set | (1 << next)) * count + next;
        const through = cost + (table[last * count + next] as number);
        if (through < (least[at] as number)) {
          least[at] = through;
          before[at] = last;
        }
      }
    }
  }
  return traceBack(least, before, count);
}

/** Walks from the cheapest full order back to its start. */
function traceBack(least: Float64Array, before: Int8Array, count: number): readonly number[] {
  let set = (1 << count) - 1;
  let last = 0;
  for (let end = 1; end < count; end++) {
    if ((least[set * count + end] as number) < (least[set * count + last] as number)) last = end;
  }
  const order: number[] = [];
  while (last >= 0) {
    order.unshift(last);
    const previous = before[set * count + last] as number;
    set &= ~(1 << last);
    last = previous;
  }
  return order;
}
