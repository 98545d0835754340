/** Rounds of the mean that are ever needed: each doubles the digits that are right. */
const mostRounds = 12;
/** A difference below this share of the mean changes it no more. */
const lastDigit = Number.EPSILON;

/**
 * Complete elliptic integral of the second kind E(m), by the arithmetic-geometric mean (Abramowitz and Stegun 17.6):
 * E = pi/(2 a) (1 - sum of 2^(n-1) c_n^2). To a few units in the last place. Half a page here instead of the library
 * that the tests hold it against, which weighs more than the rest of the beam's path on the first screen.
 *
 * @param m 0 to 1
 * @example
 * ellipticE(0.5).toFixed(9) // => '1.350643881'
 */
export function ellipticE(m: number): number {
  if (m >= 1) return 1;
  let a = 1;
  let b = Math.sqrt(1 - m);
  let sum = m / 2;
  let weight = 0.5;
  for (let round = 0; round < mostRounds && a - b > lastDigit * a; round++) {
    const c = (a - b) / 2;
    const mean = (a + b) / 2;
    b = Math.sqrt(a * b);
    a = mean;
    weight *= 2;
    sum += weight * c * c;
  }
  return (Math.PI / (a + b)) * (1 - sum);
}
