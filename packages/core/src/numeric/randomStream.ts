/** Numbers from 0 to 1 that are the same each time. */
export type RandomStream = () => number;

/**
 * A small seeded generator (mulberry32): a sample world, or a simulated machine, must be the same on every computer.
 *
 * @param seed any 32-bit whole number
 */
export function randomStream(seed: number): RandomStream {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** One draw of a standard normal variable (Box and Muller 1958). */
export function normalDraw(random: RandomStream): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}
