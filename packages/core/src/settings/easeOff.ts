import { snapToKnob } from '../machine/index.js';
import { watt, type Metre, type Radian } from '../quantity/index.js';
import { forecastWeld, type WeldForecast } from './forecastWeld.js';
import { lossForAim } from './lossForAim.js';
import type { Candidate } from './solveStrength.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';
import { weldConsequences } from './weldConsequences.js';

/** A setting turned down for colour and warp, with what is won and what it costs. */
export interface EasedOff extends Candidate {
  /** Share of the power that was taken off, 0 to 1. */
  readonly powerLess: number;
  /** Heat given per length after it over before, 0 to 1. */
  readonly heatLeft: number;
  /** Width that is at least straw, before and after, the wider of both faces; null for metals without colours. */
  readonly straw: { readonly before: Metre; readonly after: Metre } | null;
  /** Shrinkage across the seam, before and after. */
  readonly shrinkage: { readonly before: Metre; readonly after: Metre };
  /** Angle the sheets turn up, before and after. */
  readonly turn: { readonly before: Radian; readonly after: Radian };
  /** Depth over thickness that is expected, before and after. */
  readonly reach: { readonly before: number; readonly after: number };
  /** Chance of an even line, before and after. */
  readonly evenChance: { readonly before: number; readonly after: number };
}

/** One ease takes off this share of the power, as hands do it. */
const easeShare = 0.05;

/**
 * Turns a setting down by so many eases of 5 % of its power, in the machine's steps, everything else held: less
 * colour and warp, paid for in reach. At least one step of the knob each; the knob's least is the end.
 *
 * @param eases 1 or more
 * @throws RangeFault as {@link forecastWeld}
 * @example
 * easeOff(sampleJob(), sampleSetting, 1).setting.power // => 690
 */
export function easeOff(job: WeldJob, setting: WeldSetting, eases: number): EasedOff {
  const { power: range } = job.machine;
  const wanted = Math.min(setting.power * (1 - easeShare * eases), setting.power - eases * range.step);
  const eased = { ...setting, power: snapToKnob(range, watt(Math.max(wanted, range.least))) };
  const before = picture(job, setting);
  const after = picture(job, eased);
  return {
    setting: eased,
    forecast: after.forecast,
    loss: lossForAim(job, eased, after.forecast),
    powerLess: 1 - eased.power / setting.power,
    heatLeft: after.forecast.heat / before.forecast.heat,
    straw:
      before.straw === null || after.straw === null ? null : { before: before.straw, after: after.straw },
    shrinkage: { before: before.shrinkage, after: after.shrinkage },
    turn: { before: before.turn, after: after.turn },
    reach: { before: before.forecast.expectedReach, after: after.forecast.expectedReach },
    evenChance: { before: before.forecast.evenChance, after: after.forecast.evenChance },
  };
}

interface Picture {
  readonly forecast: WeldForecast;
  readonly straw: Metre | null;
  readonly shrinkage: Metre;
  readonly turn: Radian;
}

function picture(job: WeldJob, setting: WeldSetting): Picture {
  const forecast = forecastWeld(job, setting);
  const { tint, distortion } = weldConsequences(job, setting, forecast);
  const straw = tint === null ? null : (Math.max(tint.front.straw, tint.back.straw) as Metre);
  return { forecast, straw, shrinkage: distortion.transverseShrinkage, turn: distortion.angle };
}
