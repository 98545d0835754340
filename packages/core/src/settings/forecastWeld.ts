import { depthCorrection, type DepthCorrection } from '../evidence/index.js';
import { partWarming } from '../heat/index.js';
import { jointThermal, seamOf } from '../joint/index.js';
import { diffusivity, meltRise, roomTemperature } from '../metal/index.js';
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
import { depthSpread, oddsWithin, outcomeOdds, type OutcomeOdds } from '../odds/index.js';
import {
  joulePerMetre,
  kelvin,
  type JoulePerMetre,
  type Kelvin,
  type MetrePerSecond,
} from '../quantity/index.js';
import { meltInputOf, travelOf } from './meltInputOf.js';
import { wantedWindow, type ReachWindow } from './wantedWindow.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/** What to expect of a setting on a job. */
export interface WeldForecast {
  /** What the model alone says. */
  readonly prediction: MeltPrediction;
  /** Temperature of the sheets before the beam: warmer than the room on a small part. */
  readonly start: Kelvin;
  /** Depth over thickness with what the shop's coupons say; the model's own without coupons. */
  readonly expectedReach: number;
  /** Standard deviation of ln(real depth / expected depth) of the next weld. */
  readonly spread: number;
  readonly limits: ReachLimits;
  /** The outcome at the expected reach. */
  readonly outcome: Outcome;
  readonly odds: OutcomeOdds;
  /** Reach that the aim asks for. */
  readonly window: ReachWindow;
  /** Chance of landing in the window, 0 to 1. */
  readonly chance: number;
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
  const thermal = jointThermal(job.joint);
  const input = meltInputOf(job, setting, travel, thermal);
  const { prediction, start } = withWarming(predict, job, input);
  const { lnRatio, sd } = correctionOf(job, input, prediction);
  const expectedReach = prediction.reach * Math.exp(lnRatio);
  const limits = reachLimits(thermal.thickness, prediction.width, seamOf(job.joint).gap);
  const window = wantedWindow(job.aim, limits);
  return {
    prediction,
    start,
    expectedReach,
    spread: sd,
    limits,
    outcome: readOutcome(expectedReach, limits),
    odds: outcomeOdds(expectedReach, sd, limits),
    window,
    chance: oddsWithin(expectedReach, sd, window.from, window.to),
    travel,
    heat: joulePerMetre((setting.power * setting.duty) / travel),
  };
}

/**
 * The prediction on a part whose free edges throw the heat back: what it absorbs warms the metal before the beam, and
 * the warmer metal is predicted once more. Large parts are predicted once.
 */
function withWarming(
  predict: (input: MeltInput) => MeltPrediction,
  { freeEdge }: WeldJob,
  input: MeltInput,
): { prediction: MeltPrediction; start: Kelvin } {
  const cold = predict(input);
  if (freeEdge === undefined) return { prediction: cold, start: roomTemperature };
  const { metal, thickness, heatDirections, travel, power, duty } = input;
  const rise = partWarming({
    absorbed: cold.absorptivity * power * duty,
    conductivity: metal.conductivity,
    diffusivity: diffusivity(metal),
    travel,
    thickness: (heatDirections * thickness) / 2,
    edgeDistance: freeEdge,
  });
  const warmest = warmestShare * meltRise(metal);
  const start = kelvin(roomTemperature + Math.min(rise, warmest));
  return { prediction: predict({ ...input, start }), start };
}

/** A part that gets warmer than this share of its melting rise is past what one pass's images can say. */
const warmestShare = 0.6;

/** Two welds of one setting differ by this much, whatever is known of the setting: what a cut section scatters by. */
const weldScatter = 0.1;

/**
 * What the shop's coupons say, or the metal table's own spread around the model. The table's spread is the whole of
 * it; what coupons take away from it is doubt about the setting, never the scatter from one weld to the next.
 */
function correctionOf(job: WeldJob, melt: MeltInput, prediction: MeltPrediction): DepthCorrection {
  const { evidence } = job;
  const before = depthSpread(job.metal, melt.thickness, prediction.keyholeShare);
  if (evidence === undefined || evidence.shop.used.length === 0) return { lnRatio: 0, sd: before };
  const { machineId, gas, gunAngle } = evidence;
  const weld = { machineId, melt, gap: seamOf(job.joint).gap, gas, gunAngle };
  const { lnRatio, sd } = depthCorrection(evidence.shop, weld);
  return { lnRatio, sd: Math.max(sd, Math.min(before, Math.hypot(sd, weldScatter))) };
}
