import { coreSetting, recordedSetting, type Machine, type Setting } from '@lone-heron/contract';
import { turnKnob } from '@lone-heron/core';
import { panelFigure, panelRows, type PanelRow } from './panelKnobs.js';
import { readTypedKnob, type TypedKnob } from './typedKnob.js';

/** By knob, in the panel's unit; a knob that is not here stands as it was. */
export type TypedKnobs = Readonly<Partial<Record<PanelRow['knob'], string>>>;

/** A knob with what stands in its field, and what was read of that. */
export interface ReadKnob {
  readonly row: PanelRow;
  readonly text: string;
  readonly read: TypedKnob;
}

/** The knobs of a machine's panel over a setting, as they were typed. */
export function readTypedKnobs(
  setting: Setting,
  typed: TypedKnobs,
  { profile }: Pick<Machine, 'profile'>,
): readonly ReadKnob[] {
  return panelRows(profile, coreSetting(setting)).map((row) => {
    const text = typed[row.knob] ?? panelFigure(row, row.value);
    const isUntouched = text === panelFigure(row, row.value);
    return { row, text, read: isUntouched ? { value: row.value } : readTypedKnob(text, row) };
  });
}

/** The setting with the knobs that were turned; one that nobody touched stays as it was recorded. Null for a knob at fault. */
export function settingWith(setting: Setting, knobs: readonly ReadKnob[]): Setting | null {
  let dialled = coreSetting(setting);
  let isTurned = false;
  for (const { row, read } of knobs) {
    if (!('value' in read)) return null;
    if (read.value === row.value) continue;
    dialled = turnKnob(dialled, row.knob, read.value);
    isTurned = true;
  }
  if (!isTurned) return setting;
  const { gas, gasFlowLMin, pace, modulationHz } = setting;
  const filler = pace.by === 'wire' ? pace.filler : undefined;
  const turned = recordedSetting(dialled, gas, gasFlowLMin, filler);
  return modulationHz === undefined ? turned : { ...turned, modulationHz };
}
