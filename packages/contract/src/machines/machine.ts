import { cutGases, describeRange, sweepShapes, wobbleShapes, type AllowedRange } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, moment, oneOf, shortText } from '../wire/bounded.js';

/** A knob's reach in the unit its name says, inside what such machines can be. */
function reachOf(range: AllowedRange) {
  const value = boundedNumber(range);
  const step = boundedNumber({ quantity: 'step', min: 0.001, max: range.max, unit: range.unit });
  return z
    .strictObject(
      { least: value, most: value, step },
      { error: `least, most and step, from ${describeRange(range)}` },
    )
    .check(({ value: reach, issues }) => {
      if (reach.most > reach.least) return;
      const message = `more than the least, ${reach.least} ${range.unit}`;
      issues.push({ code: 'custom', path: ['most'], input: reach.most, message });
    });
}

/** Knobs a panel can have, in the order the panel shows them. */
export const panelKnobs = ['power', 'wobbleWidth', 'wobbleRate', 'wireSpeed'] as const;
export type PanelKnob = (typeof panelKnobs)[number];

/** How feeders show wire speed. */
export const wireSpeedUnits = ['cm/min', 'm/min', 'mm/s', 'in/min'] as const;

const watts = { quantity: 'power', min: 50, max: 6000, unit: 'W' };
const celsius = (quantity: string) => boundedNumber({ quantity, min: 0, max: 60, unit: '°C' });

const opticsSchema = z.strictObject(
  {
    fibreCoreMm: boundedNumber({ quantity: 'fibre core', min: 0.005, max: 1, unit: 'mm' }),
    collimatorMm: boundedNumber({ quantity: 'collimator', min: 10, max: 500, unit: 'mm' }),
    focusLensMm: boundedNumber({ quantity: 'focus lens', min: 20, max: 1000, unit: 'mm' }),
    /** M2. */
    beamQuality: boundedNumber({ quantity: 'beam quality M2', min: 1, max: 50, unit: '' }),
    /** Full angle behind the focus, as the data sheet gives it (1/e2). */
    divergenceMrad: boundedNumber({ quantity: 'divergence', min: 1, max: 600, unit: 'mrad' }),
  },
  { error: 'optics with fibreCoreMm, collimatorMm, focusLensMm, beamQuality and divergenceMrad, or null' },
);

const mainsSchema = z.strictObject(
  {
    volts: boundedNumber({ quantity: 'mains', min: 90, max: 700, unit: 'V' }),
    phases: z.union([z.literal(1), z.literal(3)], { error: '1 or 3 phases' }),
    /** Chiller, feeder and extraction on the same supply. */
    otherW: boundedNumber({ quantity: 'other load', min: 0, max: 20_000, unit: 'W' }),
    wallPlugPercent: boundedNumber({ quantity: 'wall-plug efficiency', min: 5, max: 60, unit: '%' }),
    powerFactor: boundedNumber({ quantity: 'power factor', min: 0.5, max: 1, unit: '' }),
  },
  { error: 'mains with volts, phases, otherW, wallPlugPercent and powerFactor, or null' },
);

const coolantSchema = z
  .strictObject(
    {
      name: shortText(40).min(1, { error: 'a name, such as source' }),
      setPointC: celsius('coolant set point'),
      lowerC: celsius('coolant lower limit'),
      upperC: celsius('coolant upper limit'),
      changeMonths: boundedNumber({ quantity: 'water change', min: 1, max: 24, unit: 'months' }),
      /** Water in the circuit; null where it is not known. */
      litres: boundedNumber({ quantity: 'water', min: 1, max: 200, unit: 'L' }).nullable(),
      /** Heater and pump, what warms it before light; null where it is not known. */
      heatingW: boundedNumber({ quantity: 'heating', min: 20, max: 10_000, unit: 'W' }).nullable(),
    },
    { error: 'a circuit with name, setPointC, lowerC, upperC, changeMonths, litres and heatingW' },
  )
  .check(({ value, issues }) => {
    if (value.lowerC < value.setPointC && value.setPointC < value.upperC) return;
    issues.push({
      code: 'custom',
      path: ['setPointC'],
      input: value.setPointC,
      message: `between the limits, ${value.lowerC} and ${value.upperC} °C`,
    });
  });

const pointerSchema = z.strictObject(
  {
    /** What one step of the controller's offset moves the dot by. */
    stepMm: boundedNumber({ quantity: 'pointer step', min: 0.001, max: 1, unit: 'mm' }),
    /** A larger number moves the dot to the right and up; reversed where it goes the other way. */
    isXReversed: z.boolean({ error: 'true or false' }),
    isYReversed: z.boolean({ error: 'true or false' }),
  },
  { error: 'a pointer with stepMm, isXReversed and isYReversed, or null' },
);

const feederEntrySchema = z.strictObject(
  {
    name: shortText(40).min(1, { error: 'a name, as the feeder’s menu has it' }),
    value: shortText(20),
    /** As the feeder came, so that a changed one is seen. */
    makerDefault: shortText(20),
  },
  { error: 'an entry with name, value and makerDefault' },
);

/** How a panel can say a knob: its value, notches from a preset, minus to plus, or a wobble rate as its sweep speed. */
export const faceKinds = ['value', 'relative', 'signed', 'sweepSpeed'] as const;
export type FaceKind = (typeof faceKinds)[number];

const calibration = boundedNumber({ quantity: 'calibration', min: -10_000, max: 10_000, unit: '' });

const panelFaceSchema = z
  .strictObject(
    {
      knob: oneOf(panelKnobs),
      /** As the panel has it; empty for our own word. */
      name: shortText(30),
      shows: oneOf(faceKinds),
      /** What the preset (relative) or the middle (signed) stands for, in the knob's unit: W, mm, Hz or mm/s. */
      preset: calibration,
      /** What one notch up adds, in the same unit; below the middle of a signed knob its own. */
      perNotch: calibration,
      perNotchBelow: calibration,
    },
    { error: 'a face with knob, name, shows, preset, perNotch and perNotchBelow' },
  )
  .check(({ value: face, issues }) => {
    const refuse = (path: 'shows' | 'perNotch' | 'perNotchBelow', message: string) =>
      issues.push({ code: 'custom', path: [path], input: face[path], message });
    if (face.shows === 'sweepSpeed' && face.knob !== 'wobbleRate')
      refuse('shows', 'sweepSpeed for the wobble rate alone');
    const hasNotches = face.shows === 'relative' || face.shows === 'signed';
    if (hasNotches && face.perNotch === 0) refuse('perNotch', 'what one notch adds, not 0');
    if (face.shows === 'signed' && Math.sign(face.perNotchBelow) !== Math.sign(face.perNotch))
      refuse('perNotchBelow', 'not 0, and the same way as above the middle');
  });
export type PanelFace = z.infer<typeof panelFaceSchema>;

/** What one gun and source can be switched to. */
export const machineModes = ['weld', 'clean', 'cut'] as const;
export type MachineMode = (typeof machineModes)[number];

const readyLightsSchema = z.strictObject(
  {
    mode: oneOf(machineModes),
    /** Which lights stand on the panel when it is ready, in words. */
    lights: shortText(120).min(1, { error: 'the lights in words' }),
  },
  { error: 'ready lights with mode and lights' },
);

const upTo8 = { error: 'up to 8' };
const upTo30 = { error: 'up to 30 of them' };
const oneOrMore = { error: 'one or more' };
const oneTo8 = { error: '1 to 8' };

/** A pulse whose energy is known. */
const lampPointSchema = z.strictObject(
  {
    currentA: boundedNumber({ quantity: 'lamp current', min: 1, max: 2000, unit: 'A' }),
    pulseMs: boundedNumber({ quantity: 'pulse width', min: 0.05, max: 100, unit: 'ms' }),
    energyJ: boundedNumber({ quantity: 'energy of a pulse', min: 0.01, max: 1000, unit: 'J' }),
  },
  { error: 'a point with currentA, pulseMs and energyJ' },
);

/** A lamp-pulsed machine's own knobs. */
const lampSchema = z.strictObject(
  {
    currentA: reachOf({ quantity: 'lamp current', min: 1, max: 2000, unit: 'A' }),
    pulseWidthMs: reachOf({ quantity: 'pulse width', min: 0.05, max: 100, unit: 'ms' }),
    pulseRateHz: reachOf({ quantity: 'pulse rate', min: 0.1, max: 500, unit: 'Hz' }),
    /** Power inside a pulse at the largest current. */
    peakPowerW: boundedNumber({ quantity: 'pulse power', min: 100, max: 50_000, unit: 'W' }),
    /** A setting does nothing until it is sent to the controller. */
    needsSending: z.boolean({ error: 'true or false' }),
    /** Spots on the work that it can be set to; none where it is the machine's own spot alone. */
    spotsMm: z.array(boundedNumber({ quantity: 'spot', min: 0.05, max: 5, unit: 'mm' }), upTo8).max(8, upTo8),
    /** Energies that were measured or stand in its manual; without one no depth can be said. */
    points: z.array(lampPointSchema, upTo30).max(30, upTo30),
  },
  {
    error:
      'a lamp with currentA, pulseWidthMs, pulseRateHz, peakPowerW, needsSending, spotsMm and points, or null',
  },
);

/** What a machine cleans with. */
const cleaningSchema = z.strictObject(
  {
    /** What is swapped before it cleans: a head of its own, or a lens in the gun's. */
    fitting: oneOf(['head', 'lens', 'none']),
    spotMm: boundedNumber({ quantity: 'spot while cleaning', min: 0.05, max: 5, unit: 'mm' }),
    widthMm: reachOf({ quantity: 'sweep', min: 1, max: 300, unit: 'mm' }),
    rateHz: reachOf({ quantity: 'sweeps', min: 1, max: 1000, unit: 'Hz' }),
    shapes: z.array(oneOf(sweepShapes), oneOrMore).min(1, oneOrMore),
  },
  { error: 'cleaning with fitting, spotMm, widthMm, rateHz and shapes, or null' },
);

/** What a machine cuts with. */
const cuttingSchema = z.strictObject(
  {
    boresMm: z
      .array(boundedNumber({ quantity: 'bore', min: 0.5, max: 5, unit: 'mm' }), oneTo8)
      .min(1, oneTo8)
      .max(8, oneTo8),
    /** That the head and its window bear. */
    mostBar: boundedNumber({ quantity: 'pressure of the head', min: 0.5, max: 25, unit: 'bar' }),
    /** What the compressor gives, counted at 0 °C and 1.01325 bar; null where it is not known. */
    airLMin: boundedNumber({
      quantity: 'air of the compressor',
      min: 5,
      max: 5000,
      unit: 'L/min',
    }).nullable(),
    gases: z.array(oneOf(cutGases), oneOrMore).min(1, oneOrMore),
  },
  { error: 'cutting with boresMm, mostBar, airLMin and gases, or null' },
);

/** What a machine is able to do and how its panel says it. */
export const machineProfileSchema = z
  .strictObject(
    {
      ratedPowerW: boundedNumber({ ...watts, quantity: 'rated power' }),
      /** What 100 % on the panel stands for. */
      configuredPowerW: boundedNumber({ ...watts, quantity: 'configured power' }),
      powerW: reachOf({ ...watts, min: 1 }),
      /** How the panel shows power. */
      powerUnit: oneOf(['W', '%']),
      spotMm: boundedNumber({ quantity: 'spot', min: 0.02, max: 2, unit: 'mm' }),
      /** None where a lamp pulses and nothing sweeps. */
      wobbleShapes: z.array(oneOf(wobbleShapes), { error: 'one shape or more' }),
      wobbleWidthMm: reachOf({ quantity: 'wobble width', min: 0, max: 10, unit: 'mm' }),
      wobbleRateHz: reachOf({ quantity: 'wobble rate', min: 1, max: 500, unit: 'Hz' }),
      /** Null where no feeder is fitted. */
      wireSpeedMmS: reachOf({ quantity: 'wire speed', min: 0.1, max: 300, unit: 'mm/s' }).nullable(),
      /** How the feeder shows wire speed. */
      wireSpeedUnit: oneOf(wireSpeedUnits),
      panel: z.array(oneOf(panelKnobs), { error: 'the knobs in the panel’s order' }).min(1),
      /** Null where it is not known. */
      optics: opticsSchema.nullable(),
      mains: mainsSchema.nullable(),
      /** One circuit or two; none where nothing is known of them. */
      coolant: z.array(coolantSchema).max(2, { error: 'two circuits at most' }),
      pointer: pointerSchema.nullable(),
      feederMenu: z.array(feederEntrySchema).max(20, { error: 'up to 20 entries' }),
      programSlots: boundedNumber({ quantity: 'program slots', min: 0, max: 999, unit: '' }),
      /** Knobs that the panel says in another way than by their value, or under another name. */
      panelFaces: z.array(panelFaceSchema).max(panelKnobs.length, { error: 'one face a knob' }),
      /** Null where the panel has no such knob. */
      dutyPercent: reachOf({ quantity: 'duty', min: 1, max: 100, unit: '%' }).nullable(),
      modulationHz: reachOf({ quantity: 'modulation', min: 1, max: 100_000, unit: 'Hz' }).nullable(),
      /** Light on and off in pulsed welding; null where the panel does not pulse. */
      pulseOnMs: reachOf({ quantity: 'pulse on', min: 0.1, max: 5000, unit: 'ms' }).nullable(),
      pulseOffMs: reachOf({ quantity: 'pulse off', min: 0.1, max: 5000, unit: 'ms' }).nullable(),
      readyLights: z.array(readyLightsSchema).max(machineModes.length, { error: 'one row a mode' }),
      /** Null for a fibre laser. */
      lamp: lampSchema.nullable(),
      /** Null where it does not clean. */
      cleaning: cleaningSchema.nullable(),
      /** Null where it does not cut. */
      cutting: cuttingSchema.nullable(),
    },
    { error: 'a machine’s profile' },
  )
  .check(({ value: profile, issues }) => {
    const refuse = (path: PropertyKey[], input: unknown, message: string) =>
      issues.push({ code: 'custom', path, input, message });
    if (profile.configuredPowerW > profile.ratedPowerW) {
      refuse(
        ['configuredPowerW'],
        profile.configuredPowerW,
        `up to the rated power, ${profile.ratedPowerW} W`,
      );
    }
    if (profile.powerW.most > profile.configuredPowerW) {
      refuse(
        ['powerW', 'most'],
        profile.powerW.most,
        `up to the configured power, ${profile.configuredPowerW} W`,
      );
    }
    if (profile.wobbleShapes.length === 0 && profile.lamp === null) {
      refuse(['wobbleShapes'], profile.wobbleShapes, 'one shape or more');
    }
    const faced = profile.panelFaces.map(({ knob }) => knob);
    if (new Set(faced).size < faced.length) refuse(['panelFaces'], faced, 'one face a knob');
    if (new Set(profile.panel).size < profile.panel.length) {
      refuse(['panel'], profile.panel, 'each knob once');
    }
  });
export type MachineProfile = z.infer<typeof machineProfileSchema>;

/** What a profile says of the parts nobody has told anything of, as profiles from before they were kept. */
export const nothingKnown: Pick<
  MachineProfile,
  | 'optics'
  | 'mains'
  | 'coolant'
  | 'pointer'
  | 'feederMenu'
  | 'programSlots'
  | 'panelFaces'
  | 'dutyPercent'
  | 'modulationHz'
  | 'pulseOnMs'
  | 'pulseOffMs'
  | 'readyLights'
  | 'lamp'
  | 'cleaning'
  | 'cutting'
> = {
  optics: null,
  mains: null,
  coolant: [],
  pointer: null,
  feederMenu: [],
  programSlots: 0,
  panelFaces: [],
  dutyPercent: null,
  modulationHz: null,
  pulseOnMs: null,
  pulseOffMs: null,
  readyLights: [],
  lamp: null,
  cleaning: null,
  cutting: null,
};
const circuitNotKept = { litres: null, heatingW: null };
const lampNotKept = { spotsMm: [], points: [] };

/**
 * A profile as it was stored or written to a file, with what its version did not know of filled in as not known. What
 * is no profile comes back as it is, for the schema to refuse.
 */
export function withoutGaps(profile: unknown): unknown {
  if (typeof profile !== 'object' || profile === null || Array.isArray(profile)) return profile;
  const whole: Record<string, unknown> = { ...nothingKnown, ...profile };
  const { coolant, lamp } = whole;
  if (typeof lamp === 'object' && lamp !== null && !Array.isArray(lamp))
    whole['lamp'] = { ...lampNotKept, ...lamp };
  if (Array.isArray(coolant)) {
    whole['coolant'] = coolant.map((circuit: unknown) =>
      typeof circuit === 'object' && circuit !== null ? { ...circuitNotKept, ...circuit } : circuit,
    );
  }
  return whole;
}

/** A machine's id in an address: the client's own for a new one. */
export const machineId = z
  .string({ error: 'an id of letters, digits and dashes' })
  .regex(/^[\w-]{1,60}$/, { error: 'an id of letters, digits and dashes' });

const wholeNumber = { error: 'a whole number from 1' };

/** A revision's number in an address. */
export const revisionNumber = z.coerce.number(wholeNumber).int(wholeNumber).positive(wholeNumber);

const machineName = shortText(60).min(1, { error: 'a name of up to 60 characters' });

/** A machine as it stands: its newest revision. */
export const machineSchema = z.strictObject({
  id: z.string(),
  name: machineName,
  /** Rises by one with each change; coupons keep the revision they were welded with. */
  revision: z.int().positive(),
  profile: machineProfileSchema,
  /** Since when it is out of use; left out for one that is used. What was done with it stays. */
  retiredAt: moment.optional(),
  /** The workshop that it stands in; left out for one that is the firm's. */
  workshopId: z.string().optional(),
});
export type Machine = z.infer<typeof machineSchema>;

/** What is sent to make a machine or to change one: its next revision. */
export const machineRevisionDraftSchema = z.strictObject(
  {
    name: machineName,
    profile: machineProfileSchema,
    /** Why it was changed. */
    note: shortText(500),
  },
  { error: 'a revision with name, profile and note' },
);
export type MachineRevisionDraft = z.infer<typeof machineRevisionDraftSchema>;

/** A revision as it is kept; never changed afterwards. */
export const machineRevisionSchema = z.strictObject({
  machineId: z.string(),
  revision: z.int().positive(),
  name: machineName,
  profile: machineProfileSchema,
  madeAt: z.iso.datetime(),
  /** Null for revisions from before people were recorded. */
  madeBy: z.string().nullable(),
  note: shortText(500),
});
export type MachineRevision = z.infer<typeof machineRevisionSchema>;

/** A machine in a file of its own, to be taken to another shop or kept. */
export const machineFileSchema = z.strictObject(
  {
    format: z.literal('lone-heron-machine', { error: 'lone-heron-machine, a machine’s own file' }),
    version: z.literal(1, { error: '1' }),
    name: machineName,
    profile: machineProfileSchema,
  },
  { error: 'a machine’s file: format, version, name and profile' },
);
export type MachineFile = z.infer<typeof machineFileSchema>;
