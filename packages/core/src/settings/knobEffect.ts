import { stepCount, valueAtStep, type KnobRange } from '../machine/index.js';
import { metre, type Metre } from '../quantity/index.js';
import { forecastUnguarded } from './forecastWeld.js';
import { knobRange, knobValue, turnKnob, type Knob } from './turnKnob.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/** What turning one knob does, everything else held. */
export interface KnobEffect {
  /** Change of depth for 10 % more. */
  readonly depthForTenPercent: Metre;
  /** Settings of the knob for which the expected depth lands in the wanted window; null where none does. */
  readonly usable: { readonly from: number; readonly to: number } | null;
}

/** At most this many settings of a knob are tried for its usable band. */
const mostTries = 160;

/**
 * Sensitivity and usable band of a knob; null where the setting has no such knob.
 *
 * @example
 * (knobEffect(sampleJob(), sampleSetting, 'power').depthForTenPercent * 1000).toFixed(2) // => '0.19'
 */
export function knobEffect(job: WeldJob, setting: WeldSetting, knob: Knob): KnobEffect | null {
  const value = knobValue(setting, knob);
  const range = knobRange(job.machine, knob);
  if (value === null || range === null) return null;
  const depthAt = (at: number) => forecastUnguarded(job, turnKnob(setting, knob, at)).prediction.depth;
  // A duty that is full cannot be turned up: what a tenth less takes stands for what a tenth more would give.
  const isFull = knob === 'duty' && value * 1.1 > range.most;
  return {
    depthForTenPercent: metre(
      isFull ? depthAt(value) - depthAt(value * 0.9) : depthAt(value * 1.1) - depthAt(value),
    ),
    usable: usableBand(job, setting, knob, range),
  };
}

/** The run of settings that land, around the current one where it lands, else the first such run. */
function usableBand(job: WeldJob, setting: WeldSetting, knob: Knob, range: KnobRange<number>) {
  const tries = triedValues(range);
  const lands = tries.map((at) => {
    const { expectedReach, window } = forecastUnguarded(job, turnKnob(setting, knob, at));
    return expectedReach >= window.from && expectedReach <= window.to;
  });
  const current = nearestIndex(tries, knobValue(setting, knob) ?? range.least);
  const inside = lands[current] === true ? current : lands.indexOf(true);
  if (inside < 0) return null;
  let first = inside;
  let last = inside;
  while (lands[first - 1] === true) first--;
  while (lands[last + 1] === true) last++;
  return { from: tries[first] as number, to: tries[last] as number };
}

/** The knob's own steps above zero, thinned out evenly where it has very many. */
function triedValues(range: KnobRange<number>): readonly number[] {
  const steps = stepCount(range);
  const stride = Math.max(1, Math.ceil(steps / mostTries));
  const values: number[] = [];
  for (let step = 0; step <= steps; step += stride) values.push(valueAtStep(range, step));
  return values.filter((value) => value > 0);
}

function nearestIndex(values: readonly number[], wanted: number): number {
  let best = 0;
  values.forEach((value, index) => {
    if (Math.abs(value - wanted) < Math.abs((values[best] as number) - wanted)) best = index;
  });
  return best;
}
