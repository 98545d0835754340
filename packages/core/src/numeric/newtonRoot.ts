/** More steps than a smooth function needs, halvings included. */
const mostSteps = 200;

/**
 * The root of a smooth function that changes sign once between two ends: Newton's step where it stays between them and
 * brings the root nearer, else a halving. For functions that are dear to work out.
 *
 * @param f the value and the slope at x; the value below 0 at `low` and above 0 at `high` or the other way round
 * @param tolerance last step at which the search ends
 * @returns the root; the nearer end where the sign does not change
 * @source Press et al. 2007, Numerical Recipes, section 9.4 (the method)
 * @example
 * newtonRoot((x) => [x * x - 2, 2 * x], 0, 2, 1e-12).toFixed(9) // => '1.414213562'
 */
export function newtonRoot(
  f: (x: number) => readonly [value: number, slope: number],
  low: number,
  high: number,
  tolerance: number,
): number {
  const [atLow] = f(low);
  const [atHigh] = f(high);
  if (Math.sign(atLow) === Math.sign(atHigh)) return Math.abs(atLow) < Math.abs(atHigh) ? low : high;
  let [from, to] = [low, high];
  let at = (low + high) / 2;
  for (let step = 0; step < mostSteps; step++) {
    const [value, slope] = f(at);
    if (value === 0) return at;
    if (Math.sign(value) === Math.sign(atLow)) from = at;
    else to = at;
    const newton = at - value / slope;
    const next = newton > from && newton < to ? newton : (from + to) / 2;
    if (Math.abs(next - at) <= tolerance) return next;
    at = next;
  }
  return at;
}
