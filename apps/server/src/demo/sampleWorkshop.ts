import type { Machine, Person } from '@lone-heron/contract';

/** People of Saltings Metalworks, a made-up workshop by an estuary. */
export const samplePeople: readonly Person[] = [
  { id: 'ines', name: 'Ines', role: 'lead' },
  { id: 'maren', name: 'Maren', role: 'welder' },
  { id: 'tobias', name: 'Tobias', role: 'learner' },
];

const cmPerMin = 10 / 60;

/** Its two machines, without makers' names. */
export const sampleMachines: readonly Machine[] = [
  {
    id: 'bench',
    name: 'the bench unit',
    revision: 1,
    profile: {
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
    },
  },
  {
    id: 'barrow',
    name: 'the barrow unit',
    revision: 1,
    profile: {
      ratedPowerW: 2000,
      configuredPowerW: 2000,
      powerW: { least: 200, most: 2000, step: 10 },
      powerUnit: 'W',
      spotMm: 0.18,
      wobbleShapes: ['sideToSide', 'circle', 'figureEight'],
      wobbleWidthMm: { least: 0, most: 5, step: 0.1 },
      wobbleRateHz: { least: 5, most: 200, step: 1 },
      wireSpeedMmS: { least: 0.1 * 100 * cmPerMin, most: 5 * 100 * cmPerMin, step: 0.05 * 100 * cmPerMin },
      wireSpeedUnit: 'm/min',
      panel: ['wobbleRate', 'wobbleWidth', 'power', 'wireSpeed'],
    },
  },
];
