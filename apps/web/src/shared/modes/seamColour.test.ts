import { metre, type WeldConsequences } from '@lone-heron/core';
import { seamColour } from './seamColour.js';

const bands = (straw: number, blue: number) =>
  ({ straw: metre(straw), blue: metre(blue) }) as unknown as NonNullable<WeldConsequences['tint']>['front'];
const left = (rootWidth: number, isStainless = true) =>
  ({
    tint: isStainless ? { front: bands(8e-3, 5e-3), back: bands(4e-3, 0) } : null,
    bead: { rootWidth: metre(rootWidth) },
  }) as Parameters<typeof seamColour>[0];

describe('what a seam leaves to be cleaned off', () => {
  it('is as wide as its widest colour on each side', () => {
    expect(seamColour(left(0))).toEqual({ besideMm: 8, behindMm: 4, sugarMm: 0 });
  });

  it('is sugar as wide as the melt that came through', () => {
    expect(seamColour(left(1e-3))?.sugarMm).toBe(1);
  });

  it('is nothing on metals without colours', () => {
    expect(seamColour(left(1e-3, false))).toBeNull();
  });
});
