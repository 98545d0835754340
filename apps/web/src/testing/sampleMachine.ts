import { nothingKnown, type Machine } from '@lone-heron/contract';

/** A machine for tests: 1.5 kW in per cent, wire in cm/min. */
export const sampleMachine: Machine = {
  id: 'bench',
  name: 'the bench unit',
  revision: 1,
  profile: {
    ratedPowerW: 1500,
    configuredPowerW: 1500,
    powerW: { least: 150, most: 1500, step: 15 },
    powerUnit: '%',
    spotMm: 0.15,
    wobbleShapes: ['sideToSide'],
    wobbleWidthMm: { least: 0, most: 4, step: 0.1 },
    wobbleRateHz: { least: 10, most: 150, step: 1 },
    wireSpeedMmS: { least: 10 / 6, most: 400 / 6, step: 1 / 6 },
    wireSpeedUnit: 'cm/min',
    panel: ['wobbleRate', 'power', 'wireSpeed', 'wobbleWidth'],
    ...nothingKnown,
  },
};
