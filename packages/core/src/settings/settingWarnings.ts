import { sweepsOverOnePlace } from '../beam/index.js';
import { gapBorne, seamOf } from '../joint/index.js';
import { metre, mm, saidLength, saidSpeed } from '../quantity/index.js';
import { handBand, racingWire } from './handBand.js';
import type { WeldForecast } from './forecastWeld.js';
import type { WeldJob } from './WeldJob.js';
import { wettedFace } from './weldPass.js';
import type { WeldSetting } from './WeldSetting.js';

/** Wire that takes more than this share of the heat chills the pool. */
const coldWireShare = 0.25;

/** A straight bead narrower than this is easily laid beside the joint. */
const narrowBead = mm(0.6);

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
    coldToes(job, forecast),
    ownFillet(job, forecast),
    severalPasses(job, forecast),
    racing(job, setting),
    zigzag(job, setting, forecast),
    missedJoint(job, setting, forecast),
    gapWithoutWire(job, setting),
    nothingInHand(job, setting),
    pace(job, forecast),
  ].filter((warning) => warning !== null);
}

function coldWire({ prediction }: WeldForecast): string | null {
  if (prediction.wireShare >= 1) return 'The wire takes all the heat: nothing is left for the sheets.';
  if (prediction.wireShare <= coldWireShare) return null;
  return `The cold wire takes ${Math.round(prediction.wireShare * 100)} % of the heat: thinner wire or less of it.`;
}

function coldToes({ wireDiameter, saidIn }: WeldJob, { pass, prediction }: WeldForecast): string | null {
  const seam = seamOf(pass.joint);
  if (wireDiameter === null || !('leg' in seam) || prediction.width >= wettedFace(seam) - 1e-6) return null;
  return `A bead of ${saidLength(prediction.width, saidIn)} does not wet both legs of this fillet: its toes stay cold. Sweep wider, or ask for a smaller leg.`;
}

function ownFillet({ saidIn }: WeldJob, { pass: { leg } }: WeldForecast): string | null {
  if (leg === null || leg.given >= leg.asked) return null;
  return `Without wire the edges give a leg of about ${saidLength(leg.given, saidIn)}, not ${saidLength(leg.asked, saidIn)}: take wire where it must carry.`;
}

function severalPasses({ saidIn }: WeldJob, { pass: { passes, leg } }: WeldForecast): string | null {
  if (leg === null || passes === 1) return null;
  return `In ${passes} passes: one of this wire gives a leg of ${saidLength(metre(leg.asked / Math.sqrt(passes)), saidIn)}. The figures are for the first, at the root.`;
}

function racing({ saidIn }: WeldJob, { pace: feed }: WeldSetting): string | null {
  if (feed.by === 'hand' || feed.wireSpeed <= racingWire * 1.01) return null;
  return `Wire at ${saidSpeed(feed.wireSpeed, saidIn)} races: thicker wire carries as much at less.`;
}

function zigzag(job: WeldJob, setting: WeldSetting, { travel }: WeldForecast): string | null {
  const sweeps = sweepsOverOnePlace(setting.wobble, travel, job.machine.spot);
  if (sweeps === null || sweeps >= 1) return null;
  return `Sweeps lie apart (${sweeps.toFixed(1)} over one place): the bead will show a zigzag. Raise the wobble rate.`;
}

function missedJoint({ saidIn }: WeldJob, setting: WeldSetting, { prediction }: WeldForecast): string | null {
  if (setting.wobble.shape !== 'none' || prediction.width >= narrowBead) return null;
  return `A bead of ${saidLength(prediction.width, saidIn, 2)} easily misses the joint: add a little wobble.`;
}

function gapWithoutWire(job: WeldJob, setting: WeldSetting): string | null {
  const { gap } = seamOf(job.joint);
  if (setting.pace.by === 'wire' || gap <= gapBorne(job.joint, null).plain) return null;
  return `A gap of ${saidLength(gap, job.saidIn, 2)} without wire leaves the bead hollow: add wire or close it.`;
}

function nothingInHand(job: WeldJob, setting: WeldSetting): string | null {
  if (setting.power < job.machine.power.most) return null;
  return 'The machine is at its most: a tired window or a quick hand leaves it short.';
}

function pace({ saidIn }: WeldJob, { travel }: WeldForecast): string | null {
  if (travel > handBand.fastest + 1e-9)
    return `${saidSpeed(travel, saidIn)} is faster than a hand holds steady.`;
  if (travel < handBand.slowest - 1e-9)
    return `${saidSpeed(travel, saidIn, 1)} is slow: heat builds up ahead of the bead.`;
  return null;
}
