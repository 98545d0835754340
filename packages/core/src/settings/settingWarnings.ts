import { sweepsOverOnePlace } from '../beam/index.js';
import { gapBorne, seamOf } from '../joint/index.js';
import { inMm, inMmPerSecond, mm } from '../quantity/index.js';
import type { WeldForecast } from './forecastWeld.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/** Wire that takes more than this share of the heat chills the pool. */
const coldWireShare = 0.25;

/** A straight bead narrower than this is easily laid beside the joint. */
const narrowBead = mm(0.6);

/** Travel that a steady hand can hold, mm/s. */
const handBand = { slowest: 5, fastest: 20 };

/**
 * What a welder should know of a setting before striking the light, most pressing first; empty when there is nothing.
 *
 * @example
 * settingWarnings(sampleJob(), sampleSetting, forecastWeld(sampleJob(), sampleSetting)) // => []
 */
export function settingWarnings(
  job: WeldJob,
  setting: WeldSetting,
  forecast: WeldForecast,
): readonly string[] {
  return [
    coldWire(forecast),
    zigzag(job, setting, forecast),
    missedJoint(setting, forecast),
    gapWithoutWire(job, setting),
    nothingInHand(job, setting),
    pace(forecast),
  ].filter((warning) => warning !== null);
}

function coldWire({ prediction }: WeldForecast): string | null {
  if (prediction.wireShare >= 1) return 'The wire takes all the heat: nothing is left for the sheets.';
  if (prediction.wireShare <= coldWireShare) return null;
  return `The cold wire takes ${Math.round(prediction.wireShare * 100)} % of the heat: thinner wire or less of it.`;
}

function zigzag(job: WeldJob, setting: WeldSetting, { travel }: WeldForecast): string | null {
  const sweeps = sweepsOverOnePlace(setting.wobble, travel, job.machine.spot);
  if (sweeps === null || sweeps >= 1) return null;
  return `Sweeps lie apart (${sweeps.toFixed(1)} over one place): the bead will show a zigzag. Raise the wobble rate.`;
}

function missedJoint(setting: WeldSetting, { prediction }: WeldForecast): string | null {
  if (setting.wobble.shape !== 'none' || prediction.width >= narrowBead) return null;
  return `A bead of ${inMm(prediction.width).toFixed(2)} mm easily misses the joint: add a little wobble.`;
}

function gapWithoutWire(job: WeldJob, setting: WeldSetting): string | null {
  const { gap } = seamOf(job.joint);
  if (setting.pace.by === 'wire' || gap <= gapBorne(job.joint, null).plain) return null;
  return `A gap of ${inMm(gap).toFixed(2)} mm without wire leaves the bead hollow: add wire or close it.`;
}

function nothingInHand(job: WeldJob, setting: WeldSetting): string | null {
  if (setting.power < job.machine.power.most) return null;
  return 'The machine is at its most: a tired window or a quick hand leaves it short.';
}

function pace({ travel }: WeldForecast): string | null {
  const speed = inMmPerSecond(travel);
  if (speed > handBand.fastest) return `${speed.toFixed(0)} mm/s is faster than a hand holds steady.`;
  if (speed < handBand.slowest - 1e-9)
    return `${speed.toFixed(1)} mm/s is slow: heat builds up ahead of the bead.`;
  return null;
}
