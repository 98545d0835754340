import type { Coupon } from '../../coupons/coupon.js';
import type { CouponTest, TestDetail } from '../couponTest.js';
import { inspectionFound } from './inspectionFound.js';

const coupon = (back: Coupon['back']) =>
  ({
    back,
    joint: { kind: 'butt', metal: 'stainless304', firstThicknessMm: 2, secondThicknessMm: 2, gapMm: 0 },
  }) as Coupon;
const test = (detail: TestDetail, result: CouponTest['result'] = 'holds') =>
  ({ detail, result }) as CouponTest;
const section = (changes: Partial<Extract<TestDetail, { kind: 'section' }>>) =>
  test({
    kind: 'section',
    grits: '',
    etchant: 'none',
    isThrough: false,
    measured: { depth: { mm: 1.5, giveMm: 0.1 } },
    photoId: null,
    ...changes,
  });

describe('what was found of a coupon', () => {
  it('is nothing where nobody looked', () => {
    expect(inspectionFound(coupon('none'), [])).toEqual({
      reach: null,
      undercut: null,
      crown: null,
      misalignment: null,
      bends: [],
      indication: null,
      isTight: null,
    });
  });

  it('takes the newest section before the look at the back, and shares of the thickness', () => {
    const measured = { depth: { mm: 1.5, giveMm: 0.1 }, undercut: { mm: 0.1, giveMm: 0.02 } };
    const found = inspectionFound(coupon('even'), [
      section({ isThrough: true, measured: {} }),
      section({ measured }),
    ]);
    expect(found.reach).toEqual({ value: 0.75, isAtLeast: false });
    expect(found.undercut).toBeCloseTo(0.05, 12);
    expect(inspectionFound(coupon('even'), []).reach).toEqual({ value: 1, isAtLeast: true });
  });

  it('does not take wetted toes, or a back that two runs covered, for reach', () => {
    const tee = {
      kind: 'tee',
      metal: 'stainless304',
      firstThicknessMm: 2,
      secondThicknessMm: 2,
      gapMm: 0,
      legMm: 2,
    };
    const toes = { back: 'even', lookedAt: 'toes', joint: tee } as Coupon;
    expect(inspectionFound(toes, []).reach).toBeNull();
    expect(inspectionFound({ ...toes, back: 'heavy' }, []).reach).toEqual({ value: 1, isAtLeast: true });
    const covered = { ...coupon('even'), joint: { ...coupon('even').joint, sides: 2 } } as Coupon;
    expect(inspectionFound(covered, []).reach).toBeNull();
    expect(inspectionFound({ ...covered, lookedAt: 'firstRun' }, []).reach).not.toBeNull();
  });

  it('counts a break in the parent metal as sound, and a fitting’s leak as nothing said', () => {
    const bend = (brokeAt: 'inParent' | 'besideWeld') =>
      test({ kind: 'bend', side: 'root', angleDeg: 120, mandrelMm: 6, brokeAt });
    const leak = test({ kind: 'leak', medium: 'bubbles', leak: 'fitting' }, 'unclear');
    const found = inspectionFound(coupon('even'), [bend('inParent'), bend('besideWeld'), leak]);
    expect(found.bends.map(({ isSound }) => isSound)).toEqual([true, false]);
    expect(found.isTight).toBeNull();
    const tight = test({ kind: 'leak', medium: 'water', leak: 'none' });
    expect(inspectionFound(coupon('even'), [leak, tight]).isTight).toBe(true);
  });
});
