import { gaussian, numberStream } from '../testing/numberStream.js';
import { depthDrift, type DriftReading } from './depthDrift.js';

const measured = (value: number): DriftReading => ({ low: value, high: value, noise: 0.12 });
/** An even line behind, on a setting that the model says reaches 1.15. */
const even: DriftReading = { low: Math.log(1 / 1.15), high: Math.log(1.35 / 1.15), noise: 0.15 };
const none: DriftReading = { low: -Infinity, high: Math.log(0.8 / 1.15), noise: 0.15 };

describe('drift', () => {
  it('is seen by the back alone where what was even shows nothing any more', () => {
    const drift = depthDrift([even, even, even, even], [none, none]);
    expect(drift?.isDrift).toBe(true);
    expect(drift?.change).toBeLessThan(-0.1);
    expect(drift?.high).toBeLessThan(0);
  });

  it('is none where nothing changed, and nothing is said of one weld', () => {
    expect(depthDrift([even, even, even], [even, even])?.isDrift).toBe(false);
    expect(depthDrift([even, even, even], [none])).toBeNull();
    expect(depthDrift([], [none, none])).toBeNull();
  });

  it('is claimed of nothing in at most one shop in ten, and found in most where depth fell by a quarter', () => {
    const random = numberStream(77);
    const shops = Array.from({ length: 300 });
    const claimed = (shift: number) =>
      shops.filter(() => {
        const level = 0.1 * gaussian(random);
        const welds = (count: number, at: number) =>
          Array.from({ length: count }, () => measured(at + 0.12 * gaussian(random)));
        return depthDrift(welds(5, level), welds(3, level + shift))?.isDrift === true;
      }).length / shops.length;
    expect(claimed(0)).toBeLessThan(0.1);
    expect(claimed(Math.log(0.75))).toBeGreaterThan(0.8);
  });
});
