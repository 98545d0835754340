import type { MachineProfile } from './machine.js';

/** A kind of machine to start from: our own figures, nobody's data sheet. */
export interface StartingProfile {
  readonly id: 'bench' | 'barrow' | 'plate' | 'lamp';
  /** As it is offered. */
  readonly name: string;
  readonly profile: MachineProfile;
}

const cmPerMin = 10 / 60;
const mPerMin = 100 * cmPerMin;

const benchProfile: MachineProfile = {
  ratedPowerW: 1500,
  configuredPowerW: 1500,
  powerW: { least: 150, most: 1500, step: 15 },
  powerUnit: '%',
  spotMm: 0.15,
  wobbleShapes: ['sideToSide', 'circle'],
  wobbleWidthMm: { least: 0, most: 4, step: 0.1 },
  wobbleRateHz: { least: 10, most: 150, step: 1 },
  wireSpeedMmS: { least: 10 * cmPerMin, most: 400 * cmPerMin, step: cmPerMin },
  wireSpeedUnit: 'cm/min',
  panel: ['power', 'wobbleWidth', 'wobbleRate', 'wireSpeed'],
  optics: { fibreCoreMm: 0.05, collimatorMm: 50, focusLensMm: 150, beamQuality: 4, divergenceMrad: 60 },
  mains: { volts: 230, phases: 1, otherW: 1800, wallPlugPercent: 32, powerFactor: 0.95 },
  coolant: [
    {
      name: 'source and optics',
      setPointC: 25,
      lowerC: 21,
      upperC: 32,
      changeMonths: 3,
      litres: 12,
      heatingW: 500,
    },
  ],
  pointer: { stepMm: 0.02, isXReversed: false, isYReversed: false },
  feederMenu: [
    { name: 'start delay', value: '200 ms', makerDefault: '0 ms' },
    { name: 'retract', value: '15 mm', makerDefault: '10 mm' },
  ],
  programSlots: 10,
  panelFaces: [],
  dutyPercent: { least: 10, most: 100, step: 1 },
  modulationHz: { least: 50, most: 5000, step: 50 },
  pulseOnMs: { least: 10, most: 1000, step: 10 },
  pulseOffMs: { least: 10, most: 1000, step: 10 },
  readyLights: [
    { mode: 'weld', lights: 'laser ready and clamp, both steady green' },
    { mode: 'cut', lights: 'laser ready steady, air pressure steady' },
  ],
  lamp: null,
  cleaning: null,
  cutting: { boresMm: [1, 1.2, 1.5], mostBar: 10, airLMin: 120, gases: ['air', 'nitrogen'] },
};

const barrowProfile: MachineProfile = {
  ratedPowerW: 2000,
  configuredPowerW: 2000,
  powerW: { least: 200, most: 2000, step: 10 },
  powerUnit: 'W',
  spotMm: 0.18,
  wobbleShapes: ['sideToSide', 'circle', 'figureEight'],
  wobbleWidthMm: { least: 0, most: 5, step: 0.1 },
  wobbleRateHz: { least: 5, most: 200, step: 1 },
  wireSpeedMmS: { least: 0.1 * mPerMin, most: 5 * mPerMin, step: 0.05 * mPerMin },
  wireSpeedUnit: 'm/min',
  panel: ['wobbleRate', 'wobbleWidth', 'power', 'wireSpeed'],
  optics: { fibreCoreMm: 0.05, collimatorMm: 50, focusLensMm: 180, beamQuality: 5, divergenceMrad: 50 },
  mains: { volts: 400, phases: 3, otherW: 2600, wallPlugPercent: 33, powerFactor: 0.95 },
  coolant: [
    { name: 'source', setPointC: 25, lowerC: 22, upperC: 30, changeMonths: 6, litres: 14, heatingW: 700 },
    { name: 'optics', setPointC: 28, lowerC: 24, upperC: 34, changeMonths: 6, litres: 4, heatingW: 250 },
  ],
  pointer: { stepMm: 0.05, isXReversed: true, isYReversed: false },
  feederMenu: [{ name: 'feed delay', value: '0.3 s', makerDefault: '0.1 s' }],
  programSlots: 30,
  panelFaces: [],
  dutyPercent: { least: 5, most: 100, step: 5 },
  modulationHz: { least: 1000, most: 20_000, step: 100 },
  pulseOnMs: { least: 5, most: 2000, step: 5 },
  pulseOffMs: { least: 5, most: 2000, step: 5 },
  readyLights: [
    { mode: 'weld', lights: 'three in a row: emission, gas, clamp' },
    { mode: 'clean', lights: 'emission and gas; the clamp stays dark' },
  ],
  lamp: null,
  cleaning: {
    fitting: 'lens',
    spotMm: 0.6,
    widthMm: { least: 5, most: 100, step: 1 },
    rateHz: { least: 10, most: 200, step: 1 },
    shapes: ['line', 'circle'],
  },
  cutting: null,
};

const lampProfile: MachineProfile = {
  ratedPowerW: 300,
  configuredPowerW: 300,
  powerW: { least: 20, most: 300, step: 5 },
  powerUnit: 'W',
  spotMm: 0.6,
  wobbleShapes: [],
  wobbleWidthMm: { least: 0, most: 1, step: 0.1 },
  wobbleRateHz: { least: 1, most: 10, step: 1 },
  wireSpeedMmS: null,
  wireSpeedUnit: 'mm/s',
  panel: ['power'],
  optics: null,
  mains: { volts: 400, phases: 3, otherW: 3000, wallPlugPercent: 5, powerFactor: 0.9 },
  coolant: [
    { name: 'lamp', setPointC: 28, lowerC: 22, upperC: 36, changeMonths: 3, litres: 30, heatingW: 900 },
  ],
  pointer: null,
  feederMenu: [],
  programSlots: 8,
  panelFaces: [],
  dutyPercent: null,
  modulationHz: null,
  pulseOnMs: null,
  pulseOffMs: null,
  readyLights: [{ mode: 'weld', lights: 'simmer and shutter' }],
  lamp: {
    currentA: { least: 80, most: 320, step: 1 },
    pulseWidthMs: { least: 0.5, most: 20, step: 0.1 },
    pulseRateHz: { least: 0.5, most: 20, step: 0.5 },
    peakPowerW: 6000,
    needsSending: true,
    spotsMm: [0.6, 0.9, 1.4],
    points: [
      { currentA: 120, pulseMs: 4, energyJ: 3.4 },
      { currentA: 180, pulseMs: 4, energyJ: 7.1 },
      { currentA: 240, pulseMs: 6, energyJ: 18 },
    ],
  },
  cleaning: null,
  cutting: null,
};

const plateProfile: MachineProfile = {
  ...barrowProfile,
  ratedPowerW: 3000,
  configuredPowerW: 3000,
  powerW: { least: 300, most: 3000, step: 15 },
  spotMm: 0.2,
  wireSpeedMmS: { least: 0.1 * mPerMin, most: 8 * mPerMin, step: 0.05 * mPerMin },
  mains: { volts: 400, phases: 3, otherW: 3400, wallPlugPercent: 34, powerFactor: 0.95 },
};

/** Machines of the sizes that small shops have, to start from and to correct by one's own panel and manual. */
export const startingProfiles: readonly StartingProfile[] = [
  { id: 'bench', name: 'a bench unit, 1.5 kW', profile: benchProfile },
  { id: 'barrow', name: 'a unit on a barrow, 2 kW', profile: barrowProfile },
  { id: 'plate', name: 'a unit for plate, 3 kW', profile: plateProfile },
  { id: 'lamp', name: 'an old lamp-pulsed unit', profile: lampProfile },
];
