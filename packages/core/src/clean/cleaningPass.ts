import { requireWithin } from '../fault/index.js';
import {
  kelvinDifference,
  metrePerSecond,
  type Fraction,
  type Hertz,
  type KelvinDifference,
  type Metre,
  type MetrePerSecond,
  type Watt,
} from '../quantity/index.js';

/** Light swept to and fro over a face while the hand goes along it. */
interface CleaningPass {
  /** While it is on. */
  readonly power: Watt;
  readonly duty: Fraction;
  /** Peak to peak. */
  readonly sweepWidth: Metre;
  /** Full cycles a second. */
  readonly sweeps: Hertz;
  readonly spot: Metre;
  readonly travel: MetrePerSecond;
  /** Of the bare metal under the coat. */
  readonly absorptivity: Fraction;
  readonly thickness: Metre;
  /** kg/m3 */
  readonly density: number;
  /** J/(kg K) */
  readonly heatCapacity: number;
  /** Whole number, 1 or more. */
  readonly passes: number;
}

/** What a pass of cleaning does to a face. */
interface CleaningFigures {
  /** Mean speed of the spot along its line. */
  readonly beam: MetrePerSecond;
  /** J/m2 */
  readonly fluence: number;
  /** Sweeps that go over one place in one pass; below 1 rows are left between them. */
  readonly rowsOverOnePlace: number;
  /** After all passes, m2/s. */
  readonly areaRate: number;
  /** Of a sheet that takes all passes at once and loses nothing, along the middle of a long strip. */
  readonly sheetRise: KelvinDifference;
}

/**
 * Arithmetic of cleaning with a straight sweep: mean speed of the spot 2 f w, fluence mean power over (speed x spot), rows 2 f d/v, area
 * w v over the passes, and the rise of a sheet that keeps it all.
 *
 * @throws RangeFault for a figure that is not above 0
 */
export function cleaningPass(pass: CleaningPass): CleaningFigures {
  for (const quantity of Object.keys(pass) as (keyof CleaningPass)[])
    requireWithin(pass[quantity], { quantity, min: 1e-9, max: 1e9, unit: '' });
  const { power, duty, sweepWidth, sweeps, spot, travel, passes } = pass;
  const mean = power * duty;
  const beam = 2 * sweeps * sweepWidth;
  const swept = sweepWidth * travel;
  const warmed = pass.density * pass.heatCapacity * pass.thickness * swept;
  return {
    beam: metrePerSecond(beam),
    fluence: mean / (beam * spot),
    rowsOverOnePlace: (2 * sweeps * spot) / travel,
    areaRate: swept / passes,
    sheetRise: kelvinDifference((pass.absorptivity * mean * passes) / warmed),
  };
}
