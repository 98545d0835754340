import {
  coreMachine,
  houseStarts,
  type HouseUnits,
  type MachineProfile,
  type PanelFace,
  type PanelKnob,
} from '@lone-heron/contract';
import { travelScale } from '../figures/houseUnits.js';
import {
  hertz,
  knobRange,
  knobValue,
  mmPerSecond,
  siToPanel,
  sweepFrequency,
  type Dimension,
  type PanelKnob as PanelDial,
  type WeldSetting,
} from '@lone-heron/core';

/** How a panel says a knob. */
interface PanelScale {
  readonly unit: string;
  readonly decimals: number;
  /** What its numbers stand for in SI. */
  readonly dial: PanelDial;
  /** Whether it moves by whole notches, whatever a notch stands for. */
  readonly isNotched: boolean;
}

/** What the plate has a row for: the panel's knobs, the duty where it has one, and the hand's travel. */
type PlateKnob = PanelKnob | 'duty' | 'travel';

/** One row of a plate, ready to show and to turn. */
export interface PlateRow {
  readonly name: string;
  readonly scale: PanelScale;
  /** What is typed with a unit is a quantity of; null where only bare numbers are. */
  readonly dimension: Dimension | null;
  /** Whether a number without a unit means the panel's own number and no quantity: per cent, notches. */
  readonly ownsBare: boolean;
  /** SI */
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
}

/** A row of what welds. */
export interface PanelRow extends PlateRow {
  readonly knob: PlateKnob;
}

const names: Readonly<Record<PlateKnob, string>> = {
  power: 'Power',
  duty: 'Duty',
  wobbleWidth: 'Wobble width',
  wobbleRate: 'Wobble rate',
  wireSpeed: 'Wire',
  travel: 'Travel',
};

const dimensions: Readonly<Record<PlateKnob, Dimension>> = {
  power: 'power',
  duty: 'power',
  wobbleWidth: 'length',
  wobbleRate: 'frequency',
  wireSpeed: 'speed',
  travel: 'speed',
};

/** A scale whose number is the value, in some unit. */
export function plain(unit: string, siPerUnit: number, decimals: number): PanelScale {
  return { unit, decimals, dial: { kind: 'absolute', siPerUnit }, isNotched: false };
}

/** A scale of whole per cent of a power, W. */
export function percentOf(watts: number): PanelScale {
  return { unit: '%', decimals: 0, dial: { kind: 'percent', ofSi: watts }, isNotched: false };
}

const wireSpeedScales: Readonly<Record<MachineProfile['wireSpeedUnit'], PanelScale>> = {
  'cm/min': plain('cm/min', 0.01 / 60, 0),
  'm/min': plain('m/min', 1 / 60, 2),
  'mm/s': plain('mm/s', 0.001, 1),
  'in/min': plain('in/min', 0.0254 / 60, 1),
};

/** Each knob's own unit, in which a face is calibrated; travel is the hand's own, said as the house says it. */
const ownScales: Readonly<Record<PlateKnob, PanelScale>> = {
  power: plain('W', 1, 0),
  duty: plain('%', 0.01, 0),
  wobbleWidth: plain('mm', 0.001, 1),
  wobbleRate: plain('Hz', 1, 0),
  wireSpeed: wireSpeedScales['mm/s'],
  travel: plain('mm/s', 0.001, 1),
};

/** How this machine's panel says a knob. */
function panelScale(
  profile: MachineProfile,
  knob: PlateKnob,
  setting: WeldSetting,
  units: HouseUnits,
): PanelScale {
  if (knob === 'travel') {
    const { unit, mmS, decimals } = travelScale(units);
    return plain(unit, mmS / 1000, decimals);
  }
  const face = profile.panelFaces.find((each) => each.knob === knob);
  if (face !== undefined && face.shows !== 'value') return facedScale(face, setting);
  if (knob === 'power' && profile.powerUnit === '%') return percentOf(profile.configuredPowerW);
  return knob === 'wireSpeed' ? wireSpeedScales[profile.wireSpeedUnit] : ownScales[knob];
}

/** A scale of notches, or a rate that is said as its sweep speed. */
function facedScale(
  { knob, shows, preset, perNotch, perNotchBelow }: PanelFace,
  setting: WeldSetting,
): PanelScale {
  const own = siPerOwnUnit(knob);
  if (shows === 'relative') {
    const dial: PanelDial = { kind: 'relative', presetSi: preset * own, siPerNotch: perNotch * own };
    return { unit: 'notches', decimals: 0, dial, isNotched: true };
  }
  if (shows === 'signed') {
    const notches = { siPerNotchBelow: perNotchBelow * own, siPerNotchAbove: perNotch * own };
    const dial: PanelDial = { kind: 'signed', middleSi: preset * own, ...notches };
    return { unit: 'notches', decimals: 0, dial, isNotched: true };
  }
  const { wobble } = setting;
  if (wobble.shape === 'none') return ownScales[knob];
  return plain('mm/s', sweepFrequency(wobble.shape, wobble.width, mmPerSecond(1)) / hertz(1), 0);
}

function siPerOwnUnit(knob: PanelKnob): number {
  return knob === 'wobbleWidth' || knob === 'wireSpeed' ? 0.001 : 1;
}

/** The knobs of a setting in the order of the machine's panel; the duty stands with the power, the hand's travel last. */
export function panelRows(
  profile: MachineProfile,
  setting: WeldSetting,
  units: HouseUnits = houseStarts.units,
): readonly PanelRow[] {
  const machine = coreMachine(profile);
  const order: readonly PlateKnob[] = [
    ...profile.panel.flatMap((knob): PlateKnob[] => (knob === 'power' ? ['power', 'duty'] : [knob])),
    'travel',
  ];
  return order.flatMap((knob) => {
    const value = knobValue(setting, knob);
    const range = knobRange(machine, knob);
    if (value === null || range === null) return [];
    const scale = panelScale(profile, knob, setting, units);
    // A wobble turned down to nothing would be another setting: the knob stops one step above.
    const least = range.least > 0 ? range.least : range.step;
    const named = profile.panelFaces.find((face) => face.knob === knob)?.name ?? '';
    const name = named === '' ? names[knob] : named;
    const ownsBare = isPanelsOwn(knob, scale);
    const dimension = dimensions[knob];
    return [{ knob, name, scale, dimension, ownsBare, value, least, most: range.most, step: range.step }];
  });
}

/** Whether a number without a unit means the panel's number and no quantity: per cent, notches, a sweep speed for a rate. */
function isPanelsOwn(knob: PlateKnob, scale: PanelScale): boolean {
  return (
    knob === 'duty' ||
    scale.unit === '%' ||
    scale.isNotched ||
    (knob === 'wobbleRate' && scale.unit === 'mm/s')
  );
}

/** The figure a panel would show; a signed knob with its sign. */
export function panelFigure(row: Pick<PlateRow, 'scale'>, si: number): string {
  const { dial, decimals } = row.scale;
  const number = siToPanel(dial, si);
  const figure = number.toFixed(decimals);
  return dial.kind === 'signed' && Number(figure) > 0
    ? `+${figure}`
    : figure.replace(/^-(0+(?:\.0+)?)$/, '$1');
}

/** What a knob stands for where its panel does not say so: the watts of a percentage, the mm of a notch. */
export function behindPanel({ knob, scale, value }: PanelRow): string | undefined {
  const own = ownScales[knob];
  if (knob === 'travel' || scale.unit === own.unit || (knob === 'wireSpeed' && !scale.isNotched))
    return undefined;
  return `${siToPanel(own.dial, value).toFixed(own.decimals)} ${own.unit}`;
}
