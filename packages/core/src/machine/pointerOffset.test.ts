import fc from 'fast-check';
import { mm } from '../quantity/index.js';
import { driftPerMonth, pointerCorrection } from './index.js';

describe('the pointer’s correction', () => {
  it('brings the dot back, whichever way round the controller counts', () => {
    fc.assert(
      fc.property(
        fc.boolean(),
        fc.boolean(),
        fc.integer({ min: -40, max: 40 }),
        fc.integer({ min: -40, max: 40 }),
        (isXReversed, isYReversed, right, up) => {
          const control = { step: mm(0.02), isXReversed, isYReversed };
          const now = { x: 5, y: -3 };
          const next = pointerCorrection(control, now, mm(right * 0.02), mm(up * 0.02));
          const moved = {
            right: (next.x - now.x) * (isXReversed ? -1 : 1),
            up: (next.y - now.y) * (isYReversed ? -1 : 1),
          };
          expect([moved.right + right, moved.up + up]).toEqual([0, 0]);
        },
      ),
    );
  });
});

describe('a drift', () => {
  const line = (slope: number, days: readonly number[]) =>
    days.map((day) => ({ day, value: 1 + slope * day }));

  it('is the slope a month, whatever the start', () => {
    expect(driftPerMonth(line(0.1, [100, 110, 125, 160]))).toBeCloseTo(3.044, 9);
    expect(driftPerMonth(line(0, [0, 5, 40]))).toBeCloseTo(0, 12);
  });

  it('is not said of too little', () => {
    expect(driftPerMonth(line(0.1, [0, 30]))).toBeNull();
    expect(driftPerMonth(line(0.1, [0, 1, 6]))).toBeNull();
    expect(driftPerMonth([])).toBeNull();
  });
});
