/** More halvings than the digits of a number hold. */
const mostSteps = 200;

/**
 * The root of a function that changes sign once between two ends, by halving: slow, sure, and for one root at a time.
 *
 * @param f continuous, below 0 at `low` and above 0 at `high` or the other way round
 * @param tolerance width of the bracket at which the search ends
 * @returns the middle of the last bracket; the nearer end where the sign does not change
 * @example
 * bracketedRoot((x) => x * x - 2, 0, 2, 1e-12).toFixed(9) // => '1.414213562'
 */
export function bracketedRoot(
  f: (x: number) => number,
  low: number,
  high: number,
  tolerance: number,
): number {
  const atLow = f(low);
  const atHigh = f(high);
  if (Math.sign(atLow) === Math.sign(atHigh)) return Math.abs(atLow) < Math.abs(atHigh) ? low : high;
  let [from, to] = [low, high];
  for (let step = 0; step < mostSteps && to - from > tolerance; step++) {
    const middle = (from + to) / 2;
    if (Math.sign(f(middle)) === Math.sign(atLow)) from = middle;
    else to = middle;
  }
  return (from + to) / 2;
}
