import { requireWithin } from '../fault/index.js';
import { bracketedRoot } from '../numeric/index.js';
import { second, type Joule, type KelvinDifference, type Metre, type Second } from '../quantity/index.js';

/** A seam's heat as its neighbour feels it, in sheet that is warm through. */
export interface NeighbourWaitInput {
  /** Absorbed of the whole seam. */
  readonly heat: Joule;
  /** W/(m K) */
  readonly conductivity: number;
  /** m2/s */
  readonly diffusivity: number;
  /** Of the sheet, m. */
  readonly thickness: Metre;
  /** From the middle of one seam to the middle of the other. */
  readonly distance: Metre;
  /** Rise that is let be. */
  readonly rise: KelvinDifference;
}

/** Longest wait that is looked for, s: nobody waits a day. */
const longest = 86_400;

/**
 * How long until a place stays below a rise that a seam beside it causes: the seam's heat let loose at once at its middle, in an
 * endless sheet that loses none, dT = Q/(4 pi k t s) exp(-r2/(4 a s)). Source: Carslaw and Jaeger 1959, 10.2. A long seam spreads its
 * heat along itself, so this errs to the long side close by.
 *
 * @returns 0 where the rise is never passed
 * @throws RangeFault for a heat, sheet or rise that is not above 0
 * @example
 * neighbourWait({ heat: joule(3000), conductivity: 16, diffusivity: 4e-6, thickness: mm(1.5), distance: mm(20), rise: kelvinDifference(100) }).toFixed(0) // => '69'
 */
export function neighbourWait(input: NeighbourWaitInput): Second {
  const { heat, conductivity, diffusivity, thickness, distance, rise } = input;
  requireWithin(heat, { quantity: 'heat', min: 1e-9, max: 1e9, unit: 'J' });
  requireWithin(thickness, { quantity: 'thickness', min: 1e-6, max: 1, unit: 'm' });
  requireWithin(rise, { quantity: 'rise', min: 1e-3, max: 5000, unit: 'K' });
  const scale = heat / (4 * Math.PI * conductivity * thickness);
  const square = distance ** 2 / (4 * diffusivity);
  const over = (time: number) => (scale / time) * Math.exp(-square / time) - rise;
  // Warmest after r2/(4 a); it only cools from then on.
  const peak = square;
  if (peak > 0 && over(peak) <= 0) return second(0);
  if (over(longest) > 0) return second(longest);
  return second(bracketedRoot(over, Math.max(peak, 1e-6), longest, 1e-3));
}
