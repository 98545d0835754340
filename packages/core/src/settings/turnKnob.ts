import { fraction, hertz, metre, metrePerSecond, watt } from '../quantity/index.js';
import type { KnobRange, MachineLimits } from '../machine/index.js';
import type { WeldSetting } from './WeldSetting.js';

/** The knobs whose turn the model can follow. */
export const knobs = ['power', 'duty', 'wobbleWidth', 'wobbleRate', 'wireSpeed', 'travel'] as const;
export type Knob = (typeof knobs)[number];

/** Pace of the hand that the interface lets a person try, m/s. */
const handPace = { least: metrePerSecond(0.002), most: metrePerSecond(0.03), step: 0.0005 };

/**
 * Where a knob stands, in SI; null where the setting has no such knob (no wobble, no wire, or the wire sets the pace).
 *
 * @example
 * knobValue(sampleSetting, 'wobbleRate') // => 60
 */
export function knobValue(setting: WeldSetting, knob: Knob): number | null {
  const { wobble, pace } = setting;
  switch (knob) {
    case 'power':
      return setting.power;
    case 'duty':
      return setting.duty;
    case 'wobbleWidth':
      return wobble.shape === 'none' ? null : wobble.width;
    case 'wobbleRate':
      return wobble.shape === 'none' ? null : wobble.frequency;
    case 'wireSpeed':
      return pace.by === 'wire' ? pace.wireSpeed : null;
    case 'travel':
      return pace.by === 'hand' ? pace.travel : null;
  }
}

/**
 * The setting with one knob turned to a value; unchanged where it has no such knob.
 *
 * @param value SI
 * @example
 * turnKnob(sampleSetting, 'power', 900).power // => 900
 */
export function turnKnob(setting: WeldSetting, knob: Knob, value: number): WeldSetting {
  const { wobble, pace } = setting;
  switch (knob) {
    case 'power':
      return { ...setting, power: watt(value) };
    case 'duty':
      return { ...setting, duty: fraction(Math.min(1, value)) };
    case 'wobbleWidth':
      return wobble.shape === 'none' ? setting : { ...setting, wobble: { ...wobble, width: metre(value) } };
    case 'wobbleRate':
      return wobble.shape === 'none'
        ? setting
        : { ...setting, wobble: { ...wobble, frequency: hertz(value) } };
    case 'wireSpeed':
      return pace.by === 'wire'
        ? { ...setting, pace: { ...pace, wireSpeed: metrePerSecond(value) } }
        : setting;
    case 'travel':
      return pace.by === 'hand' ? { ...setting, pace: { ...pace, travel: metrePerSecond(value) } } : setting;
  }
}

/**
 * How far a knob can be turned on a machine, in SI; null where the machine has no such knob.
 *
 * @example
 * knobRange(bench, 'power').most // => 1500
 */
export function knobRange(machine: MachineLimits, knob: Knob): KnobRange<number> | null {
  switch (knob) {
    case 'power':
      return machine.power;
    case 'duty':
      return machine.duty ?? null;
    case 'wobbleWidth':
      return machine.wobbleWidth;
    case 'wobbleRate':
      return machine.wobbleRate;
    case 'wireSpeed':
      return machine.wireSpeed;
    case 'travel':
      return handPace;
  }
}
