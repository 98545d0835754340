import { ownNumbers } from './ownNumbers.js';

const setting = {
  powerW: 840,
  dutyPercent: 100,
  wobble: { shape: 'line', widthMm: 2, frequencyHz: 60 },
  pace: { by: 'wire', wireDiameterMm: 0.8, wireSpeedMmS: 11 },
  gas: 'argon',
  gasFlowLMin: 18,
} as unknown as Parameters<typeof ownNumbers>[0];

describe('the numbers of a coupon beside those of a card', () => {
  it('are not said where a panel shows the same', () => {
    expect(ownNumbers({ ...setting, powerW: 840.3 }, setting)).toBe('');
  });

  it('are said as the coupon has them where they differ by a step', () => {
    const pace = { by: 'wire', wireDiameterMm: 0.8, wireSpeedMmS: 11.4 } as const;
    expect(ownNumbers({ ...setting, powerW: 870, pace }, setting)).toBe('870 W, wire 11.4 mm/s');
  });

  it('are said where the other has no such figure', () => {
    const pace = { by: 'hand', travelMmS: 10 } as const;
    expect(ownNumbers({ ...setting, wobble: { shape: 'none' }, pace }, setting)).toBe('pace 10.0 mm/s');
  });
});
