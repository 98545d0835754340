import { knobs, knobValue, type WeldSetting } from '@lone-heron/core';
import type { HandTurns } from './dialAddress.js';

/** Every knob of a setting where it stands. */
export function allKnobs(setting: WeldSetting): HandTurns {
  return Object.fromEntries(
    knobs.flatMap((knob) => {
      const value = knobValue(setting, knob);
      return value === null ? [] : [[knob, value]];
    }),
  );
}
