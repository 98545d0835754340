import { snapToKnob, stepCount, valueAtStep } from '../machine/index.js';
import { metrePerSecond, watt, type Metre } from '../quantity/index.js';
import { expectedDepth } from './expectedDepth.js';
import { forecastUnguarded } from './forecastWeld.js';
import { rated, type Candidate } from './solveStrength.js';
import { knobRange, knobs, knobValue, turnKnob } from './turnKnob.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/**
 * The setting on a job's machine that comes nearest to a wanted depth: every knob stays where it stands, as near as this
 * machine can set it, and the power is found in the machine's own steps. Where the machine is too weak its most is
 * taken; whether it is enough says the forecast.
 *
 * @param depth m
 * @example
 * matchDepth(sampleJob(), sampleSetting, metre(0.0015)).setting.power // => 645
 */
export function matchDepth(job: WeldJob, start: WeldSetting, depth: Metre): Candidate {
  const setting = withinReach(job, start);
  const { power } = job.machine;
  const at = (step: number): Candidate => {
    const tried = { ...setting, power: watt(valueAtStep(power, step)) };
    return rated(job, tried);
  };
  const missing = ({ forecast }: Candidate) => Math.log(expectedDepth(forecast) / depth);
  let low = 0;
  let high = stepCount(power);
  // Depth rises with power: the first step that is deep enough, then whether the one before is nearer.
  while (low < high) {
    const middle = (low + high) >> 1;
    if (missing(at(middle)) >= 0) high = middle;
    else low = middle + 1;
  }
  const [deeper, shallower] = [at(low), at(Math.max(0, low - 1))];
  return Math.abs(missing(shallower)) < Math.abs(missing(deeper)) ? shallower : deeper;
}

/** Each knob as near to where it stands as the machine can set it; without a feeder the wire's pace becomes the hand's. */
function withinReach(job: WeldJob, start: WeldSetting): WeldSetting {
  const { machine } = job;
  const onMachine =
    start.pace.by === 'wire' && machine.wireSpeed === null
      ? {
          ...start,
          pace: { by: 'hand' as const, travel: metrePerSecond(forecastUnguarded(job, start).travel) },
        }
      : start;
  return knobs.reduce((setting, knob) => {
    const value = knobValue(setting, knob);
    const range = knobRange(machine, knob);
    if (value === null || range === null || knob === 'power' || knob === 'travel') return setting;
    return turnKnob(setting, knob, snapToKnob(range, value));
  }, onMachine);
}
