import {
  coreSetting,
  sentSetting,
  writeLimits,
  type HouseUnits,
  type LinkRead,
  type Machine,
  type MachineLink,
  type Setting,
} from '@lone-heron/contract';
import { parameterKeys, type ParameterKey, type WantedValue } from '@lone-heron/core';
import { panelFigure, panelRows, type PanelRow } from '../panel/panelKnobs.js';

/** A knob as it should stand and as the machine holds it, both as its panel writes them. */
export interface HeldRow {
  readonly key: ParameterKey;
  readonly name: string;
  readonly unit: string;
  readonly wanted: string;
  /** Null where nobody has read it, or the machine does not say. */
  readonly holds: string | null;
  /** Why it does not say. */
  readonly fault: string | null;
  /** Whether it can be sent; else a hand sets it. */
  readonly isSent: boolean;
}

/** What a link’s unit of each parameter is in SI. */
const si: Readonly<Record<ParameterKey, number>> = {
  power: 1,
  duty: 0.01,
  wobbleWidth: 0.001,
  wobbleRate: 1,
  wireSpeed: 0.001,
};

/** The knobs of a setting in the panel’s order, beside what the machine said. */
export function heldRows(
  setting: Setting,
  machine: Machine,
  link: MachineLink,
  read: LinkRead | null,
  units: HouseUnits,
): HeldRow[] {
  const sent = new Set(sendable(setting, machine, link).map(({ key }) => key));
  return panelRows(machine.profile, coreSetting(setting), units).flatMap((row) => {
    const key = keyOf(row);
    if (key === null) return [];
    const said = read?.readings.find((each) => each.key === key) ?? null;
    return [
      {
        key,
        name: row.name,
        unit: row.scale.unit,
        wanted: panelFigure(row, row.value),
        holds: said === null || said.value === null ? null : panelFigure(row, said.value * si[key]),
        fault: said?.fault ?? null,
        isSent: sent.has(key),
      },
    ];
  });
}

/** What of a setting the machine takes over the wire: what its map places, a lead allowed, and it has limits for. */
export function sendable(
  setting: Setting,
  { profile }: Machine,
  { map, allowed }: MachineLink,
): WantedValue[] {
  const limits = writeLimits(profile);
  return sentSetting(setting).filter(
    ({ key }) =>
      limits[key] !== undefined && allowed.includes(key) && map.points.some((point) => point.key === key),
  );
}

function keyOf({ knob }: PanelRow): ParameterKey | null {
  return parameterKeys.find((key) => key === knob) ?? null;
}
