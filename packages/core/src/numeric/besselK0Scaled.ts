import bessel from 'bessel';

/** From here on e^z and K0 leave the range of numbers, and the asymptotic series has more digits than are asked for. */
const asymptoticFrom = 500;

/**
 * e^z K0(z), the modified Bessel function of the second kind without its exponential decay, so that it can be
 * multiplied by another exponential before either over- or underflows.
 *
 * @param z above 0
 * @returns to about 2e-7 relative; falls as sqrt(pi/(2 z))
 * @example
 * besselK0Scaled(1).toFixed(5) // => '1.14446'
 */
export function besselK0Scaled(z: number): number {
  if (z < asymptoticFrom) return Math.exp(z) * bessel.besselk(z, 0);
  return Math.sqrt(Math.PI / (2 * z)) * (1 - 1 / (8 * z) + 9 / (128 * z * z));
}
