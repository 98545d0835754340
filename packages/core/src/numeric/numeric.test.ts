import fc from 'fast-check';
import ellipe from '@stdlib/math-base-special-ellipe';
import libraryErfc from '@stdlib/math-base-special-erfc';
import { besselK0Scaled, bracketedRoot, ellipticE, erfc, logNormalInterval, normalCdf } from './index.js';

describe('the log of a normal interval', () => {
  it('is the log of the difference where that still has digits', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -4, max: 4, noNaN: true }),
        fc.double({ min: 0.01, max: 4, noNaN: true }),
        (low, width) => {
          const plain = Math.log(normalCdf(low + width) - normalCdf(low));
          expect(logNormalInterval(low, low + width)).toBeCloseTo(plain, 8);
        },
      ),
    );
  });

  it('keeps its digits forty deviations out, on both sides', () => {
    // ln Q(40) = -800 - ln(40 sqrt(2 pi)) - 1/1600 + ...
    expect(logNormalInterval(40, Infinity)).toBeCloseTo(-804.6084, 3);
    expect(logNormalInterval(-Infinity, -40)).toBe(logNormalInterval(40, Infinity));
    expect(logNormalInterval(40, 40.001)).toBeGreaterThan(-809);
    expect(logNormalInterval(40, 40.001)).toBeLessThan(logNormalInterval(40, 41));
  });
});

describe('K0 without its decay', () => {
  it.each([
    [0.1, 2.682326],
    [1, 1.144463],
    [5, 0.5478076],
    [50, 0.1768072],
  ])('at %d is %d', (z, value) => {
    expect(besselK0Scaled(z) / value).toBeCloseTo(1, 6);
  });

  it('passes smoothly into its series', () => {
    expect(besselK0Scaled(499.999) / besselK0Scaled(500.001)).toBeCloseTo(1, 5);
  });
});

describe('the bracketed root', () => {
  it('is the nearer end where the sign does not change', () => {
    expect(bracketedRoot((x) => x + 1, 0, 5, 1e-9)).toBe(0);
    expect(bracketedRoot((x) => x - 9, 0, 5, 1e-9)).toBe(5);
  });
  it('finds falling roots as well as rising ones', () => {
    expect(bracketedRoot((x) => 3 - x, 0, 5, 1e-12)).toBeCloseTo(3, 10);
  });
});

describe('the elliptic integral E', () => {
  it('agrees with the library over its whole range, its ends included', () => {
    for (const m of [0, 1, 1 - 1e-16, 1e-300]) expect(ellipticE(m)).toBeCloseTo(ellipe(m), 13);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (m) => {
        expect(Math.abs(ellipticE(m) / ellipe(m) - 1)).toBeLessThan(1e-13);
      }),
    );
  });
});

describe('the complementary error function', () => {
  it('agrees with the library on both sides, into its far tail', () => {
    fc.assert(
      fc.property(fc.double({ min: -6, max: 26, noNaN: true }), (x) => {
        expect(Math.abs(erfc(x) / libraryErfc(x) - 1)).toBeLessThan(1e-12);
      }),
      { numRuns: 500 },
    );
  });

  it('ends at 0 and 2, and hands on what is no number', () => {
    expect([erfc(Infinity), erfc(-Infinity), erfc(0)]).toEqual([0, 2, 1]);
    expect(erfc(Number.NaN)).toBeNaN();
  });
});
