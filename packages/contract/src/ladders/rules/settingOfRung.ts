import { turnKnob } from '@lone-heron/core';
import type { Setting } from '../../joint/setting.js';
import { coreSetting, recordedSetting } from '../../joint/rules/toCore.js';
import type { LadderDraft } from '../ladder.js';

/** The setting of one rung. */
export function settingOfRung(
  { setting, axes }: Pick<LadderDraft, 'setting' | 'axes'>,
  values: readonly number[],
): Setting {
  let dialled = coreSetting(setting);
  let { modulationHz } = setting;
  axes.forEach(({ knob }, i) => {
    const value = values[i];
    if (value === undefined) return;
    if (knob === 'modulation') modulationHz = value;
    else dialled = turnKnob(dialled, knob, value);
  });
  const { gas, gasFlowLMin, pace } = setting;
  const filler = pace.by === 'wire' ? pace.filler : undefined;
  return {
    ...recordedSetting(dialled, gas, gasFlowLMin, filler),
    ...(modulationHz === undefined ? {} : { modulationHz }),
  };
}
