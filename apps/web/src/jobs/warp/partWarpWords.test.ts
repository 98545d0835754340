import type { PartWarp, PartWayId } from '@lone-heron/core';
import {
  comparedWords,
  flatWords,
  givingWayWords,
  offWords,
  rankedWays,
  tornWords,
} from './partWarpWords.js';
import type { WarpedWay } from './partWarpWorker.js';

const grid = { columns: 1, rows: 1, side: 0.1, left: 0, top: 0, nodes: 4, reach: 3 };
const warp = (changes: Partial<PartWarp>): PartWarp => ({
  ...{ grid, stages: [], tacksTorn: 0, givesWayAt: 3, bends: 1e-3, draws: 1e-4 },
  ...changes,
});
const way = (id: PartWayId, bends: number): WarpedWay => ({ id, warp: warp({ bends }) });

describe('the ways of a part', () => {
  const ways = [
    way('asItStands', 1e-3),
    way('coolest', 0.98e-3),
    way('noTacks', 2e-3),
    way('clamped', 0.6e-3),
    way('fromBothSides', 0.3e-3),
  ];

  it('stand least first, those that are not told apart behind the order as it stands', () => {
    expect(rankedWays(ways).map(({ id }) => id)).toEqual([
      'fromBothSides',
      'clamped',
      'asItStands',
      'coolest',
      'noTacks',
    ]);
    expect(rankedWays([])).toEqual([]);
  });

  it('say what is clearly better, and that orders are not', () => {
    expect(comparedWords(ways)).toBe(
      'From both sides leaves it 36 % as far off as it stands. Other orders come out the same: take the one that is handy.',
    );
    expect(comparedWords(ways.slice(0, 3))).toMatch(/^Nothing here is clearly better/);
    const order = [way('asItStands', 1e-3), way('coolest', 0.5e-3)];
    expect(comparedWords(order)).toBe('Coolest place next leaves it 55 % as far off as it stands.');
  });

  it('say whether a flat sheet bears it, within a factor of two', () => {
    expect([0.4, 0.9, 1.7, 2.1].map((givesWayAt) => flatWords(warp({ givesWayAt })))).toEqual([
      'gives way',
      'may give way',
      'may give way',
      'stays flat',
    ]);
    expect(givingWayWords(warp({ givesWayAt: 0.8 }))).toContain('about 80 % of this heat');
    expect(givingWayWords(warp({ givesWayAt: 2.5 }))).toBeNull();
  });

  it('say how far in two figures, and which tacks tear', () => {
    expect([0, 2e-6, 1.234e-4, 3.57e-3].map(offWords)).toEqual(['0', '0', '0.12 mm', '3.6 mm']);
    expect(tornWords(warp({ tacksTorn: 0 }))).toBeNull();
    expect(tornWords(warp({ tacksTorn: 1 }))).toContain('One tack may crack');
    expect(tornWords(warp({ tacksTorn: 4 }))).toContain('4 tacks may crack');
  });
});
