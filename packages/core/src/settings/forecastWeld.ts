import { depthBelief } from '../evidence/index.js';
import { farFace, jointThermal, seamOf } from '../joint/index.js';
import {
  meltKernel,
  predictMelt,
  readOutcome,
  reachLimits,
  type MeltInput,
  type MeltPrediction,
  type Outcome,
  type ReachLimits,
} from '../melt/index.js';
import {
  beliefMoments,
  beliefOdds,
  beliefOfSpread,
  depthSpread,
  type DepthBelief,
  type OutcomeOdds,
} from '../odds/index.js';
import {
  joulePerMetre,
  type JoulePerMetre,
  type Kelvin,
  type Metre,
  type MetrePerSecond,
} from '../quantity/index.js';
import { aimedLimits } from './aimedLimits.js';
import { expectedLoss, lossesOf } from './aimLosses.js';
import { jointMissed } from './jointMissed.js';
import { meltInputOf, plainBead, travelOf } from './meltInputOf.js';
import { predictWarmed } from './predictWarmed.js';
import { weldPass, type WeldPass } from './weldPass.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/** What to expect of a setting on a job. */
export interface WeldForecast {
  /** What the model alone says. */
  readonly prediction: MeltPrediction;
  /** The pass that is welded: its leg, and how many of it. */
  readonly pass: WeldPass;
  /** Temperature of the sheets before the beam: warmer than the room on a small part. */
  readonly start: Kelvin;
  /** Depth over thickness with what the shop's coupons say; the model's own without coupons. */
  readonly expectedReach: number;
  /** What is believed of the next weld's depth against the model's. */
  readonly belief: DepthBelief;
  /** Standard deviation of ln(real depth / expected depth) of the next weld. */
  readonly spread: number;
  /** Where outcomes part for the sheet, whatever is asked. */
  readonly limits: ReachLimits;
  /** Where they part for what is asked. */
  readonly aimed: ReachLimits;
  /** The outcome at the expected reach, as asked. */
  readonly outcome: Outcome;
  /** Odds of the outcomes as asked; a bead that misses the joint counts as cold. */
  readonly odds: OutcomeOdds;
  /** Odds of what one run does to the sheet, whatever is asked. */
  readonly sheetOdds: OutcomeOdds;
  /** Chance of an even line: what was asked, and not too much; 0 to 1. */
  readonly evenChance: number;
  /** Chance of doing what was asked without a hole, heavy ones among them; 0 to 1. */
  readonly soundChance: number;
  /** What the weld is expected to cost by the aim's losses; 1 is a coupon for the bin. */
  readonly loss: number;
  /** Travel of the gun: the hand's, or what the wire asks for. */
  readonly travel: MetrePerSecond;
  /** Light given per length of seam, before absorption. */
  readonly heat: JoulePerMetre;
}

/**
 * Depth, odds, pace and heat of a setting on a job.
 *
 * @param realTravel as the gun really went; by default the setting's own pace. With wire, a hand that hurries past the
 *   wire or holds it back still feeds it
 * @throws RangeFault for a joint, a wobble, a power or a pace outside what can be computed
 * @example
 * forecastWeld(sampleJob(), sampleSetting).outcome // => 'full'
 */
export function forecastWeld(
  job: WeldJob,
  setting: WeldSetting,
  realTravel: MetrePerSecond = travelOf(job, setting),
): WeldForecast {
  return forecastWith(predictMelt, job, setting, realTravel);
}

/** {@link forecastWeld} without the guards of the melt model, for searches that make their own settings. */
export function forecastUnguarded(
  job: WeldJob,
  setting: WeldSetting,
  realTravel: MetrePerSecond = travelOf(job, setting),
): WeldForecast {
  return forecastWith(meltKernel, job, setting, realTravel);
}

function forecastWith(
  predict: (input: MeltInput) => MeltPrediction,
  job: WeldJob,
  setting: WeldSetting,
  travel: MetrePerSecond,
): WeldForecast {
  const pass = weldPass(job);
  const thermal = jointThermal(pass.joint);
  const input = meltInputOf(job, setting, travel, pass, thermal);
  const { prediction, start } = predictWarmed(predict, job, input);
  const belief = beliefOf(job, input, prediction);
  const { lnRatio, sd } = beliefMoments(belief);
  const expectedReach = prediction.reach * Math.exp(lnRatio);
  const limits = sheetLimits(pass, thermal.thickness, prediction);
  const aimed = aimedLimits(job, limits);
  const sheetOdds = beliefOdds(prediction.reach, belief, limits, 1);
  const depthOdds = aimed === limits ? sheetOdds : beliefOdds(prediction.reach, belief, aimed, job.runs ?? 1);
  const odds = missedAsCold(depthOdds, jointMissed(plainBead(job, setting)));
  return {
    prediction,
    pass,
    start,
    expectedReach,
    belief,
    spread: sd,
    limits,
    aimed,
    outcome: readOutcome(expectedReach, aimed),
    odds,
    sheetOdds,
    evenChance: odds.full,
    soundChance: odds.full + odds.hot,
    loss: expectedLoss(odds, lossesOf(job.aim, job.losses)),
    travel,
    heat: joulePerMetre((setting.power * setting.duty) / travel),
  };
}

/** A bead beside the joint holds as much as a cold one. */
function missedAsCold(odds: OutcomeOdds, missed: number): OutcomeOdds {
  const hit = 1 - missed;
  const { cold, part, full, hot, hole } = odds;
  return { cold: hit * cold + missed, part: hit * part, full: hit * full, hot: hit * hot, hole: hit * hole };
}

/** Of the way from through to a hole, this much is still even: as for a sheet that bears its bead. */
const evenOfTheWay = 0.35 / 0.6;

/**
 * Where outcomes part for a pass. Behind a lap, a fillet or a plug lies the other sheet: a hole is only where the melt
 * comes out on its far side, and too hot is as far on the way there as it is for a sheet.
 */
function sheetLimits({ joint }: WeldPass, thickness: Metre, prediction: MeltPrediction): ReachLimits {
  const limits = reachLimits(thickness, prediction.width, seamOf(joint).gap);
  const far = farFace(joint);
  if (far.isOpen || far.distance === null) return limits;
  const holeFrom = Math.max(limits.holeFrom, far.distance / thickness);
  const hotFrom = Math.max(limits.hotFrom, limits.fullFrom + evenOfTheWay * (holeFrom - limits.fullFrom));
  return { ...limits, hotFrom, holeFrom };
}

/** What the shop's coupons say, or the metal table's own spread around the model. */
function beliefOf(job: WeldJob, melt: MeltInput, prediction: MeltPrediction): DepthBelief {
  const { evidence } = job;
  if (evidence === undefined || evidence.shop.used.length === 0) {
    return beliefOfSpread(depthSpread(job.metal, melt.thickness, prediction.keyholeShare));
  }
  const { machineId, workshopId, gas, gunAngle } = evidence;
  const where = { machineId, ...(workshopId === undefined ? {} : { workshopId }) };
  return depthBelief(evidence.shop, { ...where, melt, gap: seamOf(job.joint).gap, gas, gunAngle });
}
