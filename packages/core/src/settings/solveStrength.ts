import { stepCount, valueAtStep, type KnobRange } from '../machine/index.js';
import { fraction, watt } from '../quantity/index.js';
import { forecastUnguarded, type WeldForecast } from './forecastWeld.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/** A setting with what to expect of it. */
export interface Candidate {
  readonly setting: WeldSetting;
  readonly forecast: WeldForecast;
}

/** Steps either side of the crossing that are tried: the window moves a little with the bead's width. */
const neighbours = 3;

/**
 * The power, in the machine's own steps, most likely to land in the wanted window with everything else held.
 *
 * @example
 * solvePower(sampleJob(), sampleSetting).setting.power // => 795
 */
export function solvePower(job: WeldJob, rest: Omit<WeldSetting, 'power'>): Candidate {
  return solveSteps(job, job.machine.power, (power) => ({ ...rest, power: watt(power) }));
}

/**
 * The duty, in the machine's own steps, most likely to land, with the power held.
 *
 * @example
 * solveDuty(sampleJob(), { least: 0.3, most: 1, step: 0.05 }, { ...sampleSetting, power: watt(1500) }).setting.duty.toFixed(2) // => '0.50'
 */
export function solveDuty(job: WeldJob, duty: KnobRange<number>, rest: Omit<WeldSetting, 'duty'>): Candidate {
  return solveSteps(job, duty, (value) => ({ ...rest, duty: fraction(value) }));
}

/**
 * Depth rises along the knob, so the step where the reach crosses the middle of the window is found by halving, and
 * its neighbours are compared; equal chances go to the lower step.
 */
function solveSteps(
  job: WeldJob,
  range: KnobRange<number>,
  settingAt: (value: number) => WeldSetting,
): Candidate {
  const at = (step: number): Candidate => {
    const setting = settingAt(valueAtStep(range, step));
    return { setting, forecast: forecastUnguarded(job, setting) };
  };
  const last = stepCount(range);
  const crossing = firstStepPast(last, (step) => reachesMiddle(at(step).forecast));
  let best = at(Math.max(crossing - neighbours, 0));
  for (let step = crossing - neighbours + 1; step <= crossing + neighbours; step++) {
    if (step < 1 || step > last) continue;
    const candidate = at(step);
    if (candidate.forecast.chance > best.forecast.chance) best = candidate;
  }
  return best;
}

/** The chance is greatest where the reach is the geometric middle of the window. */
function reachesMiddle({ expectedReach, window }: WeldForecast): boolean {
  return expectedReach * expectedReach >= window.from * window.to;
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
