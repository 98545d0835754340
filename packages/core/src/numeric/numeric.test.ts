import fc from 'fast-check';
import ellipe from '@stdlib/math-base-special-ellipe';
import libraryErfc from '@stdlib/math-base-special-erfc';
import {
  besselK0Scaled,
  bracketedRoot,
  ellipticE,
  erfc,
  logNormalInterval,
  newtonRoot,
  normalCdf,
} from './index.js';

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

describe('the root by Newton', () => {
  const cubic = (shift: number, bend: number) => (x: number) =>
    [x ** 3 + bend * x - shift, 3 * x * x + bend] as const;

  it('is the one that halving finds, rising or falling, however flat it is on the way', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -900, max: 900, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.boolean(),
        (shift, bend, isFalling) => {
          const sign = isFalling ? -1 : 1;
          const both = (x: number) => {
            const [value, slope] = cubic(shift, bend)(x);
            return [sign * value, sign * slope] as const;
          };
          const halved = bracketedRoot((x) => both(x)[0], -10, 10, 1e-13);
          const found = newtonRoot(both, -10, 10, 1e-13);
          // Where the slope is nothing a root is known to the cube root of a digit.
          expect(Math.abs(found - halved)).toBeLessThan(1e-4);
          expect(Math.abs(both(found)[0])).toBeLessThan(1e-9);
        },
      ),
    );
  });

  it('asks far less often than halving does', () => {
    let asked = 0;
    const counted = (x: number) => {
      asked += 1;
      return [Math.exp(x) - 5, Math.exp(x)] as const;
    };
    expect(newtonRoot(counted, -3, 4, 1e-12)).toBeCloseTo(Math.log(5), 11);
    expect(asked).toBeLessThan(15);
  });

  it('is the nearer end where the sign does not change, and the root itself where it is hit', () => {
    expect(newtonRoot((x) => [x + 1, 1], 0, 5, 1e-9)).toBe(0);
    expect(newtonRoot((x) => [x - 9, 1], 0, 5, 1e-9)).toBe(5);
    expect(newtonRoot((x) => [x - 2.5, 1], 0, 5, 1e-9)).toBe(2.5);
  });

  it('ends where a step would leave the bracket at every turn', () => {
    // The slope that is told is wrong by a factor: every step leaps out, and it halves.
    expect(newtonRoot((x) => [x - 1, 1e-6], -7, 9, 1e-9)).toBeCloseTo(1, 8);
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
