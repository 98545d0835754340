import type { CouponTint } from '@lone-heron/contract';
import { sampleCoupon } from '../../testing/sampleCoupon.js';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { tintTask } from './tintTask.js';

const machine = sampleMachine;
const tint = (changes: Partial<CouponTint['coupon']> = {}): CouponTint => ({
  coupon: sampleCoupon(changes),
  widths: { straw: { mm: 9, giveMm: 0.3 }, blue: { mm: 5, giveMm: 0.2 } },
});

describe('colours that are held against the field', () => {
  it('are those of coupons as they were welded, in metres', () => {
    const [read] = tintTask([tint()], [machine])!.coupons;
    expect(read!.read).toEqual({
      straw: { width: 0.009, give: 0.3e-3 },
      blue: { width: 0.005, give: 0.2e-3 },
    });
    expect(read!.input.absorbed).toBeGreaterThan(0);
    const slower = tintTask([tint({ lightOnS: 40, runLengthMm: 100 })], [machine])!.coupons[0]!;
    expect(slower.input.travel).toBeCloseTo(0.0025, 6);
  });

  it('are none of slips, of machines that are gone, and of faces that do not lie flat', () => {
    const { joint } = sampleCoupon();
    expect(tintTask([tint({ slip: 'paused' })], [machine])).toBeNull();
    expect(tintTask([tint()], [])).toBeNull();
    expect(tintTask([tint({ joint: { ...joint, kind: 'edge' } as typeof joint })], [machine])).toBeNull();
    expect(tintTask([], [machine])).toBeNull();
  });
});
