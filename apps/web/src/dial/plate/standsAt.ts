import { knobs, type WeldSetting } from '@lone-heron/core';
import { allKnobs } from '../allKnobs.js';
import type { HandTurns } from '../dialAddress.js';

/** Digits of a knob in SI beyond which two numbers are one. */
const digits = 6;

/** Whether numbers are those of a setting. */
export function standsAt(setting: WeldSetting, numbers: HandTurns): boolean {
  const own = allKnobs(setting);
  return knobs.every((knob) => own[knob]?.toPrecision(digits) === numbers[knob]?.toPrecision(digits));
}
