import fc from 'fast-check';
import { findMetal } from '../metal/index.js';
import { mm } from '../quantity/index.js';
import { normalCdf, normalDraw, randomStream } from '../numeric/index.js';
import {
  beliefOdds,
  couponsToLand,
  depthSpread,
  oddsWithin,
  outcomeOdds,
  type DepthBelief,
} from './index.js';

const limits = { coldBelow: 0.8, fullFrom: 1, hotFrom: 1.35, holeFrom: 1.6 };

describe('odds', () => {
  it('add up to one and are never negative', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-4, max: 20, noNaN: true }),
        fc.double({ min: 0.05, max: 0.6, noNaN: true }),
        (reach, spread) => {
          const odds = Object.values(outcomeOdds(reach, spread, limits));
          expect(odds.reduce((sum, each) => sum + each, 0)).toBeCloseTo(1, 12);
          expect(Math.min(...odds)).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });

  it.each([0.6, 1, 1.2, 2])('of a reach of %d are what lies between the limits', (reach) => {
    const [cold, part, full, hot] = [0.8, 1, 1.35, 1.6].map((limit) =>
      normalCdf((Math.log(limit) - Math.log(reach)) / 0.22),
    ) as [number, number, number, number];
    const wanted = { cold, part: part - cold, full: full - part, hot: hot - full, hole: 1 - hot };
    const odds = outcomeOdds(reach, 0.22, limits);
    for (const [outcome, chance] of Object.entries(wanted))
      expect(odds[outcome as keyof typeof odds]).toBeCloseTo(chance, 12);
  });

  describe('under a belief', () => {
    const belief: DepthBelief = [
      { share: 0.7, lnRatio: 0.05, sd: 0.15, scatter: 0.1 },
      { share: 0.3, lnRatio: -0.2, sd: 0.05, scatter: 0.2 },
    ];

    it('are those of its parts, by their shares', () => {
      const odds = beliefOdds(1.2, belief, limits, 1);
      const parts = belief.map(({ lnRatio, sd, scatter }) =>
        outcomeOdds(1.2 * Math.exp(lnRatio), Math.hypot(sd, scatter), limits),
      );
      for (const outcome of ['cold', 'part', 'full', 'hot', 'hole'] as const)
        expect(odds[outcome]).toBeCloseTo(
          0.7 * (parts[0]?.[outcome] ?? NaN) + 0.3 * (parts[1]?.[outcome] ?? NaN),
          12,
        );
    });

    it('of two runs are what drawing them says: short by their mean, too hot by the deeper', () => {
      const random = randomStream(4);
      const meets = { ...limits, coldBelow: 0.5, fullFrom: 0.6 };
      for (const reach of [0.6, 1, 1.5]) {
        const counts = { cold: 0, part: 0, hot: 0, hole: 0 };
        const draws = 40_000;
        for (let i = 0; i < draws; i++) {
          const one = belief[random() < 0.7 ? 0 : 1];
          if (one === undefined) throw new Error('a belief of two parts');
          const { lnRatio, sd, scatter } = one;
          const shared = Math.log(reach) + lnRatio + sd * normalDraw(random);
          const [first, second] = [
            shared + scatter * normalDraw(random),
            shared + scatter * normalDraw(random),
          ];
          const mean = Math.exp((first + second) / 2);
          const deeper = Math.exp(Math.max(first, second));
          if (mean < meets.coldBelow) counts.cold++;
          else if (mean < meets.fullFrom) counts.part++;
          else if (deeper >= meets.holeFrom) counts.hole++;
          else if (deeper >= meets.hotFrom) counts.hot++;
        }
        const odds = beliefOdds(reach, belief, meets, 2);
        for (const outcome of ['cold', 'part', 'hot', 'hole'] as const)
          expect(Math.abs(odds[outcome] - counts[outcome] / draws)).toBeLessThan(0.012);
      }
    });
  });

  it.each([
    [0, null],
    [0.049, null],
    [0.05, 45],
    [0.5, 4],
    [0.67, 3],
    [0.89, 2],
    [0.9, 1],
    [1, 1],
  ])('of %d ask for %p coupons until one has landed', (chance, coupons) => {
    expect(couponsToLand(chance)).toBe(coupons);
  });

  it('of the middle of the window are about two in three for steel before any coupon', () => {
    const chance = oddsWithin(Math.sqrt(1.6), 0.22, 1, 1.6);
    expect(chance).toBeCloseTo(0.7145, 3);
  });
});

describe('spread', () => {
  it.each([
    ['stainless304', 2, 1, 0.22],
    ['stainless304', 6, 1, 0.35],
    ['brass', 6, 1, 0.45],
    ['copper', 1, 0.5, 0.5],
    ['copper', 1, 0.9, 0.35],
  ])('of %s, %d mm, keyhole share %d is %d', (metal, thickness, share, spread) => {
    expect(depthSpread(findMetal(metal), mm(thickness), share)).toBe(spread);
  });

  it('refuses a metal the table does not hold and names those it does', () => {
    expect(() => findMetal('unobtainium')).toThrow(
      /metal “unobtainium”: allowed is lowCarbonSteel, galvanised, stainless304/,
    );
    expect(() => findMetal('toString')).toThrow('metal “toString”');
  });
});
