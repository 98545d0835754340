import { fraction } from '@lone-heron/core';
import type { Coupon } from '../coupon.js';
import { lookedAtOf } from './couponLook.js';
import { triedOf } from './couponTrials.js';
import type { Joint } from '../../joint/joint.js';

const sheets = { metal: 'stainless304', firstThicknessMm: 4, secondThicknessMm: 4, gapMm: 0 } as const;
const butt: Joint = { kind: 'butt', ...sheets };
const bothSides: Joint = { kind: 'butt', ...sheets, sides: 2 };
const tee: Joint = { kind: 'tee', ...sheets, legMm: 3 };

const coupon = (joint: Joint, back: Coupon['back'], changes: Partial<Coupon> = {}) =>
  ({
    machineId: 'bench',
    joint,
    back,
    setting: {
      powerW: 900,
      dutyPercent: 100,
      wobble: { shape: 'none' },
      pace: { by: 'hand', travelMmS: 8 },
      gas: 'argon',
      gasFlowLMin: 14,
    },
    section: null,
    withdrawnAt: null,
    ...lookedAtOf(joint),
    ...changes,
  }) as unknown as Coupon;

/** What one coupon counts for: for, against, or nothing. */
function verdict(one: Coupon, aim: Parameters<typeof triedOf>[2] = { kind: 'reach' }): string {
  const [tried] = triedOf([one], { joint: one.joint, machineId: 'bench' }, aim);
  if (tried === undefined) return 'nothing';
  if (tried.holes > 0) return 'hole';
  return tried.even > 0 ? 'even' : 'against';
}

describe('what a coupon counts for', () => {
  it.each([
    ['none', 'against'],
    ['faint', 'against'],
    ['even', 'even'],
    ['heavy', 'against'],
    ['hole', 'hole'],
  ] as const)('a butt with a back %s: %s', (back, counts) => {
    expect(verdict(coupon(butt, back))).toBe(counts);
  });

  it.each([
    ['none', 'nothing'],
    ['faint', 'even'],
    ['even', 'even'],
    ['heavy', 'against'],
    ['hole', 'hole'],
  ] as const)('both sides, after the first run %s: %s', (back, counts) => {
    expect(verdict(coupon(bothSides, back))).toBe(counts);
  });

  it('both sides by a section: whether the runs meet', () => {
    const cut = (depthMm: number) => coupon(bothSides, 'none', { section: { isThrough: false, depthMm } });
    expect(verdict(cut(2.3))).toBe('even');
    expect(verdict(cut(2.1))).toBe('against');
    expect(verdict(coupon(bothSides, 'none', { section: { isThrough: true } }))).toBe('even');
  });

  it('both sides of before, whose covered back was asked: nothing but a hole', () => {
    const before = (back: Coupon['back']) => {
      const { lookedAt, ...rest } = coupon(bothSides, back);
      expect(lookedAt).toBe('firstRun');
      return rest as Coupon;
    };
    expect(verdict(before('even'))).toBe('nothing');
    expect(verdict(before('hole'))).toBe('hole');
  });

  it('a T asked for its toes, and one of before', () => {
    expect(verdict(coupon(tee, 'even'))).toBe('even');
    expect(verdict(coupon(tee, 'faint'))).toBe('against');
    const { lookedAt, ...before } = coupon(tee, 'even');
    expect(lookedAt).toBe('toes');
    expect(verdict(before as Coupon)).toBe('nothing');
  });

  it('a share of the way is told by a section alone', () => {
    const share = { kind: 'share', share: fraction(0.7) } as const;
    const cut = (depthMm: number) => coupon(butt, 'none', { section: { isThrough: false, depthMm } });
    expect(verdict(cut(3), share)).toBe('even');
    expect(verdict(cut(2), share)).toBe('against');
    expect(verdict(coupon(butt, 'none'), share)).toBe('nothing');
  });

  it('slips, what was taken back, other machines and other joints: nothing', () => {
    expect(verdict(coupon(butt, 'even', { slip: 'paused' }))).toBe('nothing');
    expect(verdict(coupon(butt, 'even', { withdrawnAt: '2026-01-01T00:00:00.000Z' }))).toBe('nothing');
    expect(verdict(coupon(butt, 'even', { machineId: 'barrow' }))).toBe('nothing');
    const other = { ...butt, firstThicknessMm: 3 };
    expect(triedOf([coupon(other, 'even')], { joint: butt, machineId: 'bench' }, { kind: 'reach' })).toEqual(
      [],
    );
  });
});
