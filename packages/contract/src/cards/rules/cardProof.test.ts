import { newestVersion } from './cardState.js';
import { areWeldedAlike, proofDifferences } from './cardProof.js';
import type { Coupon } from '../../coupons/coupon.js';
import type { Joint } from '../../joint/joint.js';
import { buttOf, cardOf } from '../../testing/sampleCards.js';

const { content } = newestVersion(cardOf(1, 'worktop', buttOf('stainless304', 1.5)));
const coupon = (changes: Partial<Coupon> = {}) => {
  const { machineId, joint, setting } = content;
  return { ...{ machineId, joint, setting, withdrawnAt: null }, ...changes } as Coupon;
};

describe('a coupon that is to prove a card', () => {
  it('was welded on its machine, joint and setting', () => {
    expect(proofDifferences(content, coupon())).toEqual([]);
    expect(proofDifferences(content, coupon({ machineId: 'barrow' }))).toEqual(['another machine']);
    expect(proofDifferences(content, coupon({ slip: 'paused' }))).toEqual(['the hand slipped']);
  });

  it('is of a joint of the same sizes, whatever only its kind has', () => {
    const tee = (legMm: number): Joint => ({ ...buttOf('stainless304', 3), kind: 'tee', legMm });
    expect(areWeldedAlike(tee(3), tee(3))).toBe(true);
    expect(areWeldedAlike(tee(3), tee(6))).toBe(false);
    const butt = buttOf('stainless304', 3);
    expect(areWeldedAlike(butt, { ...butt, sides: 1 })).toBe(true);
    expect(areWeldedAlike(butt, { ...butt, sides: 2 })).toBe(false);
    const bevelled = { ...butt, bevel: { landMm: 1, angleDeg: 60 } } as Joint;
    expect(areWeldedAlike(butt, bevelled)).toBe(false);
  });
});
