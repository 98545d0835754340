import {
  coreMachine,
  coreSetting,
  settingOfRung,
  type Ladder,
  type LadderKnob,
  type Machine,
  type MachineProfile,
  type Setting,
} from '@lone-heron/contract';
import { knobRange, knobValue, type AllowedRange, type Dimension } from '@lone-heron/core';
import { panelFigure, panelRows } from '../../shared/panel/panelKnobs.js';
import { snapped } from '../../shared/panel/typedKnob.js';
import { figure } from '../../shared/figures/figures.js';
import { spokenUnit } from '../../shared/figures/spoken.js';

/** How a knob is typed and drawn: in the shop's unit, so many of which are one of SI. */
interface KnobUnit {
  readonly name: string;
  readonly unit: string;
  readonly perSi: number;
  readonly decimals: number;
  /** What it is a quantity of, for other units; null for a share. */
  readonly dimension: Dimension | null;
}

const knobsOfOurs: Readonly<Record<LadderKnob, KnobUnit>> = {
  power: { name: 'Power', unit: 'W', perSi: 1, decimals: 0, dimension: 'power' },
  duty: { name: 'Duty', unit: '%', perSi: 100, decimals: 0, dimension: null },
  wobbleWidth: { name: 'Wobble width', unit: 'mm', perSi: 1000, decimals: 2, dimension: 'length' },
  wobbleRate: { name: 'Wobble rate', unit: 'Hz', perSi: 1, decimals: 0, dimension: 'frequency' },
  wireSpeed: { name: 'Wire', unit: 'mm/s', perSi: 1000, decimals: 1, dimension: 'speed' },
  travel: { name: 'Travel', unit: 'mm/s', perSi: 1000, decimals: 1, dimension: 'speed' },
  modulation: { name: 'Modulation', unit: 'Hz', perSi: 1, decimals: 0, dimension: 'frequency' },
};

/** How a knob is typed and drawn in this shop. */
export function knobUnit(knob: LadderKnob): KnobUnit {
  const ours = knobsOfOurs[knob];
  const { unit, own } = spokenUnit(ours.unit);
  const decimals = unit === 'in' ? inchDecimals : ours.decimals;
  return { ...ours, unit, decimals, perSi: ours.perSi / own };
}

const inchDecimals = 3;

/** Where a setting stands on a knob, SI; null where it has no such knob. */
export function placeOn(setting: Setting, knob: LadderKnob): number | null {
  if (knob === 'modulation') return setting.modulationHz ?? null;
  return knobValue(coreSetting(setting), knob);
}

/** What a machine allows of a knob in its plain unit; null where the setting or the machine has no such knob. */
export function allowedOn(profile: MachineProfile, setting: Setting, knob: LadderKnob): AllowedRange | null {
  const { name, unit, perSi } = knobUnit(knob);
  const quantity = name.toLowerCase();
  if (knob === 'modulation') {
    const { modulationHz } = profile;
    return modulationHz === null ? null : { quantity, min: modulationHz.least, max: modulationHz.most, unit };
  }
  const range = knobRange(coreMachine(profile), knob);
  if (range === null || placeOn(setting, knob) === null) return null;
  const least = range.least > 0 ? range.least : range.step;
  return { quantity, min: round(least * perSi), max: round(range.most * perSi), unit };
}

/** Values from least to most in equal steps, in the knob's plain unit. */
export function stepsBetween(least: number, most: number, count: number): readonly number[] {
  return Array.from({ length: count }, (_, i) => round(least + ((most - least) * i) / (count - 1)));
}

/** Values of a knob as the panel can show them: a rung between two of its steps could not be dialled. */
export function onPanel(
  knob: LadderKnob,
  values: readonly number[],
  { profile }: Machine,
  setting: Setting,
): number[] {
  const row = panelRows(profile, coreSetting(setting)).find((each) => each.knob === knob);
  return values.map((value) => (row === undefined ? value : snapped(value, row)));
}

/** A value of a rung as this machine's panel says it. */
export function rungInWords(ladder: Ladder, machine: Machine | undefined, index: number): string {
  const values = ladder.rungs[index] ?? [];
  const setting = settingOfRung(ladder, values);
  const rows = machine === undefined ? [] : panelRows(machine.profile, coreSetting(setting));
  return ladder.axes
    .map(({ knob }, i) => {
      const row = rows.find((each) => each.knob === knob);
      if (row !== undefined) return `${row.name} ${panelFigure(row, row.value)} ${row.scale.unit}`;
      const { name, unit, perSi, decimals } = knobUnit(knob);
      return `${name} ${figure((values[i] ?? 0) * perSi, decimals)} ${unit}`;
    })
    .join(', ');
}

/** What is written on the piece of scrap: the ladder's number and the place of the rung. */
export function rungLabel({ number }: Ladder, index: number): string {
  return `L${number}-${index + 1}`;
}

function round(value: number): number {
  return Math.round(value * 1000) / 1000;
}
