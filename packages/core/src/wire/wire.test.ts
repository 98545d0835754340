import fc from 'fast-check';
import { inMm, mm, mmPerSecond, squareMetre } from '../quantity/index.js';
import { travelFromWire, wireArea, wireDiameterFor, wireDiameters, wireForTravel } from './index.js';

describe('the pace the wire sets', () => {
  it('lays down exactly what the seam needs', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...wireDiameters),
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.double({ min: 0.1, max: 4, noNaN: true }),
        (diameter, speed, fillMm2) => {
          const fill = squareMetre(fillMm2 * 1e-6);
          const travel = travelFromWire(diameter, mmPerSecond(speed), fill);
          expect(travel * fill).toBeCloseTo(wireArea(diameter) * mmPerSecond(speed), 15);
          expect(wireForTravel(diameter, travel, fill)).toBeCloseTo(mmPerSecond(speed), 12);
        },
      ),
    );
  });
});

describe('wire by thickness', () => {
  it('is never thinner for a thicker sheet, is one a feeder carries, and says why', () => {
    let last = 0;
    for (let thickness = 0.3; thickness <= 12; thickness += 0.1) {
      const { diameter, reason } = wireDiameterFor(mm(thickness));
      expect(wireDiameters).toContain(diameter);
      expect(inMm(diameter)).toBeGreaterThanOrEqual(last);
      expect(reason).not.toBe('');
      last = inMm(diameter);
    }
    expect(last).toBe(1.6);
  });
});
