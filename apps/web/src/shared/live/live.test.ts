import type { MachineSpell } from '@lone-heron/contract';
import { ageWords, heardValue, spellWords } from './heardInWords.js';
import { isOtherPower } from './isOtherPower.js';
import { freeSpells, takeSpells } from './takeSpells.js';

const now = new Date('2026-11-24T10:00:00.000Z');
const ago = (seconds: number) => new Date(now.getTime() - 1000 * seconds).toISOString();

const spell = (
  changes: Omit<Partial<MachineSpell>, 'figures'> & { figures?: Partial<MachineSpell['figures']> } = {},
): MachineSpell => ({
  ...{
    id: 'bench-1',
    machineId: 'bench',
    startedAt: ago(50),
    endedAt: ago(40),
    source: 'mqtt',
    isTaken: false,
  },
  ...changes,
  figures: {
    ...{ litS: 10, powerW: 600, gasLMin: 14, coolantMostC: 24, holderMostC: 30, alarm: 0, isBroken: false },
    ...changes.figures,
  },
});

describe('spells that a record takes', () => {
  it('are added up, their means weighed by their seconds', () => {
    const taken = takeSpells([
      spell({ id: 'a' }),
      spell({ id: 'b', figures: { litS: 30, powerW: 500, gasLMin: null, holderMostC: 55 } }),
    ]);
    expect(taken).toEqual({
      ...{ spellIds: ['a', 'b'], litS: 40, powerW: 525, gasLMin: 14, coolantMostC: 24, holderMostC: 55 },
    });
  });

  it('have no mean where the machine does not say it', () => {
    const silent = { powerW: null, gasLMin: null, coolantMostC: null, holderMostC: null };
    expect(takeSpells([spell({ figures: silent })])).toMatchObject(silent);
  });

  it('are those that nobody took and that are long enough for a weld', () => {
    const offered = freeSpells([
      spell({ id: 'taken', isTaken: true }),
      spell({ id: 'flash', figures: { litS: 0.1 } }),
      spell({ id: 'tack', figures: { litS: 0.2 } }),
    ]);
    expect(offered.map(({ id }) => id)).toEqual(['tack']);
  });

  it('are told with how old they are, and that nobody knows their end', () => {
    expect(spellWords(spell(), now)).toBe('light on 10 s, 600 W at the gun, ended 40 s ago');
    expect(spellWords(spell({ figures: { isBroken: true, powerW: null } }), now)).toBe(
      'light on 10 s or more: it fell silent with the light on, ended 40 s ago',
    );
  });
});

it.each([
  [2, 'just now'],
  [40, '40 s ago'],
  [180, '3 min ago'],
  [7200, '2 h ago'],
])('%d s are %s', (seconds, words) => expect(ageWords(seconds)).toBe(words));

it('what a machine never said is null, and a clock that is behind makes no age below 0', () => {
  const values = [{ key: 'coolant', value: 24, at: ago(-5) }] as const;
  expect(heardValue({ values: [...values] }, 'coolant', now)).toEqual({ value: 24, age: 0 });
  expect(heardValue({ values: [] }, 'coolant', now)).toBeNull();
});

it.each([
  [590, 600, false],
  [620, 600, false],
  [500, 600, true],
  [700, 600, true],
])('%d W where %d W was dialled is told: %s', (power, dialled, isTold) =>
  expect(isOtherPower(power, dialled)).toBe(isTold),
);
