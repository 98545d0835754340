import {
  lampHeadOf,
  modeSettingSchema,
  type HandMode,
  type HouseUnits,
  type MachineProfile,
  type ModeSetting,
  type SettingOf,
} from '@lone-heron/contract';
import type { Dimension } from '@lone-heron/core';
import { travelScale } from '../figures/houseUnits.js';
import { percentOf, plain, type PlateRow } from '../panel/panelKnobs.js';

/** A knob of a mode's plate: its row in SI, and how its value stands in the setting. */
export interface ModeKnobRow extends PlateRow {
  readonly knob: string;
  /** One of the setting's own unit in SI. */
  readonly siPerOwn: number;
}

interface Reach {
  readonly least: number;
  readonly most: number;
  readonly step: number;
}

interface KnobPlan {
  readonly knob: string;
  readonly name: string;
  readonly unit: string;
  readonly decimals: number;
  readonly dimension: Dimension | null;
  /** In the setting's own unit; null where the machine has no such knob. */
  readonly reach: (profile: MachineProfile) => Reach | null;
  readonly siPerOwn: number;
}

const power: KnobPlan = {
  ...{ knob: 'powerW', name: 'Power', unit: 'W', decimals: 0, dimension: 'power', siPerOwn: 1 },
  reach: ({ powerW }) => powerW,
};
const duty: KnobPlan = {
  ...{ knob: 'dutyPercent', name: 'Duty', unit: '%', decimals: 0, dimension: null, siPerOwn: 1 },
  reach: ({ dutyPercent }) => dutyPercent,
};
const pulseHz: KnobPlan = {
  ...{ knob: 'pulseHz', name: 'Pulses', unit: 'Hz', decimals: 0, dimension: 'frequency', siPerOwn: 1 },
  reach: ({ modulationHz }) => modulationHz,
};
const pace = (least: number, most: number): KnobPlan => ({
  ...{ knob: 'paceMmS', name: 'Pace', unit: 'pace', decimals: 1, dimension: 'speed', siPerOwn: 0.001 },
  reach: () => ({ least, most, step: 0.1 }),
});
const sized = (knob: string, name: string, reach: KnobPlan['reach']): KnobPlan => ({
  ...{ knob, name, unit: 'mm', decimals: 1, dimension: 'length', siPerOwn: 0.001, reach },
});

const pulsePlans: readonly KnobPlan[] = [
  {
    ...{ knob: 'currentA', name: 'Current', unit: 'A', decimals: 0, dimension: null, siPerOwn: 1 },
    reach: ({ lamp }) => lamp?.currentA ?? null,
  },
  {
    ...{ knob: 'pulseMs', name: 'Width', unit: 'ms', decimals: 1, dimension: null, siPerOwn: 1 },
    reach: ({ lamp }) => lamp?.pulseWidthMs ?? null,
  },
  {
    ...{ knob: 'rateHz', name: 'Rate', unit: 'Hz', decimals: 1, dimension: 'frequency', siPerOwn: 1 },
    reach: ({ lamp }) => lamp?.pulseRateHz ?? null,
  },
];

/** Knobs of each mode, in the order such panels have them; the hand's own last. */
const plans: Readonly<Record<HandMode, readonly KnobPlan[]>> = {
  clean: [
    power,
    duty,
    pulseHz,
    sized('widthMm', 'Sweep', ({ cleaning }) => cleaning?.widthMm ?? null),
    {
      ...{ knob: 'rateHz', name: 'Sweeps', unit: 'Hz', decimals: 0, dimension: 'frequency', siPerOwn: 1 },
      reach: ({ cleaning }) => cleaning?.rateHz ?? null,
    },
    {
      ...{ knob: 'passes', name: 'Passes', unit: '×', decimals: 0, dimension: null, siPerOwn: 1 },
      reach: () => ({ least: 1, most: 20, step: 1 }),
    },
    pace(1, 100),
  ],
  cut: [
    power,
    duty,
    pulseHz,
    pace(1, 60),
    sized('focusMm', 'Focus down', () => ({ least: -2, most: 6, step: 0.1 })),
    sized('standoffMm', 'Standoff', () => ({ least: 0.3, most: 3, step: 0.1 })),
  ],
  spot: pulsePlans,
  seam: [...pulsePlans, pace(0.1, 20)],
};

/** The rows of a plate, in the units of the panel and, for the hand's pace, of the house. */
export function modeRows(
  setting: ModeSetting,
  profile: MachineProfile,
  units: HouseUnits,
): readonly ModeKnobRow[] {
  const values = setting as unknown as Readonly<Record<string, number | null>>;
  return plans[setting.mode].flatMap(({ knob, name, unit, decimals, dimension, reach, siPerOwn }) => {
    const value = values[knob];
    const range = reach(profile);
    if (value === null || value === undefined || range === null) return [];
    // Light that stays on has no duty to turn until it is asked to pulse.
    if (knob === 'dutyPercent' && values['pulseHz'] === null) return [];
    return [
      {
        ...{ knob, name, dimension, siPerOwn, value: value * siPerOwn },
        ...scaleOf({ knob, unit, siPerOwn, decimals, dimension }, profile, units),
        ...{ least: range.least * siPerOwn, most: range.most * siPerOwn, step: range.step * siPerOwn },
      },
    ];
  });
}

/** How the panel, or the house for the hand's pace, says a knob. */
function scaleOf(
  { knob, unit, siPerOwn, decimals, dimension }: Omit<KnobPlan, 'name' | 'reach'>,
  profile: MachineProfile,
  units: HouseUnits,
): Pick<ModeKnobRow, 'scale' | 'ownsBare'> {
  if (unit === 'pace') {
    const travel = travelScale(units);
    return { scale: plain(travel.unit, travel.mmS / 1000, travel.decimals), ownsBare: false };
  }
  if (knob === 'powerW' && profile.powerUnit === '%')
    return { scale: percentOf(profile.configuredPowerW), ownsBare: true };
  return { scale: plain(unit, siPerOwn, decimals), ownsBare: dimension === null };
}

/** What a row stands for where its panel does not say so: the watts of a percentage. */
export function behindRow({ knob, scale, value }: ModeKnobRow): string | undefined {
  return knob === 'powerW' && scale.unit === '%' ? `${value.toFixed(0)} W` : undefined;
}

/** A value of a row as the setting has it. */
export function ownValue({ siPerOwn }: Pick<ModeKnobRow, 'siPerOwn'>, si: number): number {
  return Number((si / siPerOwn).toPrecision(9));
}

/** What is picked rather than turned: the shape of a sweep, whether the light pulses, the spot. */
export interface ModePick {
  readonly knob: string;
  readonly name: string;
  readonly value: string;
  readonly choices: readonly { readonly value: string; readonly label: string }[];
}

export function modePicks(
  setting: ModeSetting,
  profile: MachineProfile,
  sayLength: (mm: number) => string,
): readonly ModePick[] {
  if (setting.mode === 'spot' || setting.mode === 'seam') return [spotPick(setting, profile, sayLength)];
  const light = pulsePick(setting, profile);
  return setting.mode === 'clean' ? [shapePick(setting, profile), ...light] : light;
}

function spotPick(
  { spotMm }: SettingOf<'spot'> | SettingOf<'seam'>,
  profile: MachineProfile,
  sayLength: (mm: number) => string,
): ModePick {
  const spots = (lampHeadOf(profile)?.spots ?? []).map((metres) => Number((metres * 1000).toPrecision(6)));
  const choices = [...new Set([...spots, spotMm])].map((mm) => ({ value: String(mm), label: sayLength(mm) }));
  return { knob: 'spotMm', name: 'Spot', value: String(spotMm), choices };
}

function shapePick({ shape }: SettingOf<'clean'>, { cleaning }: MachineProfile): ModePick {
  const shapes = new Set([...(cleaning?.shapes ?? []), shape]);
  const choices = [...shapes].map((value) => ({
    value,
    label: value === 'line' ? 'to and fro' : 'in circles',
  }));
  return { knob: 'shape', name: 'Shape', value: shape, choices };
}

/** Light that stays on, or pulses; none where the panel cannot pulse. */
function pulsePick(
  { pulseHz: hz }: { pulseHz: number | null },
  profile: MachineProfile,
): readonly ModePick[] {
  const { modulationHz, dutyPercent } = profile;
  if (modulationHz === null || dutyPercent === null) return [];
  const choices = [
    { value: 'none', label: 'stays on' },
    { value: String(hz ?? modulationHz.most), label: 'pulses' },
  ];
  return [{ knob: 'pulseHz', name: 'Light', value: hz === null ? 'none' : String(hz), choices }];
}

/** A setting with what was turned by hand, as the address has it; what cannot be is named. */
export function turnedSetting<Mode extends HandMode>(
  suggested: SettingOf<Mode>,
  turns: Readonly<Record<string, string>>,
): { readonly setting: SettingOf<Mode>; readonly dropped: readonly string[] } {
  let setting: ModeSetting = suggested;
  const dropped: string[] = [];
  for (const [knob, text] of Object.entries(turns)) {
    const next = { ...setting, [knob]: turnedValue(knob, text) };
    const parsed = knob in suggested && knob !== 'mode' ? modeSettingSchema.safeParse(next) : null;
    if (parsed?.success === true) setting = parsed.data;
    else dropped.push(`${knob} ${text}`);
  }
  return { setting: setting as SettingOf<Mode>, dropped };
}

function turnedValue(knob: string, text: string): string | number | null {
  if (knob === 'shape') return text;
  return text === 'none' ? null : Number(text);
}
