import { fraction } from '../quantity/index.js';
import type { CleanJob, CleanSetting } from './CleanJob.js';
import { cleaningPass } from './cleaningPass.js';

/** {@link cleaningPass} of a job under a setting. */
export function cleaningOf({ metal, thickness, head }: CleanJob, setting: CleanSetting) {
  const { power, duty, width, rate, passes, travel } = setting;
  return cleaningPass({
    ...{ power, duty, sweepWidth: width, sweeps: rate, spot: head.spot, travel, thickness, passes },
    absorptivity: fraction(metal.surfaceAbsorptivity),
    density: metal.density,
    heatCapacity: metal.heatCapacity,
  });
}
