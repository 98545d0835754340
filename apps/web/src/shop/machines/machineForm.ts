import {
  fieldProblems,
  machineModes,
  machineRevisionDraftSchema,
  panelKnobs,
  type FaceKind,
  type FieldProblem,
  type MachineMode,
  type MachineProfile,
  type PanelFace,
  type PanelKnob,
  type MachineRevisionDraft,
} from '@lone-heron/contract';
import { parseNumber, parseQuantity } from '@lone-heron/core';

/** A reach of a knob as it is typed. */
interface TypedReach {
  least: string;
  most: string;
  step: string;
}

/** How a panel says a knob, as it is typed. */
interface TypedFace {
  name: string;
  shows: FaceKind;
  preset: string;
  perNotch: string;
  perNotchBelow: string;
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
  coolant: Record<keyof MachineProfile['coolant'][number], string>[];
  hasPointer: boolean;
  pointer: Typed<NonNullable<MachineProfile['pointer']>>;
  feederMenu: MachineProfile['feederMenu'];
  programSlots: string;
  panelFaces: Record<PanelKnob, TypedFace>;
  hasDuty: boolean;
  dutyPercent: TypedReach;
  hasModulation: boolean;
  modulationHz: TypedReach;
  hasPulses: boolean;
  pulseOnMs: TypedReach;
  pulseOffMs: TypedReach;
  /** Empty where the mode has none, or they are not known. */
  readyLights: Record<MachineMode, string>;
  isLamp: boolean;
  lamp: {
    currentA: TypedReach;
    pulseWidthMs: TypedReach;
    pulseRateHz: TypedReach;
    peakPowerW: string;
    needsSending: boolean;
    /** Diameters with semicolons between; empty where it is the machine's own spot alone. */
    spotsMm: string;
    points: { currentA: string; pulseMs: string; energyJ: string }[];
  };
  canClean: boolean;
  cleaning: {
    fitting: Cleaning['fitting'];
    spotMm: string;
    widthMm: TypedReach;
    rateHz: TypedReach;
    shapes: Cleaning['shapes'];
  };
  canCut: boolean;
  cutting: {
    /** Diameters with semicolons between. */
    boresMm: string;
    mostBar: string;
    /** Empty where it is not known. */
    airLMin: string;
    gases: Cutting['gases'];
  };
}

type Cleaning = NonNullable<MachineProfile['cleaning']>;
type Cutting = NonNullable<MachineProfile['cutting']>;

export type WireUnit = MachineProfile['wireSpeedUnit'];

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

const emptyReach: TypedReach = { least: '', most: '', step: '' };
const plainFace: TypedFace = { name: '', shows: 'value', preset: '0', perNotch: '0', perNotchBelow: '0' };
const emptyLamp: MachineForm['lamp'] = {
  currentA: emptyReach,
  pulseWidthMs: emptyReach,
  pulseRateHz: emptyReach,
  peakPowerW: '',
  needsSending: true,
  spotsMm: '',
  points: [],
};
const emptyCleaning: MachineForm['cleaning'] = {
  fitting: 'lens',
  spotMm: '',
  widthMm: emptyReach,
  rateHz: emptyReach,
  shapes: ['line'],
};
const emptyCutting: MachineForm['cutting'] = { boresMm: '', mostBar: '', airLMin: '', gases: ['air'] };

/** A coolant circuit that was just added. */
export const emptyCoolant: MachineForm['coolant'][number] = {
  name: '',
  setPointC: '',
  lowerC: '',
  upperC: '',
  changeMonths: '',
  litres: '',
  heatingW: '',
};

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
    coolant: profile.coolant.map(shownCircuit),
    hasPointer: pointer !== null,
    pointer: pointer === null ? emptyPointer : { ...pointer, stepMm: shown(pointer.stepMm) },
    programSlots: shown(profile.programSlots),
    ...shownPanel(profile),
    ...shownModes(profile),
  };
}

/** What the panel and its lights say, and the knobs that not every machine has. */
function shownPanel(profile: MachineProfile) {
  const { panelFaces, dutyPercent, modulationHz, pulseOnMs, pulseOffMs, readyLights, lamp } = profile;
  return {
    panelFaces: byWord(panelKnobs, (knob) => shownFace(panelFaces.find((face) => face.knob === knob))),
    hasDuty: dutyPercent !== null,
    dutyPercent: dutyPercent === null ? emptyReach : shownReach(dutyPercent, 1),
    hasModulation: modulationHz !== null,
    modulationHz: modulationHz === null ? emptyReach : shownReach(modulationHz, 1),
    hasPulses: pulseOnMs !== null || pulseOffMs !== null,
    pulseOnMs: pulseOnMs === null ? emptyReach : shownReach(pulseOnMs, 1),
    pulseOffMs: pulseOffMs === null ? emptyReach : shownReach(pulseOffMs, 1),
    readyLights: byWord(machineModes, (mode) => readyLights.find((row) => row.mode === mode)?.lights ?? ''),
    isLamp: lamp !== null,
    lamp: lamp === null ? emptyLamp : shownLamp(lamp),
  };
}

function shownLamp(lamp: NonNullable<MachineProfile['lamp']>): MachineForm['lamp'] {
  return {
    currentA: shownReach(lamp.currentA, 1),
    pulseWidthMs: shownReach(lamp.pulseWidthMs, 1),
    pulseRateHz: shownReach(lamp.pulseRateHz, 1),
    peakPowerW: shown(lamp.peakPowerW),
    needsSending: lamp.needsSending,
    spotsMm: shownList(lamp.spotsMm),
    points: lamp.points.map(shownAll),
  };
}

/** What a machine has for cleaning and cutting. */
function shownModes({ cleaning, cutting }: MachineProfile) {
  return {
    canClean: cleaning !== null,
    cleaning:
      cleaning === null
        ? emptyCleaning
        : {
            ...{ fitting: cleaning.fitting, shapes: cleaning.shapes, spotMm: shown(cleaning.spotMm) },
            ...{ widthMm: shownReach(cleaning.widthMm, 1), rateHz: shownReach(cleaning.rateHz, 1) },
          },
    canCut: cutting !== null,
    cutting:
      cutting === null
        ? emptyCutting
        : {
            ...{ boresMm: shownList(cutting.boresMm), mostBar: shown(cutting.mostBar), gases: cutting.gases },
            airLMin: cutting.airLMin === null ? '' : shown(cutting.airLMin),
          },
  };
}

const shownList = (values: readonly number[]): string => values.map(shown).join('; ');

function shownFace(face: PanelFace | undefined): TypedFace {
  if (face === undefined) return plainFace;
  const { name, shows, preset, perNotch, perNotchBelow } = face;
  return {
    name,
    shows,
    preset: shown(preset),
    perNotch: shown(perNotch),
    perNotchBelow: shown(perNotchBelow),
  };
}

function shownCircuit(circuit: MachineProfile['coolant'][number]): MachineForm['coolant'][number] {
  const { litres, heatingW, ...rest } = circuit;
  const orEmpty = (value: number | null) => (value === null ? '' : shown(value));
  return { ...shownAll(rest), litres: orEmpty(litres), heatingW: orEmpty(heatingW) };
}

/** A record with a value for each of a few words. */
function byWord<Word extends string, Value>(
  words: readonly Word[],
  valueOf: (word: Word) => Value,
): Record<Word, Value> {
  return Object.fromEntries(words.map((word) => [word, valueOf(word)])) as Record<Word, Value>;
}

/** What was typed, as a revision that can be sent, or what of it is not allowed. */
export type ReadMachine =
  { readonly draft: MachineRevisionDraft } | { readonly problems: readonly FieldProblem[] };

/** Reads a form; every refusal names its field as the form calls it. */
export function readMachineForm(form: MachineForm): ReadMachine {
  const scale = wireScale[form.wireSpeedUnit];
  const { name, note, hasFeeder, hasOptics, hasMains, hasPointer } = form;
  const panel = readPanel(form);
  const profile = {
    powerUnit: form.powerUnit,
    wobbleShapes: form.wobbleShapes,
    wireSpeedUnit: form.wireSpeedUnit,
    feederMenu: form.feederMenu,
    ...panel.parts,
    ratedPowerW: readPower(form.ratedPowerW),
    configuredPowerW: readPower(form.configuredPowerW),
    powerW: readPowers(form.powerW),
    spotMm: readFigure(form.spotMm),
    wobbleWidthMm: readReach(form.wobbleWidthMm, 1),
    wobbleRateHz: readReach(form.wobbleRateHz, 1),
    wireSpeedMmS: hasFeeder ? readReach(form.wireSpeedMmS, scale) : null,
    panel: hasFeeder ? form.panel : form.panel.filter((knob) => knob !== 'wireSpeed'),
    optics: hasOptics ? readAll(form.optics) : null,
    mains: hasMains ? readAll(form.mains) : null,
    coolant: form.coolant.map(readCircuit),
    pointer: hasPointer ? { ...form.pointer, stepMm: readFigure(form.pointer.stepMm) } : null,
    programSlots: readFigure(form.programSlots),
    cleaning: form.canClean ? readCleaning(form.cleaning) : null,
    cutting: form.canCut ? readCutting(form.cutting) : null,
  };
  const sent = { name, note, profile };
  const parsed = machineRevisionDraftSchema.safeParse(sent);
  if (parsed.success) return { draft: parsed.data };
  const problems = fieldProblems(parsed.error, sent);
  const asShown = problems.map((one) => inFeederUnit(one, form.wireSpeedUnit));
  return { problems: asShown.map((one) => ({ ...one, field: panel.fieldInForm(one.field) })) };
}

/** What of the panel is sent, and the way from a sent field's path back to the form's, which goes by knob and mode. */
function readPanel(form: MachineForm) {
  const knobs = panelKnobs.filter((knob) => isFaced(form.panelFaces[knob]));
  const modes = machineModes.filter((mode) => form.readyLights[mode].trim() !== '');
  const parts = {
    panelFaces: knobs.map((knob) => ({ knob, ...readFace(form.panelFaces[knob]) })),
    dutyPercent: form.hasDuty ? readReach(form.dutyPercent, 1) : null,
    modulationHz: form.hasModulation ? readReach(form.modulationHz, 1) : null,
    pulseOnMs: form.hasPulses ? readReach(form.pulseOnMs, 1) : null,
    pulseOffMs: form.hasPulses ? readReach(form.pulseOffMs, 1) : null,
    readyLights: modes.map((mode) => ({ mode, lights: form.readyLights[mode] })),
    lamp: form.isLamp ? readLamp(form.lamp) : null,
  };
  const fieldInForm = (field: string) =>
    field
      .replace(/^profile\./, '')
      .replace(/^panelFaces\.(\d+)/, (_, index) => `panelFaces.${knobs[Number(index)] ?? index}`)
      // A list is one field: what is wrong with one of it is told there.
      .replace(/^((?:lamp\.spotsMm|cutting\.boresMm|cutting\.gases|cleaning\.shapes))\.\d+$/, '$1')
      .replace(/^readyLights\.(\d+)\.lights/, (_, index) => `readyLights.${modes[Number(index)] ?? index}`);
  return { parts, fieldInForm };
}

/** Whether a panel says a knob in a way of its own. */
function isFaced({ name, shows }: TypedFace): boolean {
  return name.trim() !== '' || shows !== 'value';
}

function readFace({ name, shows, preset, perNotch, perNotchBelow }: TypedFace) {
  const figures = { preset: readFigure(preset), perNotch: readFigure(perNotch) };
  return { name, shows, ...figures, perNotchBelow: readFigure(perNotchBelow) };
}

function readLamp(lamp: MachineForm['lamp']) {
  return {
    currentA: readReach(lamp.currentA, 1),
    pulseWidthMs: readReach(lamp.pulseWidthMs, 1),
    pulseRateHz: readReach(lamp.pulseRateHz, 1),
    peakPowerW: readFigure(lamp.peakPowerW),
    needsSending: lamp.needsSending,
    spotsMm: readList(lamp.spotsMm),
    points: lamp.points.map(readAll),
  };
}

function readCleaning({ fitting, spotMm, widthMm, rateHz, shapes }: MachineForm['cleaning']) {
  const reaches = { widthMm: readReach(widthMm, 1), rateHz: readReach(rateHz, 1) };
  return { fitting, shapes, spotMm: readFigure(spotMm), ...reaches };
}

function readCutting({ boresMm, mostBar, airLMin, gases }: MachineForm['cutting']) {
  const air = airLMin.trim() === '' ? null : readFigure(airLMin);
  return { gases, boresMm: readList(boresMm), mostBar: readFigure(mostBar), airLMin: air };
}

/** Numbers with semicolons between, so that a decimal comma is none. */
function readList(text: string): number[] {
  return text
    .split(/[;\n]/)
    .filter((each) => each.trim() !== '')
    .map(readFigure);
}

function readCircuit({ name, litres, heatingW, ...limits }: MachineForm['coolant'][number]) {
  const orNull = (text: string) => (text.trim() === '' ? null : readFigure(text));
  return { name, ...readAll(limits), litres: orNull(litres), heatingW: orNull(heatingW) };
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

/** A power in W, typed with or without its unit: "1500", "1,5 kW"; NaN where it is none. */
function readPower(text: string): number {
  const parsed = parseQuantity(text, 'power', { bareUnit: 'W' });
  return parsed.ok ? parsed.value : NaN;
}

function readPowers({ least, most, step }: TypedReach) {
  return { least: readPower(least), most: readPower(most), step: readPower(step) };
}

/** A reach of the feeder in another unit: the same speeds, other figures. What cannot be read stays as it was typed. */
export function inOtherUnit(reach: TypedReach, from: WireUnit, to: WireUnit): TypedReach {
  const turned = (text: string) => {
    const value = readFigure(text);
    return Number.isNaN(value) ? text : shown((value * wireScale[from]) / wireScale[to]);
  };
  return { least: turned(reach.least), most: turned(reach.most), step: turned(reach.step) };
}

/** A problem of the feeder said in the unit that its field shows. */
function inFeederUnit(problem: FieldProblem, unit: WireUnit): FieldProblem {
  if (!problem.field.includes('wireSpeedMmS') || unit === 'mm/s') return problem;
  const shownIn = (text: string) => shown(Number(text) / wireScale[unit]);
  const given = Number.isFinite(Number(problem.given)) ? shownIn(problem.given) : problem.given;
  const allowed = problem.allowed.replace(
    /(\d[\d.]*) to (\d[\d.]*) mm\/s/,
    (_, from: string, to: string) => `${shownIn(from)} to ${shownIn(to)} ${unit}`,
  );
  return { ...problem, given, allowed };
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
