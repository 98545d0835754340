import { RangeFault } from '../fault/index.js';

/** For each thing, by its index, the indices of those that must be done before it. */
export type Before = readonly (readonly number[])[];

/**
 * Who comes before whom once everything that follows from the links is followed: W3 after W2 and W2 after W1 is W3 after W1.
 */
export class Precedence {
  private constructor(
    readonly count: number,
    /** count x count, 1 where the row must come before the column. */
    private readonly isBefore: Uint8Array,
  ) {}

  static none(count: number): Precedence {
    return new Precedence(count, new Uint8Array(count * count));
  }

  /**
   * @throws RangeFault for a link to what is not there, and for links that go round
   */
  static of(before: Before): Precedence {
    const count = before.length;
    const isBefore = new Uint8Array(count * count);
    for (const [index, links] of before.entries()) {
      for (const link of links) {
        requireIndex(link, count);
        isBefore[link * count + index] = 1;
      }
    }
    closeOver(isBefore, count);
    const precedence = new Precedence(count, isBefore);
    const round = cycleIn(before);
    if (round === null) return precedence;
    throw new RangeFault({
      quantity: 'before',
      given: [...round, round[0] as number].join(' before '),
      allowed: 'links that do not go round',
    });
  }

  /** The same with one thing more, the first by its index, which comes before everything. */
  behindStart(): Precedence {
    const count = this.count + 1;
    const isBefore = new Uint8Array(count * count);
    isBefore.fill(1, 1, count);
    for (let one = 0; one < this.count; one++)
      isBefore.set(this.isBefore.subarray(one * this.count, (one + 1) * this.count), (one + 1) * count + 1);
    return new Precedence(count, isBefore);
  }

  mustPrecede(one: number, other: number): boolean {
    return this.isBefore[one * this.count + other] === 1;
  }

  /** Whether one may follow the other at once: nothing of what lies between them is left over. */
  mayFollow(one: number, next: number): boolean {
    if (this.mustPrecede(next, one)) return false;
    if (!this.mustPrecede(one, next)) return true;
    for (let between = 0; between < this.count; between++)
      if (this.mustPrecede(one, between) && this.mustPrecede(between, next)) return false;
    return true;
  }

  /** Whether an order keeps every link. */
  isKeptBy(order: readonly number[]): boolean {
    return order.every((each, i) => order.slice(i + 1).every((later) => !this.mustPrecede(later, each)));
  }

  /** Those that must come before it, as bits; for up to 30 things. */
  maskBefore(index: number): number {
    let mask = 0;
    for (let each = 0; each < this.count; each++) if (this.mustPrecede(each, index)) mask |= 1 << each;
    return mask;
  }
}

/**
 * Links that go round, if there are any: each must be done before the one that follows it, and the last before the first.
 *
 * @returns indices, or null where the links can all be kept
 * @example
 * cycleIn([[1], [2], [0]]) // => [0, 2, 1]
 */
export function cycleIn(before: Before): readonly number[] | null {
  const state = new Uint8Array(before.length);
  const path: number[] = [];
  const from = (index: number): number[] | null => {
    if (state[index] === 2) return null;
    if (state[index] === 1) return path.slice(path.indexOf(index));
    state[index] = 1;
    path.push(index);
    for (const link of before[index] ?? []) {
      const round = from(link);
      if (round !== null) return round;
    }
    path.pop();
    state[index] = 2;
    return null;
  };
  for (const index of before.keys()) {
    const round = from(index);
    // Walked from each thing back to what comes before it.
    if (round !== null) return [round[0] as number, ...round.slice(1).reverse()];
  }
  return null;
}

function closeOver(isBefore: Uint8Array, count: number): void {
  for (let through = 0; through < count; through++)
    for (let one = 0; one < count; one++) {
      if (isBefore[one * count + through] !== 1) continue;
      for (let other = 0; other < count; other++)
        if (isBefore[through * count + other] === 1) isBefore[one * count + other] = 1;
    }
}

function requireIndex(link: number, count: number): void {
  if (Number.isInteger(link) && link >= 0 && link < count) return;
  throw new RangeFault({ quantity: 'before', given: String(link), allowed: `0 to ${count - 1}` });
}
