import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';
import { isSameWay } from './triedSettings.js';

/** Pace and sweep this near, as shares of their value, are the way a hole was made. */
const sameWay = 0.05;

/** After a hole no more than this share of its mean power is advised the same way. */
const belowHole = 0.95;

/**
 * Mean power that may be advised at a setting's pace and sweep, W, since this joint was holed the same way; null where
 * it was not. No advice repeats a setting that made a hole.
 *
 * @example
 * hottestAllowed(sampleJob(), sampleSetting) // => null
 */
export function hottestAllowed({ evidence }: WeldJob, setting: WeldSetting): number | null {
  const holed = (evidence?.tried ?? []).filter(
    (tried) => tried.holes > 0 && isSameWay(tried.setting, setting, sameWay),
  );
  if (holed.length === 0) return null;
  return belowHole * Math.min(...holed.map(({ setting: { power, duty } }) => power * duty));
}

/**
 * Whether a setting is one that this joint was holed with, or hotter the same way.
 *
 * @example
 * repeatsHole(sampleJob(), sampleSetting) // => false
 */
export function repeatsHole(job: WeldJob, setting: WeldSetting): boolean {
  const most = hottestAllowed(job, setting);
  return most !== null && setting.power * setting.duty > most + 1e-9;
}
