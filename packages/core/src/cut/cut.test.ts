import fc from 'fast-check';
import { fraction, kelvinDifference, mm, watt } from '../quantity/index.js';
import { fastestCut } from './index.js';

const cut = {
  ...{ power: watt(1000), absorptivity: fraction(0.45), reactionShare: 0.2, kerf: mm(0.3), thickness: mm(2) },
  ...{ density: 7800, heatCapacity: 600, rise: kelvinDifference(1500), latentHeat: 270_000 },
  lossShare: fraction(0.3),
};

it('is what is left of the light over what the kerf takes to melt', () => {
  expect(fastestCut(cut)).toBeCloseTo(
    (0.45 * 1000 * 1.2 * 0.7) / (7800 * 0.0003 * 0.002 * (600 * 1500 + 270_000)),
    9,
  );
});

it('never cuts thicker sheet faster, nor slower with more power', () => {
  const size = fc.double({ min: 0.2, max: 12, noNaN: true });
  fc.assert(
    fc.property(size, size, (a, b) => {
      const [thin, thick] = [Math.min(a, b), Math.max(a, b)];
      expect(fastestCut({ ...cut, thickness: mm(thin) })).toBeGreaterThanOrEqual(
        fastestCut({ ...cut, thickness: mm(thick) }),
      );
      expect(fastestCut({ ...cut, power: watt(thick * 100) })).toBeGreaterThanOrEqual(
        fastestCut({ ...cut, power: watt(thin * 100) }),
      );
    }),
  );
});

it('names a share that is none', () => {
  expect(() => fastestCut({ ...cut, lossShare: fraction(1.2) })).toThrow('lossShare 1.2');
});
