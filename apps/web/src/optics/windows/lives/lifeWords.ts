import type { LifeFactor, LifeMeasure, Machine, Person } from '@lone-heron/contract';
import { gasTable, shieldingGases } from '@lone-heron/core';
import { placeWords } from '../foundInWords.js';

/** What lives are compared by, in words. */
export const factorWords: Readonly<Record<LifeFactor, string>> = {
  machine: 'machine',
  person: 'who welded',
  metal: 'metal',
  gas: 'gas',
  batch: 'batch of the bottle',
  supplier: 'window’s supplier',
  lot: 'window’s lot',
  softStart: 'soft start',
  gunAngle: 'gun angle',
  place: 'changed where',
};

/** What a life is counted in. */
export const measureWords: Readonly<Record<LifeMeasure, { name: string; unit: string; about: string }>> = {
  worn: {
    name: 'wear',
    unit: 'h at 1 kW',
    about: 'Light through the window in hours at 1 kW, counted heavier where it wears glass more.',
  },
  light: { name: 'light', unit: 'h', about: 'Hours the light was on, whatever the power.' },
  days: {
    name: 'days',
    unit: 'days',
    about: 'Days in the head. A machine that welds more looks worse by days.',
  },
  coupons: {
    name: 'coupons',
    unit: 'coupons',
    about: 'Coupons alone; what was welded besides is not in it.',
  },
};

const levelNames: Readonly<Partial<Record<LifeFactor, Readonly<Record<string, string>>>>> = {
  gas: Object.fromEntries(shieldingGases.map((gas) => [gas, gasTable[gas].short])),
  softStart: { on: 'with', off: 'without' },
  gunAngle: { upright: 'upright, 75° and more', steep: '60 to 75°', leaning: 'under 60°' },
  place: placeWords,
};

/** A level as the shop says it. */
export function levelInWords(
  factor: LifeFactor,
  level: string,
  names: { readonly machines: readonly Machine[]; readonly people: readonly Person[] },
): string {
  if (factor === 'machine') return names.machines.find(({ id }) => id === level)?.name ?? level;
  if (factor === 'person') return names.people.find(({ id }) => id === level)?.name ?? level;
  return levelNames[factor]?.[level] ?? level;
}

/** What to do about it, where it is found to shorten lives. */
export const remedyWords: Readonly<Record<LifeFactor, string>> = {
  machine: 'Look at that head’s seal, its gas line and its focus lens first.',
  person: 'Weld a seam together and watch distance, angle, start and gas; it is a habit, not a hand.',
  metal: 'More gas, a leaning gun and a longer distance on it; grind coats back at the joint.',
  gas: 'Ask for its moisture and oil; try the other for a month and let the windows tell.',
  batch: 'Send what is left of it back with these figures; moisture or oil in gas burns onto glass.',
  supplier: 'Buy the other for a while.',
  lot: 'Show the supplier these figures; use the rest where the work is easy.',
  softStart: 'Switch the ramp on: the first blink on cold metal throws most back.',
  gunAngle: 'Lean the gun as the card says: upright, light and spatter come straight back.',
  place: 'Change it where the others are changed.',
};
