import { knobRange, knobs, knobValue } from './turnKnob.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/**
 * Whether a setting can be dialled on a job's machine with the job's own wire: every knob within its range, the wobble
 * one the machine has. A pace of the hand is the hand's, whatever the panel.
 *
 * @example
 * isOnMachine(sampleJob(), sampleSetting) // => true
 */
export function isOnMachine({ machine, wireDiameter }: WeldJob, setting: WeldSetting): boolean {
  const { wobble, pace } = setting;
  if (wobble.shape !== 'none' && !machine.wobbleShapes.includes(wobble.shape)) return false;
  if ((pace.by === 'wire' ? pace.diameter : null) !== wireDiameter) return false;
  return knobs.every((knob) => {
    const value = knobValue(setting, knob);
    if (value === null || knob === 'travel') return true;
    const range = knobRange(machine, knob);
    if (range === null) return knob === 'duty' && value === 1;
    return value >= range.least - 1e-9 && value <= range.most + 1e-9;
  });
}
