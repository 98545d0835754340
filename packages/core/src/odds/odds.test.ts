import fc from 'fast-check';
import { findMetal } from '../metal/index.js';
import { mm } from '../quantity/index.js';
import { depthSpread, oddsWithin, outcomeOdds } from './index.js';

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
