import fc from 'fast-check';
import { hertz, mm, mmPerSecond } from '../quantity/index.js';
import {
  meanPathSpeed,
  peakPathSpeed,
  sweepsOverOnePlace,
  wobbleFrom,
  wobblePathInto,
  type WobbleShape,
} from './index.js';

const shapes: WobbleShape[] = ['sideToSide', 'circle', 'figureEight'];
const cornered: WobbleShape[] = ['triangle', 'halfMoon', 'hourglass'];
const sweep = fc.record({
  shape: fc.constantFrom(...shapes),
  width: fc.double({ min: 0.1, max: 5, noNaN: true }),
  frequency: fc.double({ min: 5, max: 300, noNaN: true }),
  travel: fc.double({ min: 0.5, max: 40, noNaN: true }),
});

/** Length of the traced path over time: the slow clear answer. */
function tracedSpeed(shape: WobbleShape, width: number, frequency: number, travel: number): number {
  const points = 20_001;
  const path = wobblePathInto(
    wobbleFrom(shape, mm(width), hertz(frequency)),
    mmPerSecond(travel),
    1 / frequency,
    new Float64Array(2 * points),
  );
  let length = 0;
  for (let i = 1; i < points; i++) {
    length += Math.hypot(path[2 * i]! - path[2 * i - 2]!, path[2 * i + 1]! - path[2 * i - 1]!);
  }
  return length * frequency;
}

describe('path speed', () => {
  it('is the length of the traced path over its time', () => {
    fc.assert(
      fc.property(sweep, ({ shape, width, frequency, travel }) => {
        const mean = meanPathSpeed(wobbleFrom(shape, mm(width), hertz(frequency)), mmPerSecond(travel));
        expect(mean / tracedSpeed(shape, width, frequency, travel)).toBeCloseTo(1, 5);
      }),
      { numRuns: 40 },
    );
  });

  it('is never above its peak nor below the travel', () => {
    fc.assert(
      fc.property(sweep, ({ shape, width, frequency, travel }) => {
        const wobble = wobbleFrom(shape, mm(width), hertz(frequency));
        const mean = meanPathSpeed(wobble, mmPerSecond(travel));
        expect(mean).toBeLessThanOrEqual(peakPathSpeed(wobble, mmPerSecond(travel)) * (1 + 1e-12));
        expect(mean).toBeGreaterThanOrEqual(mmPerSecond(travel));
      }),
    );
  });

  it('is the travel where nothing wobbles', () => {
    const still = wobbleFrom('circle', mm(0), hertz(60));
    expect(meanPathSpeed(still, mmPerSecond(8))).toBe(0.008);
    expect(peakPathSpeed(still, mmPerSecond(8))).toBe(0.008);
    expect(sweepsOverOnePlace(still, mmPerSecond(8), mm(0.15))).toBeNull();
  });
});

describe('path speed round corners', () => {
  const still = mmPerSecond(1e-9);

  it.each<[WobbleShape, number]>([
    ['triangle', 3],
    ['hourglass', 1 + 2 * Math.hypot(0.5, 1)],
    // Half a circle of diameter 1, and an arc of radius 5/8 that subtends 2 asin(4/5).
    ['halfMoon', Math.PI / 2 + (5 / 8) * 2 * Math.asin(4 / 5)],
  ])('of a %s at rest is the length of its line times its rate', (shape, perimeter) => {
    const mean = meanPathSpeed(wobbleFrom(shape, mm(2), hertz(50)), still);
    expect(mean / mmPerSecond(perimeter * 2 * 50)).toBeCloseTo(1, 5);
    expect(peakPathSpeed(wobbleFrom(shape, mm(2), hertz(50)), still) / mean).toBeCloseTo(1, 9);
  });

  it('is the traced path’s, as nearly as points on a line round its corners', () => {
    fc.assert(
      fc.property(fc.constantFrom(...cornered), sweep, (shape, { width, frequency, travel }) => {
        const mean = meanPathSpeed(wobbleFrom(shape, mm(width), hertz(frequency)), mmPerSecond(travel));
        expect(mean / tracedSpeed(shape, width, frequency, travel)).toBeCloseTo(1, 3);
      }),
      { numRuns: 20 },
    );
  });
});

describe('wobble path', () => {
  it.each(cornered)('%s spans its width, comes back to its start and runs at one speed', (shape) => {
    const points = 3001;
    const path = wobblePathInto(
      wobbleFrom(shape, mm(2), hertz(50)),
      mmPerSecond(0),
      0.02,
      new Float64Array(2 * points),
    );
    const across = Array.from({ length: points }, (_, i) => path[2 * i + 1]!);
    expect((Math.max(...across) - Math.min(...across)) / 0.002).toBeCloseTo(1, 2);
    expect(Math.hypot(path[2 * points - 2]! - path[0]!, path[2 * points - 1]! - path[1]!)).toBeLessThan(1e-9);
    const steps = Array.from({ length: points - 1 }, (_, i) =>
      Math.hypot(path[2 * i + 2]! - path[2 * i]!, path[2 * i + 3]! - path[2 * i + 1]!),
    ).sort((a, b) => a - b);
    expect(steps[Math.floor(points * 0.02)]! / steps.at(-1)!).toBeCloseTo(1, 2);
  });

  it.each(shapes)('%s spans its width and advances with the travel', (shape) => {
    const path = wobblePathInto(
      wobbleFrom(shape, mm(2), hertz(50)),
      mmPerSecond(10),
      0.02,
      new Float64Array(2 * 401),
    );
    const across = Array.from({ length: 401 }, (_, i) => path[2 * i + 1]!);
    expect(Math.max(...across) - Math.min(...across)).toBeCloseTo(0.002, 6);
    expect(path[800]! - path[0]!).toBeCloseTo(0.0002, 9);
  });
});
