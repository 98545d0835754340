import {
  fieldProblems,
  machineRevisionDraftSchema,
  type FieldProblem,
  type MachineProfile,
  type MachineRevisionDraft,
} from '@lone-heron/contract';
import { parseNumber } from '@lone-heron/core';

/** A reach of a knob as it is typed. */
interface TypedReach {
  least: string;
  most: string;
  step: string;
}

type Typed<Part> = { [Key in keyof Part]: Part[Key] extends number ? string : Part[Key] };

/**
 * A machine as it is typed: numbers are text, so that what was typed stays whatever it was. Fields are called as in the
 * profile, so that a refusal finds its field.
 */
export interface MachineForm {
  name: string;
  note: string;
  ratedPowerW: string;
  configuredPowerW: string;
  powerW: TypedReach;
  powerUnit: MachineProfile['powerUnit'];
  spotMm: string;
  wobbleShapes: MachineProfile['wobbleShapes'];
  wobbleWidthMm: TypedReach;
  wobbleRateHz: TypedReach;
  hasFeeder: boolean;
  /** In the feeder's own unit. */
  wireSpeedMmS: TypedReach;
  wireSpeedUnit: MachineProfile['wireSpeedUnit'];
  panel: MachineProfile['panel'];
  hasOptics: boolean;
  optics: Typed<NonNullable<MachineProfile['optics']>>;
  hasMains: boolean;
  mains: Omit<Typed<NonNullable<MachineProfile['mains']>>, 'phases'> & { phases: '1' | '3' };
  coolant: Typed<MachineProfile['coolant'][number]>[];
  hasPointer: boolean;
  pointer: Typed<NonNullable<MachineProfile['pointer']>>;
  feederMenu: MachineProfile['feederMenu'];
  programSlots: string;
}

/** mm/s in one unit of the feeder's. */
const wireScale: Readonly<Record<MachineProfile['wireSpeedUnit'], number>> = {
  'cm/min': 10 / 60,
  'm/min': 1000 / 60,
  'mm/s': 1,
  'in/min': 25.4 / 60,
};

const emptyOptics = {
  fibreCoreMm: '',
  collimatorMm: '',
  focusLensMm: '',
  beamQuality: '',
  divergenceMrad: '',
};
const emptyMains = { volts: '', phases: '1', otherW: '', wallPlugPercent: '', powerFactor: '' } as const;
const emptyPointer = { stepMm: '', isXReversed: false, isYReversed: false };

/** A coolant circuit that was just added. */
export const emptyCoolant = { name: '', setPointC: '', lowerC: '', upperC: '', changeMonths: '' };

/** The form of a machine, ready to be changed. */
export function machineFormOf(name: string, profile: MachineProfile): MachineForm {
  const { optics, mains, pointer, wireSpeedMmS, wireSpeedUnit } = profile;
  const scale = wireScale[wireSpeedUnit];
  return {
    ...profile,
    name,
    note: '',
    ratedPowerW: shown(profile.ratedPowerW),
    configuredPowerW: shown(profile.configuredPowerW),
    powerW: shownReach(profile.powerW, 1),
    spotMm: shown(profile.spotMm),
    wobbleWidthMm: shownReach(profile.wobbleWidthMm, 1),
    wobbleRateHz: shownReach(profile.wobbleRateHz, 1),
    hasFeeder: wireSpeedMmS !== null,
    wireSpeedMmS: wireSpeedMmS === null ? { least: '', most: '', step: '' } : shownReach(wireSpeedMmS, scale),
    // Kept ready for a feeder that is fitted later; left out again where there is none.
    panel: profile.panel.includes('wireSpeed') ? profile.panel : [...profile.panel, 'wireSpeed'],
    hasOptics: optics !== null,
    optics: optics === null ? emptyOptics : shownAll(optics),
    hasMains: mains !== null,
    mains: mains === null ? emptyMains : { ...shownAll(mains), phases: mains.phases === 3 ? '3' : '1' },
    coolant: profile.coolant.map(shownAll),
    hasPointer: pointer !== null,
    pointer: pointer === null ? emptyPointer : { ...pointer, stepMm: shown(pointer.stepMm) },
    programSlots: shown(profile.programSlots),
  };
}

/** What was typed, as a revision that can be sent, or what of it is not allowed. */
export type ReadMachine =
  { readonly draft: MachineRevisionDraft } | { readonly problems: readonly FieldProblem[] };

/** Reads a form; every refusal names its field as the form calls it. */
export function readMachineForm(form: MachineForm): ReadMachine {
  const scale = wireScale[form.wireSpeedUnit];
  const { name, note, hasFeeder, hasOptics, hasMains, hasPointer, ...rest } = form;
  const profile = {
    ...rest,
    ratedPowerW: readFigure(form.ratedPowerW),
    configuredPowerW: readFigure(form.configuredPowerW),
    powerW: readReach(form.powerW, 1),
    spotMm: readFigure(form.spotMm),
    wobbleWidthMm: readReach(form.wobbleWidthMm, 1),
    wobbleRateHz: readReach(form.wobbleRateHz, 1),
    wireSpeedMmS: hasFeeder ? readReach(form.wireSpeedMmS, scale) : null,
    panel: hasFeeder ? form.panel : form.panel.filter((knob) => knob !== 'wireSpeed'),
    optics: hasOptics ? readAll(form.optics) : null,
    mains: hasMains ? readAll(form.mains) : null,
    coolant: form.coolant.map(({ name: circuit, ...figures }) => ({ name: circuit, ...readAll(figures) })),
    pointer: hasPointer ? { ...form.pointer, stepMm: readFigure(form.pointer.stepMm) } : null,
    programSlots: readFigure(form.programSlots),
  };
  const sent = { name, note, profile };
  const parsed = machineRevisionDraftSchema.safeParse(sent);
  if (parsed.success) return { draft: parsed.data };
  const problems = fieldProblems(parsed.error, sent);
  return { problems: problems.map((one) => ({ ...one, field: one.field.replace(/^profile\./, '') })) };
}

function shown(value: number): string {
  return String(Number(value.toFixed(4)));
}

function shownReach({ least, most, step }: MachineProfile['powerW'], scale: number): TypedReach {
  return { least: shown(least / scale), most: shown(most / scale), step: shown(step / scale) };
}

/** Every number of a record as text. */
function shownAll<Part extends object>(part: Part): Typed<Part> {
  return Object.fromEntries(
    Object.entries(part).map(([key, value]) => [
      key,
      typeof value === 'number' ? shown(value) : (value as unknown),
    ]),
  ) as Typed<Part>;
}

/** A number as it was typed, with decimal comma or point; NaN where it is none. */
export function readFigure(text: string): number {
  const number = parseNumber(text.trim().toLowerCase());
  return number === null || number.rest !== '' ? NaN : number.value;
}

function readReach({ least, most, step }: TypedReach, scale: number) {
  return { least: readFigure(least) * scale, most: readFigure(most) * scale, step: readFigure(step) * scale };
}

function readAll<Part extends Record<string, string>>(part: Part): Record<keyof Part, number> {
  return Object.fromEntries(Object.entries(part).map(([key, text]) => [key, readFigure(text)])) as Record<
    keyof Part,
    number
  >;
}
