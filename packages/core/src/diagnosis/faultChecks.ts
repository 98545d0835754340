import type { ByCause } from './faultSymptoms.js';

/** A check that can be made at the machine. */
export interface FaultCheck {
  /** Of work, until it is answered. */
  readonly minutes: number;
  /** The machine is isolated first: laser off, key out, cap on. Such a check waits for those that need none. */
  readonly needsIsolation: boolean;
  /** The light is fired for it: nothing to ask of a machine that gives none. */
  readonly needsLight: boolean;
  /** Chance that it finds something, by what is wrong. */
  readonly finds: ByCause;
}

/** A check finds something this often where nothing of its kind is wrong. */
export const falseAlarm = 0.04;

const quick = (minutes: number, finds: ByCause): FaultCheck => ({
  minutes,
  needsIsolation: false,
  needsLight: false,
  finds,
});
const lit = (minutes: number, finds: ByCause): FaultCheck => ({ ...quick(minutes, finds), needsLight: true });
const isolated = (minutes: number, finds: ByCause): FaultCheck => ({
  ...quick(minutes, finds),
  needsIsolation: true,
});

/** Checks with what they cost and what they find. Minutes are those of a hand that has done it before. */
export const faultChecks = {
  askTheHand: lit(1, { handSlip: 0.85, gunAngle: 0.3 }),
  workClamp: quick(1, { poorEarth: 0.9 }),
  interlocks: quick(1, { openInterlock: 0.95 }),
  gasAtTheGun: quick(1, { lowGas: 0.92, badGas: 0.1 }),
  gunAngle: lit(1, { gunAngle: 0.85 }),
  spoolLabel: quick(1, { wrongFiller: 0.9 }),
  coolantReading: quick(1, { coolantOut: 0.92 }),
  settingAgainstCard: quick(2, { hotSetting: 0.85, coldSetting: 0.85, wideWobble: 0.85 }),
  feelerInTheGap: quick(2, { wideGap: 0.9 }),
  statusPage: quick(2, { sourceFault: 0.8, coolantOut: 0.7, openInterlock: 0.6 }),
  feederMenu: quick(3, { feederSettings: 0.9 }),
  cleanScrap: lit(4, { dirtySurface: 0.9 }),
  wireByHand: quick(4, { feederMechanics: 0.9 }),
  dotOnTape: quick(4, { pointerOff: 0.93 }),
  otherBottle: lit(6, { badGas: 0.9, lowGas: 0.4 }),
  focusLine: lit(6, { focusOff: 0.9, damagedLens: 0.3 }),
  nozzleOff: isolated(3, { wornNozzle: 0.92, wideWobble: 0.3 }),
  windowOut: isolated(8, { dirtyWindow: 0.97, damagedLens: 0.3 }),
  glassBehindWindow: isolated(20, { damagedLens: 0.9 }),
} as const satisfies Readonly<Record<string, FaultCheck>>;
export type FaultCheckName = keyof typeof faultChecks;
export const everyFaultCheck = Object.keys(faultChecks) as readonly FaultCheckName[];
