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
  /** Settings of the knob for which an even line is expected; null where none does. */
  readonly usable: { readonly from: number; readonly to: number } | null;
}

/** Strides that a knob's reach is looked over in for its usable band; a run narrower than one may be overlooked. */
const mostTries = 24;

/**
 * Sensitivity and usable band of a knob; null where the setting has no such knob.
 *
 * @example
 * (knobEffect(sampleJob(), sampleSetting, 'power').depthForTenPercent * 1000).toFixed(2) // => '0.17'
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

/** The run of steps that land, around the current one where it lands, else the first such run; its ends to the step. */
function usableBand(job: WeldJob, setting: WeldSetting, knob: Knob, range: KnobRange<number>) {
  const lands = (step: number) => {
    const at = valueAtStep(range, step);
    if (at <= 0) return false;
    const { expectedReach, aimed } = forecastUnguarded(job, turnKnob(setting, knob, at));
    return expectedReach >= aimed.fullFrom && expectedReach <= aimed.hotFrom;
  };
  const last = stepCount(range);
  const stride = Math.max(1, Math.ceil(last / mostTries));
  const tries = Array.from({ length: Math.floor(last / stride) + 1 }, (_, i) => i * stride);
  const current = stepOf(range, knobValue(setting, knob) ?? range.least, last);
  const inside = lands(current) ? current : tries.find(lands);
  if (inside === undefined) return null;
  return {
    from: valueAtStep(range, endOfRun(inside, -stride, 0, lands)),
    to: valueAtStep(range, endOfRun(inside, stride, last, lands)),
  };
}

function stepOf(range: KnobRange<number>, value: number, last: number): number {
  return Math.min(Math.max(Math.round((value - range.least) / range.step), 0), last);
}

/**
 * The last step that lands on the way from one that does: in strides while they land, then halved to the step between
 * the last that did and the first that did not.
 */
function endOfRun(inside: number, stride: number, end: number, lands: (step: number) => boolean): number {
  const isBeyond = (step: number) => (stride > 0 ? step > end : step < end);
  let good = inside;
  let bad = good + stride;
  while (!isBeyond(bad) && lands(bad)) [good, bad] = [bad, bad + stride];
  if (isBeyond(bad)) {
    if (good === end || lands(end)) return end;
    bad = end;
  }
  while (Math.abs(bad - good) > 1) {
    const middle = Math.trunc((good + bad) / 2);
    if (lands(middle)) good = middle;
    else bad = middle;
  }
  return good;
}
