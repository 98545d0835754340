import type { FaultCause } from './faultCauses.js';

/** Chance of a symptom by its cause; a cause that is not named shows it as rarely as anything does. */
export type ByCause = Readonly<Partial<Record<FaultCause, number>>>;

/** A symptom that none of its causes explains is still reported this often. */
export const strayChance = 0.03;

/**
 * What is seen when something is wrong, with the chance that each cause shows it. Judged from how the trade finds its
 * faults, not measured: the shop's own cases move the causes, not these.
 */
export const faultSymptoms = {
  powerFades: { dirtyWindow: 0.7, damagedLens: 0.7, coolantOut: 0.4, focusOff: 0.2, sourceFault: 0.3 },
  nozzleSparks: { wornNozzle: 0.6, pointerOff: 0.5, dirtySurface: 0.3, wideWobble: 0.5, lowGas: 0.2 },
  hotNozzle: { wornNozzle: 0.6, wideWobble: 0.7, pointerOff: 0.5, gunAngle: 0.2, damagedLens: 0.2 },
  wireSticks: { feederSettings: 0.6, coldSetting: 0.3, pointerOff: 0.4, handSlip: 0.2 },
  wireStubs: { feederSettings: 0.5, coldSetting: 0.5, feederMechanics: 0.2, focusOff: 0.2 },
  wireWanders: { feederMechanics: 0.7, pointerOff: 0.3, wornNozzle: 0.2 },
  noLight: { openInterlock: 0.9, poorEarth: 0.8, coolantOut: 0.5, sourceFault: 0.7, lowGas: 0.3 },
  alarm: { coolantOut: 0.8, sourceFault: 0.8, openInterlock: 0.4, damagedLens: 0.2, lowGas: 0.2 },
  missingPanelLight: { openInterlock: 0.7, poorEarth: 0.7, lowGas: 0.2, coolantOut: 0.3, sourceFault: 0.3 },
  yellowSeam: { lowGas: 0.8, badGas: 0.6, gunAngle: 0.4, hotSetting: 0.3 },
  soot: { dirtySurface: 0.7, lowGas: 0.4, badGas: 0.4, dirtyWindow: 0.1 },
  holes: { hotSetting: 0.6, wideGap: 0.6, badGas: 0.3, dirtySurface: 0.3 },
  offTheJoint: { pointerOff: 0.7, handSlip: 0.4, gunAngle: 0.3 },
  oneSideOnly: { gunAngle: 0.7, pointerOff: 0.4, wideGap: 0.3 },
  unevenBead: { handSlip: 0.8, feederMechanics: 0.4, wideGap: 0.4, dirtySurface: 0.3, poorEarth: 0.1 },
  cracks: { wrongFiller: 0.8, hotSetting: 0.2, badGas: 0.1 },
  shallow: { coldSetting: 0.8, dirtyWindow: 0.6, focusOff: 0.7, damagedLens: 0.6, wideWobble: 0.4 },
} as const satisfies Readonly<Record<string, ByCause>>;
export type FaultSymptom = keyof typeof faultSymptoms;
export const everyFaultSymptom = Object.keys(faultSymptoms) as readonly FaultSymptom[];
