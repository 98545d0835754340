import type { MachineProfile, PanelKnob } from '@lone-heron/contract';
import { coreMachine } from '@lone-heron/contract';
import { knobRange, knobValue, type WeldSetting } from '@lone-heron/core';

/** How a panel says a knob: its unit, and how many SI units one of them is. */
interface PanelScale {
  readonly unit: string;
  readonly siPerUnit: number;
  readonly decimals: number;
}

/** What the plate has a row for: the panel's knobs, and the hand's travel. */
type PlateKnob = PanelKnob | 'travel';

/** One row of the plate, ready to show and to turn. */
export interface PanelRow {
  readonly knob: PlateKnob;
  readonly name: string;
  readonly scale: PanelScale;
  /** SI */
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
}

const names: Readonly<Record<PlateKnob, string>> = {
  power: 'Power',
  wobbleWidth: 'Wobble width',
  wobbleRate: 'Wobble rate',
  wireSpeed: 'Wire',
  travel: 'Travel',
};

const wireSpeedScales: Readonly<Record<MachineProfile['wireSpeedUnit'], PanelScale>> = {
  'cm/min': { unit: 'cm/min', siPerUnit: 0.01 / 60, decimals: 0 },
  'm/min': { unit: 'm/min', siPerUnit: 1 / 60, decimals: 2 },
  'mm/s': { unit: 'mm/s', siPerUnit: 0.001, decimals: 1 },
  'in/min': { unit: 'in/min', siPerUnit: 0.0254 / 60, decimals: 1 },
};

/** How this machine's panel says a knob. Travel is the hand's own and always in mm/s. */
function panelScale(profile: MachineProfile, knob: PlateKnob): PanelScale {
  switch (knob) {
    case 'power':
      return profile.powerUnit === '%'
        ? { unit: '%', siPerUnit: profile.configuredPowerW / 100, decimals: 0 }
        : { unit: 'W', siPerUnit: 1, decimals: 0 };
    case 'wobbleWidth':
      return { unit: 'mm', siPerUnit: 0.001, decimals: 1 };
    case 'wobbleRate':
      return { unit: 'Hz', siPerUnit: 1, decimals: 0 };
    case 'wireSpeed':
      return wireSpeedScales[profile.wireSpeedUnit];
    case 'travel':
      return { unit: 'mm/s', siPerUnit: 0.001, decimals: 1 };
  }
}

/** The knobs of a setting in the order of the machine's panel; the hand's travel comes last. */
export function panelRows(profile: MachineProfile, setting: WeldSetting): readonly PanelRow[] {
  const machine = coreMachine(profile);
  const order: readonly PlateKnob[] = [...profile.panel, 'travel'];
  return order.flatMap((knob) => {
    const value = knobValue(setting, knob);
    const range = knobRange(machine, knob);
    if (value === null || range === null) return [];
    const scale = panelScale(profile, knob);
    // A wobble turned down to nothing would be another setting: the knob stops one step above.
    const least = range.least > 0 ? range.least : range.step;
    return [{ knob, name: names[knob], scale, value, least, most: range.most, step: range.step }];
  });
}

/** The figure a panel would show. */
export function panelFigure(row: Pick<PanelRow, 'scale'>, si: number): string {
  return (si / row.scale.siPerUnit).toFixed(row.scale.decimals);
}
