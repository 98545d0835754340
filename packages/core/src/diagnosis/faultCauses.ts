/**
 * What can be wrong, each with how often it is found where nothing else is known: weights of a working shop's year, to be
 * moved by the shop's own cases.
 */
export const faultCauses = {
  handSlip: 10,
  dirtySurface: 9,
  dirtyWindow: 10,
  wideGap: 8,
  lowGas: 7,
  gunAngle: 7,
  coldSetting: 7,
  hotSetting: 7,
  feederSettings: 5,
  feederMechanics: 5,
  pointerOff: 5,
  focusOff: 5,
  wornNozzle: 4,
  poorEarth: 4,
  wideWobble: 3,
  badGas: 3,
  openInterlock: 3,
  coolantOut: 2,
  wrongFiller: 2,
  damagedLens: 1.5,
  sourceFault: 1,
} as const satisfies Readonly<Record<string, number>>;
export type FaultCause = keyof typeof faultCauses;
export const everyFaultCause = Object.keys(faultCauses) as readonly FaultCause[];
