import { backLooks } from '@lone-heron/contract';
import { sampleCoupon } from '../../testing/sampleCoupon.js';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { couponMelt } from './couponMelt.js';

const coupon = sampleCoupon({
  joint: { kind: 'butt', metal: 'stainless304', firstThicknessMm: 1.5, secondThicknessMm: 3, gapMm: 0.1 },
});

describe('a coupon in small', () => {
  it('is drawn as deep as its back bears out, deeper from look to look', () => {
    const reaches = backLooks.map(
      (back) => couponMelt({ ...coupon, back }, sampleMachine.profile).depthMm / 1.5,
    );
    expect([...reaches].sort((a, b) => a - b)).toEqual(reaches);
    expect(reaches[1]).toBeLessThan(1);
    expect(reaches[2]).toBeGreaterThan(1);
  });

  it('is as wide as the model’s bead, in the thinner sheet', () => {
    const { widthMm, joint } = couponMelt(coupon, sampleMachine.profile);
    expect(widthMm).toBeCloseTo(2.18, 2);
    expect(joint).toMatchObject({ kind: 'butt', firstThickness: 0.0015 });
  });
});
