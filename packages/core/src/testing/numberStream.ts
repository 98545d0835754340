/** Numbers from 0 to 1 that are the same at every run (Park and Miller 1988). */
export function numberStream(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 16807) % 2147483647;
    return state / 2147483647;
  };
}

/** One draw of a standard normal variable (Box and Muller 1958). */
export function gaussian(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}
