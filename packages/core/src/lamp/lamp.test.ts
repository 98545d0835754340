import fc from 'fast-check';
import { hertz, inMm, kelvinDifference, mm, mmPerSecond, second } from '../quantity/index.js';
import { discPulseRise, sealedDepth } from './index.js';

const pulse = {
  ...{ flux: 5e8, radius: mm(0.5), conductivity: 50, diffusivity: 1e-5, onFor: second(0.004) },
};
const riseAt = (depthMm: number, ms: number) => discPulseRise(pulse, mm(depthMm), second(ms / 1000));

describe('a pulse on the face', () => {
  it('warms the face most, longest at its end, and cools from then on', () => {
    expect(riseAt(0, 0)).toBe(kelvinDifference(0));
    expect(riseAt(0, 4)).toBeGreaterThan(riseAt(0, 2));
    expect(riseAt(0, 4)).toBeGreaterThan(riseAt(0, 8));
    expect(riseAt(0, 4)).toBeGreaterThan(riseAt(0.3, 4));
  });

  it('is the half space of even flux where the spot is wide: 2 q sqrt(a t/pi)/k at the face', () => {
    const wide = { ...pulse, radius: mm(50) };
    const even = (2 * 5e8 * Math.sqrt((1e-5 * 0.004) / Math.PI)) / 50;
    expect(discPulseRise(wide, mm(0), second(0.004))).toBeCloseTo(even, 6);
  });

  it('says what is wrong with a spot', () => {
    expect(() => discPulseRise({ ...pulse, radius: mm(0) }, mm(0), second(1))).toThrow('spot radius 0 m');
  });
});

describe('a seam of spots', () => {
  const seam = { spot: mm(0.6), depth: mm(0.9), rate: hertz(10), travel: mmPerSecond(3) };

  it('is sealed to where its spots cross', () => {
    const { overlap, sealed } = sealedDepth(seam);
    expect(overlap).toBeCloseTo(0.5);
    expect(inMm(sealed)).toBeCloseTo(0.9 * 0.75);
  });

  it('never seals less the more its spots overlap, and nothing where they do not touch', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 12, noNaN: true }),
        fc.double({ min: 0.1, max: 12, noNaN: true }),
        (a, b) => {
          const [slow, quick] = [Math.min(a, b), Math.max(a, b)].map((pace) =>
            sealedDepth({ ...seam, travel: mmPerSecond(pace) }),
          );
          expect(slow!.sealed).toBeGreaterThanOrEqual(quick!.sealed);
          for (const { overlap, sealed } of [slow!, quick!]) expect(sealed > 0).toBe(overlap > 0);
        },
      ),
    );
  });
});
