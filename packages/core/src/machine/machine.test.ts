import fc from 'fast-check';
import { watt } from '../quantity/index.js';
import { snapToKnob, stepCount, valueAtStep } from './index.js';

const range = { least: watt(150), most: watt(1500), step: 15 };

describe('the steps of a knob', () => {
  it('run from the least to the most', () => {
    expect(stepCount(range)).toBe(90);
    expect(valueAtStep(range, 0)).toBe(150);
    expect(valueAtStep(range, 90)).toBe(1500);
  });

  it('do not lose the last one to rounding', () => {
    expect(stepCount({ least: 0.0001, most: 0.004, step: 0.0001 })).toBe(39);
  });

  it('stop short where the most is no whole step away', () => {
    expect(stepCount({ least: watt(100), most: watt(1499), step: 100 })).toBe(13);
  });
});

describe('snapping', () => {
  it('gives a value the knob has, the nearest there is', () => {
    fc.assert(
      fc.property(fc.double({ min: -500, max: 4000, noNaN: true }), (wanted) => {
        const snapped = snapToKnob(range, watt(wanted));
        expect((snapped - range.least) % range.step).toBe(0);
        expect(snapped).toBeGreaterThanOrEqual(range.least);
        expect(snapped).toBeLessThanOrEqual(range.most);
        const held = Math.min(Math.max(wanted, range.least), range.most);
        expect(Math.abs(snapped - held)).toBeLessThanOrEqual(range.step / 2 + 1e-9);
      }),
    );
  });
});
