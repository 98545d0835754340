import type { Keeping } from '@lone-heron/contract';
import { keepingTroubles } from './keepingTroubles.js';

const now = new Date('2026-11-25T12:00:00.000Z');
const well: Keeping = {
  version: '0.1.0',
  backup: { newestAt: '2026-11-25T02:00:00.000Z', failure: null },
  photos: { lookedAt: '2026-11-25T02:00:00.000Z', lost: 0 },
  disk: { freeBytes: 50e9, isLow: false },
  entryToCome: null,
  waitingWrites: 0,
};

describe('how the shop is kept', () => {
  it('is told only where something is to be done', () => {
    expect(keepingTroubles(well, now)).toEqual([]);
    expect(keepingTroubles({ ...well, backup: { newestAt: null, failure: null } }, now)).toEqual([]);
    expect(
      keepingTroubles({ ...well, backup: { newestAt: '2026-11-22T12:00:00.000Z', failure: null } }, now),
    ).toEqual([]);
  });

  it.each([
    [{ backup: { newestAt: '2026-11-20T12:00:00.000Z', failure: null } }, 'The last backup is 5 days old.'],
    [
      { backup: { newestAt: '2026-11-20T12:00:00.000Z', failure: 'no space left' } },
      'The last backup was not made: no space left.',
    ],
    [{ photos: { lookedAt: null, lost: 1 } }, 'One photo is gone or damaged. An older backup may have it.'],
    [{ photos: { lookedAt: null, lost: 3 } }, '3 photos are gone or damaged. An older backup may have them.'],
    [
      { disk: { freeBytes: 300 * 1024 ** 2, isLow: true } },
      'The disk has 300 MB left: make room before it is full.',
    ],
    [
      { entryToCome: '2026-11-25T14:00:00.000Z' },
      'The shop’s clock was set back: its last entry is of a time 2 hours from now. Set the clock of its machine.',
    ],
  ])('says of %j: %s', (changes, trouble) => {
    expect(keepingTroubles({ ...well, ...changes }, now)).toEqual([trouble]);
  });
});
