/**
 * The cheapest way to reach everything from a start where each thing is reached from one other: no walk through all can cost
 * less. Source: Chu and Liu 1965, Edmonds 1967.
 *
 * @param table flat, table[from x count + to]; Infinity where a step is not allowed, the diagonal is not read
 * @returns its cost, in the unit of the table; Infinity where something cannot be reached
 */
export function leastBranching(table: Float64Array, count: number, start: number): number {
  let size = count;
  let root = start;
  let steps = withoutDiagonal(table, count);
  let sum = 0;
  for (;;) {
    const { from, cost } = cheapestInto(steps, size, root);
    for (let to = 0; to < size; to++) if (to !== root) sum += cost[to] as number;
    if (sum === Infinity) return Infinity;
    const rings = ringsOf(from, size, root);
    if (rings.count === 0) return sum;
    ({ steps, size, root } = withRingsAsOne(steps, size, root, cost, rings));
  }
}

function withoutDiagonal(table: Float64Array, count: number): Float64Array {
  const steps = Float64Array.from(table);
  for (let each = 0; each < count; each++) steps[each * count + each] = Infinity;
  return steps;
}

function cheapestInto(steps: Float64Array, size: number, root: number) {
  const from = new Int32Array(size).fill(-1);
  const cost = new Float64Array(size).fill(Infinity);
  cost[root] = 0;
  for (let to = 0; to < size; to++) {
    if (to === root) continue;
    for (let each = 0; each < size; each++) {
      const step = steps[each * size + to] as number;
      if (step < (cost[to] as number)) {
        cost[to] = step;
        from[to] = each;
      }
    }
  }
  return { from, cost };
}

/** Rings among the cheapest steps, and who belongs to which: its number, or -1. */
interface Rings {
  readonly ring: Int32Array;
  readonly count: number;
}

function ringsOf(from: Int32Array, size: number, root: number): Rings {
  const ring = new Int32Array(size).fill(-1);
  const seenBy = new Int32Array(size).fill(-1);
  let count = 0;
  for (let begin = 0; begin < size; begin++) {
    let at = begin;
    while (at !== root && at >= 0 && seenBy[at] === -1) {
      seenBy[at] = begin;
      at = from[at] as number;
    }
    if (at === root || at < 0 || seenBy[at] !== begin || ring[at] !== -1) continue;
    for (let each = at; ring[each] === -1; each = from[each] as number) ring[each] = count;
    count += 1;
  }
  return { ring, count };
}

/** Every ring becomes one thing; to enter it somewhere costs what that is dearer than the ring's own step there. */
function withRingsAsOne(
  steps: Float64Array,
  size: number,
  root: number,
  cost: Float64Array,
  { ring, count }: Rings,
) {
  const name = new Int32Array(size);
  let next = count;
  for (let each = 0; each < size; each++) name[each] = ring[each] === -1 ? next++ : (ring[each] as number);
  const joined = new Float64Array(next * next).fill(Infinity);
  for (let one = 0; one < size; one++)
    for (let other = 0; other < size; other++) {
      const [a, b] = [name[one] as number, name[other] as number];
      if (a === b) continue;
      const dearer = (steps[one * size + other] as number) - (cost[other] as number);
      if (dearer < (joined[a * next + b] as number)) joined[a * next + b] = dearer;
    }
  return { steps: joined, size: next, root: name[root] as number };
}
