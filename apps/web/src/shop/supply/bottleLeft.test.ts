import { startingProfiles, type Coupon, type MachineProfile } from '@lone-heron/contract';
import { bottleLeft } from './bottleLeft.js';

const profile = startingProfiles[0]?.profile as MachineProfile;
const coupon = {
  joint: { kind: 'butt', metal: 'stainless304', firstThicknessMm: 1.5, secondThicknessMm: 1.5, gapMm: 0.1 },
  setting: {
    powerW: 870,
    dutyPercent: 100,
    wobble: { shape: 'sideToSide', widthMm: 2, frequencyHz: 60 },
    pace: { by: 'hand', travelMmS: 8 },
    gas: 'argon',
    gasFlowLMin: 15,
  },
  lightOnS: null,
  runLengthMm: null,
} as Coupon;
const full = { litres: 50, pressureBar: 200 };

describe('what is left in a bottle', () => {
  it('is hours of gas and metres of seam, worked by hand', () => {
    // 190 bar x 50 L over 1.01325 bar at 0 °C against 20 °C: 8736 L; 15 L/min: 9.7 h; 28 s a seam of 0.2 m: 1248 seams.
    expect(bottleLeft(full, coupon, profile)).toEqual({
      hours: expect.closeTo(9.71, 2),
      metres: expect.closeTo(249.6, 0),
      flowLMin: 15,
      travelMmS: 8,
    });
  });

  it('takes the real travel where somebody timed it, and the wire’s where it sets the pace', () => {
    expect(bottleLeft(full, { ...coupon, lightOnS: 10, runLengthMm: 120 }, profile)?.travelMmS).toBe(12);
    const byWire = { by: 'wire', wireDiameterMm: 0.8, wireSpeedMmS: 11 } as const;
    const wired = { ...coupon, setting: { ...coupon.setting, pace: byWire } };
    expect(bottleLeft(full, wired, profile)?.travelMmS).toBeGreaterThan(3);
  });

  it('is nothing in a bottle that is due, and not said where no coupon tells the use', () => {
    expect(bottleLeft({ litres: 50, pressureBar: 8 }, coupon, profile)).toMatchObject({
      hours: 0,
      metres: 0,
    });
    expect(bottleLeft(full, undefined, profile)).toBeNull();
  });
});
