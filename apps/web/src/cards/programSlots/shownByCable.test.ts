import { shownByCable } from './shownByCable.js';

it('what a slot shows over the cable is written down as a hand would have', () => {
  const stored = {
    ...{ at: '2026-11-24T10:00:00.000Z', feeder: [] },
    slots: [
      {
        slot: 2,
        readings: [
          { key: 'power' as const, value: 870, fault: null },
          { key: 'wireSpeed' as const, value: 11.16666698, fault: null },
          { key: 'duty' as const, value: null, fault: 'it did not answer' },
        ],
      },
      { slot: 3, readings: [{ key: 'power' as const, value: null, fault: 'it did not answer' }] },
    ],
  };
  expect(shownByCable(stored, 2)).toEqual({ powerW: 870, wireSpeedMmS: 11.166667 });
  expect(shownByCable(stored, 3)).toBeNull();
  expect(shownByCable(stored, 4)).toBeNull();
});
