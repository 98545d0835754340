import { metrePerSecond } from '../quantity/index.js';
import { travelOf } from './meltInputOf.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/** The setting with the gun so many times as fast; with wire, as when the hand hurries past it or holds it back. */
export function scaledTravel(job: WeldJob, setting: WeldSetting, by: number): WeldSetting {
  return { ...setting, pace: { by: 'hand', travel: metrePerSecond(travelOf(job, setting) * by) } };
}
