/** Two cells and how wide over how far the way between them is. */
export interface CellLink {
  readonly from: number;
  readonly to: number;
  readonly factor: number;
}

/**
 * New numbers of cells so that linked ones lie near each other: in waves from an end, the least linked first
 * (Cuthill and McKee 1969).
 *
 * @returns of each cell its new number
 * @example
 * bandOrder(3, [{ from: 0, to: 2, factor: 1 }, { from: 2, to: 1, factor: 1 }]).join() // => '0,2,1'
 */
export function bandOrder(cells: number, links: readonly CellLink[]): Int32Array {
  const beside = neighbours(cells, links);
  const order = new Int32Array(cells).fill(-1);
  let next = 0;
  const start = cells === 0 ? [] : [farthestFrom(farthestFrom(0, beside), beside)];
  for (const first of [...start, ...Array(cells).keys()])
    if ((order[first] as number) < 0) next = numberFrom(first, beside, order, next);
  return order;
}

function neighbours(cells: number, links: readonly CellLink[]): number[][] {
  const beside = Array.from({ length: cells }, (): number[] => []);
  for (const { from, to } of links) {
    beside[from]?.push(to);
    beside[to]?.push(from);
  }
  const degree = beside.map((list) => list.length);
  for (const list of beside) list.sort((a, b) => (degree[a] as number) - (degree[b] as number) || a - b);
  return beside;
}

/** Numbers everything that hangs together with a cell, wave by wave; answers the next free number. */
function numberFrom(first: number, beside: readonly number[][], order: Int32Array, from: number): number {
  let next = from;
  order[first] = next++;
  const queue = [first];
  for (let head = 0; head < queue.length; head++) {
    for (const other of beside[queue[head] as number] ?? []) {
      if ((order[other] as number) >= 0) continue;
      order[other] = next++;
      queue.push(other);
    }
  }
  return next;
}

/** The last cell that a wave from this one reaches. */
function farthestFrom(start: number, beside: readonly number[][]): number {
  const seen = new Uint8Array(beside.length);
  const queue = [start];
  seen[start] = 1;
  for (let head = 0; head < queue.length; head++) {
    for (const other of beside[queue[head] as number] ?? []) {
      if (seen[other] === 1) continue;
      seen[other] = 1;
      queue.push(other);
    }
  }
  return queue[queue.length - 1] as number;
}
