import {
  coreSetting,
  type HouseUnits,
  type Machine,
  type Setting,
  type SlotShown,
} from '@lone-heron/contract';
import { panelFigure, panelRows, type PanelRow } from '../../shared/panel/panelKnobs.js';

/** One knob of a program: what the card says and what the machine shows, both as the panel writes them. */
export interface SlotReading {
  readonly row: PanelRow;
  readonly asked: string;
  /** Null where nobody looked. */
  readonly shown: string | null;
  readonly differs: boolean;
}

/** A knob that is stored in a machine's program; the hand's travel is not. */
type StoredKnob = Exclude<PanelRow['knob'], 'travel'>;

/** What each knob is called where it is written down, and what its unit is in SI. */
export const written: Readonly<Record<StoredKnob, { readonly name: keyof SlotShown; readonly si: number }>> =
  {
    power: { name: 'powerW', si: 1 },
    duty: { name: 'dutyPercent', si: 0.01 },
    wobbleWidth: { name: 'wobbleWidthMm', si: 0.001 },
    wobbleRate: { name: 'wobbleRateHz', si: 1 },
    wireSpeed: { name: 'wireSpeedMmS', si: 0.001 },
  };

/** The knobs of a setting that a program of this machine holds, in the panel's order. */
export function slotRows(
  setting: Setting,
  { profile }: Machine,
  units: HouseUnits,
): readonly (PanelRow & { readonly knob: StoredKnob })[] {
  return panelRows(profile, coreSetting(setting), units).filter(isStored);
}

function isStored(row: PanelRow): row is PanelRow & { knob: StoredKnob } {
  return row.knob !== 'travel';
}

/** What a machine shows held against what was stored in it; they differ where the panel would show another figure. */
export function slotReadings(
  setting: Setting,
  machine: Machine,
  shown: SlotShown,
  units: HouseUnits,
): readonly SlotReading[] {
  return slotRows(setting, machine, units).map((row) => {
    const { name, si } = written[row.knob];
    const value = shown[name];
    const asked = panelFigure(row, row.value);
    const figure = value === undefined ? null : panelFigure(row, value * si);
    return { row, asked, shown: figure, differs: figure !== null && figure !== asked };
  });
}

/** What was read off a panel, as it is written down. */
export function shownOf(values: readonly (readonly [row: PanelRow, si: number])[]): SlotShown {
  return Object.fromEntries(
    values.flatMap(([{ knob }, value]) => {
      if (knob === 'travel') return [];
      const { name, si } = written[knob];
      return [[name, Math.round((value / si) * 1e6) / 1e6]];
    }),
  );
}
