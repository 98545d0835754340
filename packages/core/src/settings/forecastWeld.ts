import { buttThermal } from '../joint/index.js';
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
  metre,
  type JoulePerMetre,
  type Metre,
  type MetrePerSecond,
} from '../quantity/index.js';
import { buttFill, travelFromWire } from '../wire/index.js';
import { wantedWindow, type ReachWindow } from './wantedWindow.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/** What to expect of a setting on a job. */
export interface WeldForecast {
  readonly prediction: MeltPrediction;
  /** Standard deviation of ln(real depth / model depth). */
  readonly spread: number;
  readonly limits: ReachLimits;
  /** The outcome at the model's own depth. */
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
 * @throws RangeFault for a joint, a wobble, a power or a pace outside what can be computed
 */
export function forecastWeld(job: WeldJob, setting: WeldSetting): WeldForecast {
  return forecastWith(predictMelt, job, setting);
}

/** {@link forecastWeld} without the guards of the melt model, for searches that make their own settings. */
export function forecastUnguarded(job: WeldJob, setting: WeldSetting): WeldForecast {
  return forecastWith(meltKernel, job, setting);
}

function forecastWith(
  predict: (input: MeltInput) => MeltPrediction,
  job: WeldJob,
  setting: WeldSetting,
): WeldForecast {
  const thermal = buttThermal(job.joint);
  const travel = travelOf(job, setting);
  const prediction = predict({
    metal: job.metal,
    thickness: thermal.thickness,
    heatDirections: thermal.heatDirections,
    power: setting.power,
    duty: setting.duty,
    travel,
    spot: job.machine.spot,
    wobble: setting.wobble,
    wire:
      setting.pace.by === 'wire' ? { diameter: setting.pace.diameter, speed: setting.pace.wireSpeed } : null,
  });
  const spread = depthSpread(job.metal, thermal.thickness, prediction.keyholeShare);
  const limits = reachLimits(thermal.thickness, prediction.width, job.joint.gap);
  const window = wantedWindow(job.aim, limits);
  return {
    prediction,
    spread,
    limits,
    outcome: readOutcome(prediction.reach, limits),
    odds: outcomeOdds(prediction.reach, spread, limits),
    window,
    chance: oddsWithin(prediction.reach, spread, window.from, window.to),
    travel,
    heat: joulePerMetre((setting.power * setting.duty) / travel),
  };
}

/** Bead width that a wobble lays down before any spreading, as the melt model counts it: w + 1.2 d. */
export function plainBead(job: WeldJob, setting: Pick<WeldSetting, 'wobble'>): Metre {
  const sweep = setting.wobble.shape === 'none' ? 0 : setting.wobble.width;
  return metre(sweep + 1.2 * job.machine.spot);
}

function travelOf(job: WeldJob, setting: WeldSetting): MetrePerSecond {
  const { pace } = setting;
  if (pace.by === 'hand') return pace.travel;
  return travelFromWire(pace.diameter, pace.wireSpeed, buttFill(job.joint, plainBead(job, setting)));
}
