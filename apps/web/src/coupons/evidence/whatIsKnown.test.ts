import { coreJob, recordedSetting, type Coupon } from '@lone-heron/contract';
import { suggestSetting, usualPractice } from '@lone-heron/core';
import { sampleCoupon } from '../../testing/sampleCoupon.js';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { oddsAgainstResults, whatIsKnown } from './whatIsKnown.js';

const joint: Coupon['joint'] = {
  kind: 'butt',
  metal: 'stainless304',
  firstThicknessMm: 1.5,
  secondThicknessMm: 1.5,
  gapMm: 0.1,
};
const job = coreJob(joint, null, sampleMachine.profile, { kind: 'reach' });
const { setting } = suggestSetting(job);

const coupon = (number: number, changes: Partial<Coupon> = {}): Coupon =>
  sampleCoupon({
    id: `0198f0a0-0000-7000-8000-0000000000${10 + number}`,
    number,
    joint,
    setting: recordedSetting(setting, 'argon', 15),
    back: 'none',
    ...changes,
  });

describe('what the coupons say', () => {
  it('is told by machine and family, with the coupons that moved it', () => {
    const { offsets } = whatIsKnown([coupon(1), coupon(2), coupon(3)], [sampleMachine], usualPractice);
    expect(offsets).toHaveLength(1);
    expect(offsets[0]).toMatchObject({ machineId: sampleMachine.id, family: 'stainless', coupons: 3 });
    expect(offsets[0]?.offset.deeperPercent).toBeLessThan(0);
    expect(offsets[0]?.movedBy.every(({ percent }) => percent < 0)).toBe(true);
  });

  it('counts what says nothing, and names the coupon of a stretch', () => {
    const along = [
      { toMm: 40, back: 'hole', slip: null },
      { toMm: 90, back: 'even', slip: null },
    ] as const;
    const coupons = [coupon(1, { slip: 'paused' }), coupon(2, { along: [...along] })];
    const { leftOut, offsets } = whatIsKnown(coupons, [sampleMachine], usualPractice);
    expect(leftOut).toEqual({ slip: 1, hardlyMelted: 0 });
    expect(offsets[0]?.movedBy.map(({ couponId }) => couponId)).toContain(coupons[1]?.id);
  });
});

describe('odds against results', () => {
  it('hold each look against its stated chance, without slips and without coupons that carry none', () => {
    const stated = { none: 0.9, faint: 0.1, even: 0, heavy: 0, hole: 0 };
    const { coupons, bins } = oddsAgainstResults([
      coupon(1, { stated }),
      coupon(2, { stated, back: 'faint' }),
      coupon(3, { stated, slip: 'lifted' }),
      coupon(4),
    ]);
    expect(coupons).toBe(2);
    expect(bins.at(-1)).toMatchObject({ from: 0.8, count: 2, cameAbout: 0.5 });
    expect(bins[0]?.count).toBe(8);
  });
});
