import type { Second } from '../quantity/index.js';

/** A seam in a job, as far as its heat on its neighbours goes. */
export interface SeamPlace {
  /** Middle of the seam, m in any frame of the part. */
  readonly middle: readonly [x: number, y: number, z: number];
  /** Absorbed heat of the whole seam, J, above 0. */
  readonly heat: number;
  /** Time it takes with its handling. */
  readonly time: Second;
}

/** How long a seam's heat is felt by its neighbours, s, and how far, m: rough figures for thin sheet. */
const felt = { seconds: 120, metres: 0.1 };

/**
 * An order of seams that lets each cool before the next one beside it: at every turn the seam whose surroundings are
 * coolest, counting each earlier seam by its heat, exp(-distance/0.1 m) and exp(-time since/120 s). Equal ones keep
 * the order they were given in. A rule of practice, not a heat computation.
 *
 * @returns indices of the seams
 * @example
 * spreadSeams([0, 0.02, 0.3].map((x) => ({ middle: [x, 0, 0], heat: 9000, time: second(30) }))) // => [0, 2, 1]
 */
export function spreadSeams(seams: readonly SeamPlace[]): readonly number[] {
  const order: number[] = [];
  const left = new Set(seams.keys());
  while (left.size > 0) {
    let coolest = -1;
    let least = Infinity;
    for (const each of left) {
      const warmth = warmthAt(seams, order, each);
      if (warmth < least) [coolest, least] = [each, warmth];
    }
    order.push(coolest);
    left.delete(coolest);
  }
  return order;
}

/** Heat of the seams already done as it is felt at another. */
function warmthAt(seams: readonly SeamPlace[], done: readonly number[], at: number): number {
  const here = seams[at] as SeamPlace;
  let since = 0;
  let warmth = 0;
  for (const index of [...done].reverse()) {
    const seam = seams[index] as SeamPlace;
    const distance = Math.hypot(...here.middle.map((each, i) => each - (seam.middle[i] as number)));
    warmth += seam.heat * Math.exp(-distance / felt.metres - since / felt.seconds);
    since += seam.time;
  }
  return warmth;
}
