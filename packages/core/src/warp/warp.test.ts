import fc from 'fast-check';
import { bucklingForce, bucklingHeat, tendonForce, usualStrip, widestFlat } from './tendon.js';

const stainless = { expansion: 1.85e-5, young: 193e9, density: 7450, heatCapacity: 620 };
const sheets = fc.record({
  thickness: fc.double({ min: 0.5e-3, max: 6e-3, noNaN: true }),
  width: fc.double({ min: 20e-3, max: 1, noNaN: true }),
});

describe('a sheet that a seam pulls', () => {
  it('gives way at the very heat whose pull it bears no more', () => {
    fc.assert(
      fc.property(sheets, ({ thickness, width }) => {
        const strip = usualStrip(thickness, width);
        const heat = bucklingHeat(stainless, strip);
        expect(tendonForce(stainless, heat) / bucklingForce(strip, stainless.young)).toBeCloseTo(1, 9);
      }),
    );
  });

  it('stays flat up to the width whose force is the pull', () => {
    fc.assert(
      fc.property(sheets, fc.double({ min: 1e3, max: 50e3, noNaN: true }), ({ thickness, width }, force) => {
        const flat = widestFlat(usualStrip(thickness, width), stainless.young, force);
        expect(bucklingForce(usualStrip(thickness, flat), stainless.young) / force).toBeCloseTo(1, 9);
      }),
    );
  });

  it('bears more where it is thicker and less where it is wider', () => {
    const force = (thickness: number, width: number) =>
      bucklingForce(usualStrip(thickness, width), stainless.young);
    expect(force(2e-3, 0.1)).toBeGreaterThan(force(1e-3, 0.1) * 7.9);
    expect(force(2e-3, 0.2)).toBeLessThan(force(2e-3, 0.1));
  });
});
