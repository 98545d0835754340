import fc from 'fast-check';
import { inMm, inSquareMm, mm, mmPerSecond, squareMetre } from '../quantity/index.js';
import {
  buttFill,
  travelFromWire,
  wireArea,
  wireDiameterFor,
  wireDiameters,
  wireForTravel,
} from './index.js';

const butt = (thickness: number, gap: number) => ({
  firstThickness: mm(thickness),
  secondThickness: mm(thickness),
  gap: mm(gap),
});

describe('metal a butt needs', () => {
  it('is its gap, a crown and a root, by hand', () => {
    // 2 mm sheet, 0.2 mm gap, 2.4 mm bead: gap 0.4, crown 2/3 x 2.4 x 0.3, root 2/3 x 1.2 x 0.15 mm2.
    expect(inSquareMm(buttFill(butt(2, 0.2), mm(2.4)))).toBeCloseTo(0.4 + 0.48 + 0.12, 9);
  });

  it('keeps the crown between 0.2 and 0.5 mm', () => {
    const crownOf = (thickness: number) =>
      inSquareMm(buttFill(butt(thickness, 0), mm(3))) / (3 * (2 / 3 + 1 / 6));
    expect(crownOf(0.5)).toBeCloseTo(0.2, 9);
    expect(crownOf(10)).toBeCloseTo(0.5, 9);
  });

  it('grows with the gap and with the bead', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 6, noNaN: true }),
        fc.double({ min: 0, max: 0.4, noNaN: true }),
        fc.double({ min: 0.5, max: 4, noNaN: true }),
        (thickness, gap, bead) => {
          const fill = buttFill(butt(thickness, gap), mm(bead));
          expect(buttFill(butt(thickness, gap + 0.05), mm(bead))).toBeGreaterThan(fill);
          expect(buttFill(butt(thickness, gap), mm(bead + 0.1))).toBeGreaterThan(fill);
        },
      ),
    );
  });
});

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
