import { stepCount, valueAtStep, type KnobRange } from '../machine/index.js';
import { fraction, watt } from '../quantity/index.js';
import { aimedReach } from './aimedReach.js';
import { forecastUnguarded, type WeldForecast } from './forecastWeld.js';
import { hottestAllowed } from './holedSettings.js';
import { lossForAim } from './lossForAim.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/** A setting with what to expect of it. */
export interface Candidate {
  readonly setting: WeldSetting;
  readonly forecast: WeldForecast;
  /** What the aim expects it to cost: the forecast's own loss, or its mean over an unsteady hand. */
  readonly loss: number;
}

/**
 * The power, in the machine's own steps, that the aim expects to cost least with everything else held.
 *
 * @example
 * solvePower(sampleJob(), sampleSetting).setting.power // => 720
 */
export function solvePower(job: WeldJob, rest: Omit<WeldSetting, 'power'>): Candidate {
  return solveSteps(job, job.machine.power, (power) => ({ ...rest, power: watt(power) }));
}

/**
 * The duty, in the machine's own steps, that the aim expects to cost least, with the power held.
 *
 * @example
 * solveDuty(sampleJob(), { least: 0.3, most: 1, step: 0.05 }, { ...sampleSetting, power: watt(1500) }).setting.duty.toFixed(2) // => '0.45'
 */
export function solveDuty(job: WeldJob, duty: KnobRange<number>, rest: Omit<WeldSetting, 'duty'>): Candidate {
  return solveSteps(job, duty, (value) => ({ ...rest, duty: fraction(value) }));
}

/** A setting rated as its job's aim rates it. */
export function rated(job: WeldJob, setting: WeldSetting): Candidate {
  const forecast = forecastUnguarded(job, setting);
  return { setting, forecast, loss: lossForAim(job, setting, forecast) };
}

/**
 * Depth rises along the knob: the step that first reaches the depth of least loss is found by halving, then the
 * losses on either side are followed downhill, since belief and limits move a little with the knob. Where no step
 * is better than another, since none does anything, it stays at the most. A setting that made a hole is not reached
 * again.
 */
function solveSteps(
  job: WeldJob,
  range: KnobRange<number>,
  settingAt: (value: number) => WeldSetting,
): Candidate {
  const at = (step: number) => settingAt(valueAtStep(range, step));
  const last = lastAllowed(job, stepCount(range), at);
  const middle = forecastUnguarded(job, at(last >> 1));
  const { reach: target } = aimedReach(job, middle);
  const crossing = firstStepPast(last, (step) => forecastUnguarded(job, at(step)).prediction.reach >= target);
  let best = rated(job, at(crossing));
  for (const way of [-1, 1]) {
    for (let step = crossing + way; step >= 0 && step <= last; step += way) {
      const next = rated(job, at(step));
      if (next.loss > best.loss - leastGain) break;
      best = next;
    }
  }
  return best;
}

/** What differs by less differs by rounding. */
const leastGain = 1e-12;

function lastAllowed(job: WeldJob, last: number, at: (step: number) => WeldSetting): number {
  const most = hottestAllowed(job, at(last));
  if (most === null) return last;
  let allowed = last;
  while (allowed > 0 && at(allowed).power * at(allowed).duty > most) allowed--;
  return allowed;
}

/** Lowest step from 0 to last for which `isPast` holds, or last; `isPast` must not fall back once true. */
function firstStepPast(last: number, isPast: (step: number) => boolean): number {
  let low = 0;
  let high = last;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (isPast(middle)) high = middle;
    else low = middle + 1;
  }
  return low;
}
