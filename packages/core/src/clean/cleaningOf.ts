import { fraction, metrePerSecond } from '../quantity/index.js';
import type { CleanJob, CleanSetting, SweepShape } from './CleanJob.js';
import { cleaningPass } from './cleaningPass.js';

/**
 * {@link cleaningPass} of a job under a setting. Round in a circle the spot goes pi/2 as far in a cycle as to and fro, and so
 * much quicker; it crosses a place as often.
 */
export function cleaningOf({ metal, thickness, head }: CleanJob, setting: CleanSetting) {
  const { power, duty, width, rate, passes, travel, shape } = setting;
  const straight = cleaningPass({
    ...{ power, duty, sweepWidth: width, sweeps: rate, spot: head.spot, travel, thickness, passes },
    absorptivity: fraction(metal.surfaceAbsorptivity),
    density: metal.density,
    heatCapacity: metal.heatCapacity,
  });
  const longer = pathOver[shape];
  return {
    ...straight,
    beam: metrePerSecond(straight.beam * longer),
    fluence: straight.fluence / longer,
  };
}

/** Path of the spot in a cycle over that of a straight sweep of the same width. */
export const pathOver: Readonly<Record<SweepShape, number>> = { line: 1, circle: Math.PI / 2 };
