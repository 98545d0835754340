import { stepCount, valueAtStep } from '../machine/index.js';
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
 * Depth rises with power, so the step where the reach crosses the middle of the window is found by halving, and its
 * neighbours are compared; equal chances go to the lower power.
 */
export function solvePower(job: WeldJob, rest: Omit<WeldSetting, 'power'>): Candidate {
  const { power } = job.machine;
  const at = (step: number): Candidate => {
    const setting: WeldSetting = { ...rest, power: valueAtStep(power, step) };
    return { setting, forecast: forecastUnguarded(job, setting) };
  };
  const last = stepCount(power);
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
function reachesMiddle({ prediction, window }: WeldForecast): boolean {
  return prediction.reach * prediction.reach >= window.from * window.to;
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
