import fc from 'fast-check';
import { mm } from '../quantity/index.js';
import { buttThermal } from './index.js';

const butt = (first: number, second: number, gap = 0) =>
  buttThermal({ firstThickness: mm(first), secondThickness: mm(second), gap: mm(gap) });

describe('a butt', () => {
  it('is melted through at its thinner sheet', () => {
    expect(butt(3, 1.5).thickness).toBe(0.0015);
    expect(butt(2, 2).heatDirections).toBe(2);
    expect(butt(1, 4).heatDirections).toBeCloseTo(5, 9);
  });

  it('does not mind which sheet is named first, and never has less than two ways for the heat', () => {
    const sheet = fc.double({ min: 0.3, max: 12, noNaN: true });
    fc.assert(
      fc.property(sheet, sheet, (first, second) => {
        expect(butt(first, second)).toEqual(butt(second, first));
        expect(butt(first, second).heatDirections).toBeGreaterThanOrEqual(2);
      }),
    );
  });

  it.each([
    [0.2, 1, 0, 'thickness 0.2 mm: allowed is 0.3 to 12 mm.'],
    [1, 13, 0, 'thickness 13 mm'],
    [1, NaN, 0, 'thickness NaN mm'],
    [1, 2, -0.1, 'gap -0.1 mm: allowed is 0 to 1 mm, the thinner sheet’s thickness. Re-fit the parts'],
    [1, 2, 1.5, 'gap 1.5 mm'],
  ])('of %d and %d mm with a gap of %d mm is refused', (first, second, gap, message) => {
    expect(() => butt(first, second, gap)).toThrow(message);
  });
});
