import {
  aimKinds,
  documentedPowers,
  fillers,
  mostLoss,
  nozzleShapes,
  practiceSchools,
  usualLosses,
  usualPractice,
  wireSizes,
  type AimLosses,
  type Practice,
  type PracticeTopic,
} from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, oneOf, shortText } from '../wire/bounded.js';
import { wireDiameterMm, wireDiametersMm } from '../joint/joint.js';

/** The shop's own school on each question. */
const practiceSchema = z.strictObject(
  Object.fromEntries(
    Object.entries(practiceSchools).map(([topic, schools]) => [topic, oneOf(schools)]),
  ) as unknown as { [Topic in PracticeTopic]: z.ZodType<Practice[Topic], Practice[Topic]> },
  { error: `a school for each of ${Object.keys(practiceSchools).join(', ')}` },
);

/** How the shop says what it measures and pays; what a machine's panel shows stays the panel's own. */
const unitsSchema = z.strictObject(
  {
    length: oneOf(['mm', 'in']),
    travel: oneOf(['mm/s', 'cm/min', 'in/min']),
    gasFlow: oneOf(['L/min', 'CFH']),
    temperature: oneOf(['°C', '°F']),
    pressure: oneOf(['bar', 'psi']),
    mass: oneOf(['kg', 'lb']),
    /** As the shop writes its money, before the figure; empty where it says none. */
    currency: shortText(6),
  },
  { error: 'units with length, travel, gasFlow, temperature, pressure, mass and currency' },
);
export type HouseUnits = z.infer<typeof unitsSchema>;

const diameterError = {
  error: `one of ${wireSizes.map(({ name, diameter }) => `${name} (${wireDiameterMm(diameter)})`).join(', ')}, as millimetres`,
};

/** A spool of wire in the shop. */
const spoolSchema = z.strictObject(
  {
    filler: oneOf(fillers),
    diameterMm: z.number(diameterError).refine((mm) => wireDiametersMm.includes(mm), diameterError),
    kilograms: boundedNumber({ quantity: 'wire on the spool', min: 0, max: 100, unit: 'kg' }),
    batch: shortText(40),
  },
  { error: 'a spool with filler, diameterMm, kilograms and batch' },
);
export type WireSpool = z.infer<typeof spoolSchema>;

/** Nozzles of one sort that lie in the drawer. */
const nozzleSchema = z.strictObject(
  {
    shape: oneOf(nozzleShapes),
    isGrooved: z.boolean({ error: 'true or false' }),
    boreMm: boundedNumber({ quantity: 'bore', min: 0.5, max: 15, unit: 'mm' }),
    count: z
      .int({ error: 'a whole number from 0 to 999' })
      .min(0, { error: 'a whole number from 0 to 999' })
      .max(999, { error: 'a whole number from 0 to 999' }),
  },
  { error: 'a nozzle with shape, isGrooved, boreMm and count' },
);
export type NozzleOnHand = z.infer<typeof nozzleSchema>;

const price = (quantity: string, max: number) => boundedNumber({ quantity, min: 0, max, unit: '' });

/** In the shop's own money. */
const pricesSchema = z.strictObject(
  {
    labourPerHour: price('an hour of a person', 1000),
    gasPerCubicMetre: price('a cubic metre of gas', 1000),
    wirePerKilogram: price('a kilogram of wire', 1000),
    mainsPerKilowattHour: price('a kilowatt hour', 100),
    window: price('a protective window', 10_000),
    /** Light at 1 kW that a window bears here before it is changed. */
    windowHours: boundedNumber({ quantity: 'a window’s life', min: 0.5, max: 500, unit: 'h of light' }),
  },
  { error: 'prices of labour, gas, wire, mains and windows' },
);
export type HousePrices = z.infer<typeof pricesSchema>;

const minutes = (quantity: string, max: number) => boundedNumber({ quantity, min: 0, max, unit: 'min' });
const lightShare = boundedNumber({ quantity: 'light on', min: 1, max: 100, unit: '% of the hands’ time' });

/** How long things take in a job and what an hour costs beside the person, and the arc process it is held against. */
const jobRatesSchema = z.strictObject(
  {
    /** Light on over the time at a seam, lining up included; from then on jobs teach it. */
    lightSharePercent: lightShare,
    nozzleMin: minutes('changing the nozzle', 120),
    wireMin: minutes('changing the wire', 240),
    gasMin: minutes('changing the gas', 120),
    slotMin: minutes('recalling or dialling another setting', 60),
    turnMin: minutes('turning the part', 240),
    tackS: boundedNumber({ quantity: 'a tack', min: 0, max: 600, unit: 's' }),
    /** Light near the machine's limit after which the nozzle is let cool; 0 for never. */
    nozzleLightS: boundedNumber({ quantity: 'light before the nozzle cools', min: 0, max: 3600, unit: 's' }),
    nozzleRestMin: minutes('letting the nozzle cool', 60),
    dressMinPerM: minutes('dressing a metre', 600),
    /** The room, the machine, what is paid whether it welds or not. */
    overheadPerHour: price('an hour of everything else', 1000),
    arc: z.strictObject(
      {
        name: shortText(30),
        travelMmS: boundedNumber({ quantity: 'travel of the arc', min: 0.2, max: 50, unit: 'mm/s' }),
        lightSharePercent: boundedNumber({
          quantity: 'arc on',
          min: 1,
          max: 100,
          unit: '% of the hands’ time',
        }),
        dressMinPerM: minutes('dressing a metre after the arc', 600),
        straightenMinPerPart: minutes('straightening a part after the arc', 600),
        consumablesPerM: price('a metre of arc’s gas, wire and tips', 1000),
      },
      {
        error:
          'the arc process with name, travelMmS, lightSharePercent, dressMinPerM, straightenMinPerPart and consumablesPerM',
      },
    ),
    /** What the machine costs, for when it has paid; null where nobody says. */
    machine: z
      .strictObject(
        {
          price: price('the machine', 1e7),
          keepPerYear: price('keeping it a year', 1e6),
          moneyPercentPerYear: boundedNumber({
            quantity: 'what money costs',
            min: 0,
            max: 100,
            unit: '% a year',
          }),
        },
        { error: 'price, keepPerYear and moneyPercentPerYear, or null' },
      )
      .nullable(),
  },
  {
    error:
      'rates with lightSharePercent, nozzleMin, wireMin, gasMin, slotMin, turnMin, tackS, nozzleLightS, nozzleRestMin, dressMinPerM, overheadPerHour, arc and machine',
  },
);
export type JobRates = z.infer<typeof jobRatesSchema>;

const shareOfThickness = (quantity: string, max: number) =>
  boundedNumber({ quantity, min: 0, max, unit: 'of the thickness' }).nullable();

/** What a weld must show to be taken; null where the level does not ask. */
export const acceptanceSchema = z.strictObject(
  {
    name: shortText(40).min(1, { error: 'a name of up to 40 characters' }),
    leastReach: shareOfThickness('least depth', 1),
    mostUndercut: shareOfThickness('most undercut', 1),
    mostCrown: shareOfThickness('highest crown', 2),
    mostMisalignment: shareOfThickness('most misalignment', 1),
    bendAngle: boundedNumber({ quantity: 'bend', min: 0, max: 180, unit: '°' }).nullable(),
    longestIndication: boundedNumber({
      quantity: 'longest indication',
      min: 0,
      max: 100,
      unit: 'mm',
    }).nullable(),
    asksTight: z.boolean({ error: 'true or false' }),
  },
  {
    error:
      'a level with name, leastReach, mostUndercut, mostCrown, mostMisalignment, bendAngle, longestIndication and asksTight',
  },
);
export type NamedLevel = z.infer<typeof acceptanceSchema>;

const power = (quantity: string) => boundedNumber({ quantity, min: 0, max: 4, unit: '' });

/** How strongly each documented weight of what wears glass counts: 1 as documented. */
const glassWeightsSchema = z.strictObject(
  {
    metal: power('weight of the metal'),
    angle: power('weight of the gun angle'),
    power: power('weight of the power'),
  },
  { error: 'weights with metal, angle and power' },
);

const loss = (quantity: string) => boundedNumber({ quantity, min: 0, max: mostLoss, unit: '' });

/** What each outcome costs for an aim; a deeper fault never costs less than a lesser one of its kind. */
const lossesSchema = z
  .strictObject(
    {
      cold: loss('loss of cold'),
      part: loss('loss of part'),
      hot: loss('loss of hot'),
      hole: loss('loss of a hole'),
    },
    { error: 'losses with cold, part, hot and hole' },
  )
  .refine(({ cold, part }) => part <= cold, { path: ['part'], error: 'no more than what cold costs' })
  .refine(({ hot, hole }) => hot <= hole, { path: ['hot'], error: 'no more than what a hole costs' });

/** The losses of every aim. */
const aimLossesSchema = z.strictObject(
  Object.fromEntries(aimKinds.map((kind) => [kind, lossesSchema])) as unknown as {
    [Kind in keyof AimLosses]: typeof lossesSchema;
  },
  { error: `losses for each of ${aimKinds.join(', ')}` },
);

/** What is written down of the house, a sheet each: its schema as it is sent. */
export const houseSheetDrafts = {
  practice: practiceSchema,
  units: unitsSchema,
  wire: z.array(spoolSchema).max(60, { error: 'up to 60 spools' }),
  nozzles: z.array(nozzleSchema).max(60, { error: 'up to 60 sorts of nozzle' }),
  prices: pricesSchema,
  jobRates: jobRatesSchema,
  acceptance: z.array(acceptanceSchema).max(20, { error: 'up to 20 levels' }),
  glassWeights: glassWeightsSchema,
  losses: aimLossesSchema,
} as const;

/** The sheets of the house, in the order they are shown. */
export const houseSheets = [
  'practice',
  'units',
  'wire',
  'nozzles',
  'prices',
  'jobRates',
  'acceptance',
  'glassWeights',
  'losses',
] as const;
/** A sheet's name in an address. */
export const houseSheetName = z.enum(houseSheets, { error: `one of ${houseSheets.join(', ')}` });
export type HouseSheet = (typeof houseSheets)[number];
export type HouseContent = { readonly [Sheet in HouseSheet]: z.infer<(typeof houseSheetDrafts)[Sheet]> };

/** Where a shop starts, before anybody wrote a sheet. */
export const houseStarts: HouseContent = {
  practice: usualPractice,
  units: {
    ...{ length: 'mm', travel: 'mm/s', gasFlow: 'L/min' },
    ...{ temperature: '°C', pressure: 'bar', mass: 'kg', currency: '' },
  },
  wire: [],
  nozzles: [],
  prices: {
    labourPerHour: 40,
    gasPerCubicMetre: 8,
    wirePerKilogram: 15,
    mainsPerKilowattHour: 0.3,
    window: 12,
    windowHours: 20,
  },
  jobRates: {
    ...{ lightSharePercent: 20, nozzleMin: 2, wireMin: 6, gasMin: 3, slotMin: 0.5, turnMin: 1.5 },
    ...{ tackS: 5, nozzleLightS: 60, nozzleRestMin: 2, dressMinPerM: 2, overheadPerHour: 0 },
    arc: {
      ...{ name: 'TIG', travelMmS: 2, lightSharePercent: 30, dressMinPerM: 10 },
      ...{ straightenMinPerPart: 10, consumablesPerM: 1.5 },
    },
    machine: null,
  },
  acceptance: [
    {
      name: 'Sealed seam',
      leastReach: 1,
      mostUndercut: 0.1,
      mostCrown: 0.5,
      mostMisalignment: 0.2,
      bendAngle: null,
      longestIndication: 0,
      asksTight: true,
    },
    {
      name: 'Carries load',
      leastReach: 1,
      mostUndercut: 0.1,
      mostCrown: 0.5,
      mostMisalignment: 0.2,
      bendAngle: 120,
      longestIndication: null,
      asksTight: false,
    },
    {
      name: 'For the eye',
      leastReach: 0.5,
      mostUndercut: 0.15,
      mostCrown: 0.3,
      mostMisalignment: 0.3,
      bendAngle: null,
      longestIndication: null,
      asksTight: false,
    },
  ],
  glassWeights: documentedPowers,
  losses: usualLosses,
};

const stands = {
  /** The newest, which the next one comes after; of one’s workshop’s own sheet, where one is of a workshop. */
  revision: z.int().nonnegative(),
  /** One’s workshop has it of its own, on top of the firm’s. */
  isOwn: z.boolean().optional(),
};

/** The house as it stands for who asks: each sheet with its revision, 0 while nobody has written it. */
export const houseSchema = z.strictObject({
  practice: z.strictObject({ ...stands, content: practiceSchema }),
  units: z.strictObject({ ...stands, content: unitsSchema }),
  wire: z.strictObject({ ...stands, content: houseSheetDrafts.wire }),
  nozzles: z.strictObject({ ...stands, content: houseSheetDrafts.nozzles }),
  prices: z.strictObject({ ...stands, content: pricesSchema }),
  jobRates: z.strictObject({ ...stands, content: jobRatesSchema }),
  acceptance: z.strictObject({ ...stands, content: houseSheetDrafts.acceptance }),
  glassWeights: z.strictObject({ ...stands, content: glassWeightsSchema }),
  losses: z.strictObject({ ...stands, content: aimLossesSchema }),
});
export type House = z.infer<typeof houseSchema>;
