import { backLooks, type Coupon } from '../coupon.js';
import { isAskedRight, lookedAtOf, lookFinding, seenAt, showsThrough } from './couponLook.js';
import type { Joint } from '../../joint/joint.js';

const sheets = { metal: 'stainless304', firstThicknessMm: 4, secondThicknessMm: 4, gapMm: 0 } as const;
const butt: Joint = { kind: 'butt', ...sheets };
const bothSides: Joint = { kind: 'butt', ...sheets, sides: 2 };
const tee: Joint = { kind: 'tee', ...sheets, legMm: 3 };
const teeOnBothSides: Joint = { ...tee, sides: 2 };

const welded = (joint: Joint, back: Coupon['back'], lookedAt?: Coupon['lookedAt']) => ({
  joint,
  back,
  ...(lookedAt === undefined ? {} : { lookedAt }),
});
const says = { by: 'toes', toes: null, far: null };

describe('what a joint is asked', () => {
  it('is its back, its toes, or its back between two runs', () => {
    expect(seenAt(butt)).toBe('back');
    expect(seenAt(tee)).toBe('toes');
    expect(seenAt(bothSides)).toBe('firstRun');
    expect(seenAt(teeOnBothSides)).toBe('toes');
    expect(lookedAtOf(butt)).toEqual({});
    expect(lookedAtOf(bothSides)).toEqual({ lookedAt: 'firstRun' });
  });

  it('is told from what a coupon of before was asked', () => {
    expect(isAskedRight(welded(butt, 'even'))).toBe(true);
    expect(isAskedRight(welded(bothSides, 'even'))).toBe(false);
    expect(isAskedRight(welded(bothSides, 'even', 'firstRun'))).toBe(true);
    expect(isAskedRight(welded(tee, 'even'))).toBe(false);
  });
});

describe('a look as evidence of depth', () => {
  it('is one of a single run where the back was looked at before the second covered it', () => {
    for (const look of backLooks)
      expect(lookFinding(welded(bothSides, look, 'firstRun'), look)).toEqual({ by: 'look', back: look });
  });

  it('says nothing of a back that two runs have covered, but for a hole', () => {
    for (const look of backLooks) {
      const finding = look === 'hole' ? { by: 'look', back: 'hole' } : says;
      expect(lookFinding(welded(bothSides, look), look)).toEqual(finding);
    }
  });

  it('shows that the melt came through only where it can', () => {
    expect(showsThrough(welded(butt, 'even'))).toBe(true);
    expect(showsThrough(welded(butt, 'faint'))).toBe(false);
    expect(showsThrough(welded(bothSides, 'even'))).toBe(false);
    expect(showsThrough(welded(bothSides, 'even', 'firstRun'))).toBe(true);
    expect(showsThrough(welded(tee, 'even', 'toes'))).toBe(false);
    expect(showsThrough(welded(tee, 'heavy', 'toes'))).toBe(true);
    expect(showsThrough(welded(tee, 'even'))).toBe(true);
  });
});
