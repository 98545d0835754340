import fc from 'fast-check';
import { hertz, inMm, mm, mmPerSecond, second, watt } from '../quantity/index.js';
import {
  energyMapInto,
  pulsedSeam,
  rayleighLength,
  spotAtFocus,
  spotOffFocus,
  sweepFrequency,
  sweepSpeed,
  travelForOverlap,
  widestWobble,
  wobbleFrom,
  wobbleShapes,
  type MapGrid,
} from './index.js';

/** 3.2 mm square around the gun at 0.02 mm: the sweep of 2 mm and its spot lie inside. */
const grid: MapGrid = { left: -1.6e-3, bottom: -1.6e-3, step: 2e-5, columns: 161, rows: 161 };
const middle = 80;
const map = (shape: (typeof wobbleShapes)[number] | 'none', width = 2) =>
  energyMapInto(
    { wobble: wobbleFrom(shape, mm(width), hertz(60)), spot: mm(0.3), power: watt(1000), grid },
    new Float64Array(grid.rows * grid.columns),
  );

describe('the energy map', () => {
  it.each(['none', ...wobbleShapes] as const)('of %s holds all the power', (shape) => {
    const sum = map(shape).reduce((total, each) => total + each, 0) * grid.step ** 2;
    expect(sum).toBeCloseTo(1000, 1);
  });

  it.each(wobbleShapes)('of %s is the same on both sides of the seam', (shape) => {
    const light = map(shape);
    let worst = 0;
    for (let row = 0; row < grid.rows; row++) {
      for (let column = 0; column < grid.columns; column++) {
        const here = light[row * grid.columns + column]!;
        const across = light[(grid.rows - 1 - row) * grid.columns + column]!;
        worst = Math.max(worst, Math.abs(here - across));
      }
    }
    expect(worst / Math.max(...light)).toBeLessThan(0.02);
  });

  it('of a spot at rest is the Gaussian, by hand', () => {
    const light = map('none');
    const centre = middle * grid.columns + middle;
    expect(light[centre]).toBeCloseTo((2 * 1000) / (Math.PI * 0.15e-3 ** 2), 0);
    expect(light[centre + 5]! / light[centre]!).toBeCloseTo(Math.exp(-2 * (0.1 / 0.15) ** 2), 9);
  });

  it('of a sweep from side to side is hottest at its turns, of a circle hollow in the middle', () => {
    const column = (light: Float64Array, row: number) => light[row * grid.columns + middle]!;
    const sideways = map('sideToSide');
    expect(column(sideways, middle + 47)).toBeGreaterThan(2 * column(sideways, middle));
    expect(column(map('circle'), middle)).toBe(0);
  });

  it('refuses a buffer of another size', () => {
    const input = { wobble: { shape: 'none' } as const, spot: mm(0.3), power: watt(1), grid };
    expect(() => energyMapInto(input, new Float64Array(5))).toThrow(
      'energy map 5 places: allowed is 161 rows x 161 columns.',
    );
  });
});

describe('a panel that gives sweep speed', () => {
  it('means a frequency that depends on shape and width, both ways', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...wobbleShapes),
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        fc.double({ min: 5, max: 300, noNaN: true }),
        (shape, width, frequency) => {
          const speed = sweepSpeed(shape, mm(width), hertz(frequency));
          expect(sweepFrequency(shape, mm(width), speed)).toBeCloseTo(frequency, 8);
        },
      ),
    );
    expect(sweepSpeed('circle', mm(2), hertz(50)) * 1000).toBeCloseTo(Math.PI * 100, 9);
    expect(sweepSpeed('triangle', mm(2), hertz(50)) * 1000).toBeCloseTo(300, 9);
    expect(sweepSpeed('hourglass', mm(2), hertz(1)) * 1000).toBeCloseTo(2 * (1 + 2 * Math.hypot(0.5, 1)), 9);
  });
});

describe('pulses', () => {
  const train = { peak: watt(2000), width: second(5e-3), rate: hertz(20) };
  it('overlap as wanted at the travel that is computed for it', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.95, noNaN: true }), (overlap) => {
        const travel = travelForOverlap(train, mm(0.8), overlap);
        expect(pulsedSeam(train, mm(0.8), travel).overlap).toBeCloseTo(overlap, 9);
      }),
    );
  });

  it('that run into each other are full light and no more', () => {
    const full = pulsedSeam({ ...train, rate: hertz(300) }, mm(0.8), mmPerSecond(5));
    expect(full.duty).toBe(1);
    expect(full.meanPower).toBe(2000);
  });
});

describe('the spot', () => {
  const optics = { fibreCore: mm(0.05), collimator: mm(75), focusLens: mm(150), beamQuality: 4 };
  it('is the fibre’s end enlarged, and grows alike above and below focus', () => {
    expect(inMm(spotAtFocus(optics))).toBeCloseTo(0.1, 12);
    const length = rayleighLength(mm(0.1), 4);
    expect(spotOffFocus(mm(0.1), length, length)).toBeCloseTo(mm(0.1 * Math.SQRT2), 12);
    expect(spotOffFocus(mm(0.1), length, mm(-2))).toBe(spotOffFocus(mm(0.1), length, mm(2)));
    expect(spotOffFocus(mm(0.1), length, mm(0))).toBe(mm(0.1));
    expect(() => spotAtFocus({ ...optics, collimator: mm(0) })).toThrow('collimator 0 mm');
  });

  it('leaves the wobble what the bore lets through, and nothing of a bore too small', () => {
    expect(inMm(widestWobble(mm(6), mm(1.2)))).toBeCloseTo(3.8, 12);
    expect(widestWobble(mm(1.5), mm(1))).toBe(0);
  });
});
