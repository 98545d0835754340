import type { Keeping } from '@lone-heron/contract';
import { keepingTroubles } from './keepingTroubles.js';

const now = new Date('2026-11-25T12:00:00.000Z');
const well: Keeping = {
  version: '0.1.0',
  backup: { newestAt: '2026-11-25T02:00:00.000Z', failure: null, secondFailure: null },
  isReadOnly: false,
  photos: { lookedAt: '2026-11-25T02:00:00.000Z', lost: 0 },
  disk: { freeBytes: 50e9, isLow: false },
  entryToCome: null,
  lostSaves: null,
  waitingWrites: 0,
};

describe('how the shop is kept', () => {
  it('is told only where something is to be done', () => {
    expect(keepingTroubles(well, now)).toEqual([]);
    expect(
      keepingTroubles({ ...well, backup: { newestAt: null, failure: null, secondFailure: null } }, now),
    ).toEqual([]);
    expect(
      keepingTroubles(
        { ...well, backup: { newestAt: '2026-11-22T12:00:00.000Z', failure: null, secondFailure: null } },
        now,
      ),
    ).toEqual([]);
  });

  it.each([
    [
      { isReadOnly: true },
      'Nothing can be saved: the disk of the shop takes nothing, and this is a copy of it. Copy its folder to another disk and start from there.',
    ],
    [
      { backup: { newestAt: '2026-11-20T12:00:00.000Z', failure: null, secondFailure: null } },
      'The last backup is 5 days old.',
    ],
    [
      { backup: { newestAt: '2026-11-20T12:00:00.000Z', failure: 'no space left', secondFailure: null } },
      'The last backup was not made: no space left.',
    ],
    [
      {
        backup: {
          newestAt: '2026-11-25T02:00:00.000Z',
          failure: null,
          secondFailure: '/media/red is not there: is its disk plugged in?',
        },
      },
      'The newest backup lies on this disk alone: /media/red is not there: is its disk plugged in?',
    ],
    [{ photos: { lookedAt: null, lost: 1 } }, 'One photo is gone or damaged. An older backup may have it.'],
    [{ photos: { lookedAt: null, lost: 3 } }, '3 photos are gone or damaged. An older backup may have them.'],
    [
      { disk: { freeBytes: 300 * 1024 ** 2, isLow: true } },
      'The disk has 300 MB left: make room before it is full.',
    ],
    [
      { lostSaves: { missing: 3, lastAt: '2026-11-25T14:00:00' } },
      '3 saves that were acknowledged are in the database no more, the last of them of 25 Nov 14:00. Look whether what was logged then is there; a backup may have it.',
    ],
    [
      { entryToCome: '2026-11-25T14:00:00.000Z' },
      'The shop’s clock was set back: its last entry is of a time 2 hours from now. Set the clock of its machine.',
    ],
  ])('says of %j: %s', (changes, trouble) => {
    expect(keepingTroubles({ ...well, ...changes }, now)).toEqual([trouble]);
  });
});
