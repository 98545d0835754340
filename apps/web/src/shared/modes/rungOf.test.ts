import type { SettingOf, TrialLadder, WorkOf } from '@lone-heron/contract';
import { rungOf } from './rungOf.js';

const work: WorkOf<'cut'> = {
  ...{ mode: 'cut', metal: 'lowCarbonSteel', thicknessMm: 1.5, gas: 'air', pressureBar: 8, boreMm: 1.2 },
  ...{ line: 'straight', lengthMm: 300, aim: 'clean' },
};
const setting: SettingOf<'cut'> = {
  ...{ mode: 'cut', powerW: 900, dutyPercent: 100, pulseHz: null, paceMmS: 15, focusMm: 0, standoffMm: 1 },
};
const ladder: TrialLadder = {
  ...{
    id: 'a',
    number: 1,
    name: 'pace',
    machineId: 'bench',
    work,
    setting,
    knob: 'paceMmS',
    values: [8, 12],
  },
  ...{ madeAt: '2026-11-29T10:00:00.000Z', madeBy: 'ines', closedAt: null },
};

describe('a rung of a ladder', () => {
  it('is what is dialled with one of its values, in whatever order it stands', () => {
    const { paceMmS, ...rest } = { ...setting, paceMmS: 12 };
    expect(rungOf([ladder], 'bench', work, { paceMmS, ...rest })).toEqual({ ladderId: 'a', index: 1 });
  });

  it.each([
    ['another value', { ...setting, paceMmS: 15 }, 'bench', ladder],
    ['another knob turned as well', { ...setting, paceMmS: 12, powerW: 800 }, 'bench', ladder],
    ['another machine', { ...setting, paceMmS: 12 }, 'barrow', ladder],
    ['a ladder that was put away', { ...setting, paceMmS: 12 }, 'bench', { ...ladder, closedAt: 'then' }],
  ])('is none with %s', (_, dialled, machineId, of) => {
    expect(rungOf([of], machineId, work, dialled)).toBeNull();
  });
});
