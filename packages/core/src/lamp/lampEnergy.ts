import { joule, type Joule } from '../quantity/index.js';
import type { LampPoint, LampSetting } from './LampJob.js';

/** What is thought of a lamp before its points: power of a pulse rises with about the current to the power of 1.8. */
const usualPower = { mean: 1.8, sd: 0.4 } as const;
/** Of one measured energy. */
const pointSd = 0.05;

/** Energy of a pulse by the machine's own table, as ln(power) = a + n ln(current). */
export interface LampEnergy {
  readonly lnAtMiddle: number;
  /** ln of the current that {@link lnAtMiddle} is said for. */
  readonly middle: number;
  readonly exponent: number;
  /** Scatter of the points about the line, at least what a meter has. */
  readonly sd: number;
}

/**
 * The machine's table as a line: power inside a pulse by current, fitted to measured points with a little of what lamps
 * usually do, so that one point is enough to go by and two that lie close do not turn it round. Ridge regression.
 *
 * @param points each above 0 in all it says
 * @returns null where there is no point
 * @example
 * fitLampEnergy([{ current: 200, width: second(0.004), energy: joule(8) }]).exponent // => 1.8
 */
export function fitLampEnergy(points: readonly LampPoint[]): LampEnergy | null {
  if (points.length === 0) return null;
  const x = points.map(({ current }) => Math.log(current));
  const y = points.map(({ energy, width }) => Math.log(energy / width));
  const middle = meanOf(x);
  const lnAtMiddle = meanOf(y);
  const held = (pointSd / usualPower.sd) ** 2;
  const around = x.reduce((sum, each) => sum + (each - middle) ** 2, 0);
  const together = x.reduce((sum, each, i) => sum + (each - middle) * ((y[i] as number) - lnAtMiddle), 0);
  const exponent = (together + held * usualPower.mean) / (around + held);
  const left = x.reduce(
    (sum, each, i) => sum + ((y[i] as number) - lnAtMiddle - exponent * (each - middle)) ** 2,
    0,
  );
  return { lnAtMiddle, middle, exponent, sd: Math.max(pointSd, Math.sqrt(left / points.length)) };
}

/** Energy of one pulse. */
export function pulseEnergy(
  { lnAtMiddle, middle, exponent }: LampEnergy,
  { current, width }: Pick<LampSetting, 'current' | 'width'>,
): Joule {
  return joule(Math.exp(lnAtMiddle + exponent * (Math.log(current) - middle)) * width);
}

function meanOf(values: readonly number[]): number {
  return values.reduce((sum, each) => sum + each, 0) / values.length;
}
