import { besselK0Scaled } from '../numeric/index.js';
import { kelvinDifference, type KelvinDifference } from '../quantity/index.js';

/** A seam in a part whose free edges throw the heat back, all SI. */
export interface PartWarmingInput {
  /** Absorbed power, W. */
  readonly absorbed: number;
  /** W/(m K) */
  readonly conductivity: number;
  /** m2/s */
  readonly diffusivity: number;
  /** m/s */
  readonly travel: number;
  /** m */
  readonly thickness: number;
  /** Distance from the seam to the free edge on either side, m, above 0. */
  readonly edgeDistance: number;
}

/** Further mirror images add less than this share of the sum. */
const negligible = 1e-6;
const mostImages = 10_000;

/**
 * How much warmer the metal before the beam is because the part ends beside the seam: the mirror images of a line
 * source, A P/(pi k t) sum over n of K0(n v W/alpha). Small parts of good conductors run hot.
 * Source: Rosenthal 1946, with images of the source at 2 n W.
 *
 * @example
 * partWarming({ absorbed: 600, conductivity: 140, diffusivity: 5.27e-5, travel: 0.008, thickness: mm(2), edgeDistance: mm(20) }).toFixed(1) // => '23.5'
 */
export function partWarming(input: PartWarmingInput): KelvinDifference {
  const { absorbed, conductivity, diffusivity, travel, thickness, edgeDistance } = input;
  const perImage = (travel * edgeDistance) / diffusivity;
  let sum = 0;
  for (let image = 1; image <= mostImages; image++) {
    const z = image * perImage;
    const term = Math.exp(-z) * besselK0Scaled(z);
    sum += term;
    if (term < negligible * sum) break;
  }
  return kelvinDifference((absorbed / (Math.PI * conductivity * thickness)) * sum);
}
