import { startingProfiles, type Coupon, type Machine } from '@lone-heron/contract';
import { couponsByJoint, knobDepths, type JointCoupons } from './knobDepths.js';

const profile = startingProfiles[0]?.profile as Machine['profile'];
const machine: Machine = { id: 'bench', name: 'bench', revision: 1, profile };
const coupon = (number: number, changes: Partial<Coupon> = {}): Coupon =>
  ({
    ...{ id: `c${number}`, number, machineId: 'bench', back: 'even', section: null },
    joint: { kind: 'butt', metal: 'stainless304', firstThicknessMm: 1.5, secondThicknessMm: 1.5, gapMm: 0 },
    setting: {
      ...{ powerW: 800, dutyPercent: 100, wobble: { shape: 'none' }, gas: 'argon', gasFlowLMin: 15 },
      pace: { by: 'hand', travelMmS: 10 },
    },
    ...{ lightOnS: 10, runLengthMm: 90 },
    ...changes,
  }) as Coupon;

describe('depth over a knob', () => {
  const thicker = {
    kind: 'butt',
    metal: 'stainless304',
    firstThicknessMm: 2,
    secondThicknessMm: 2,
    gapMm: 0,
  };

  it('is drawn of joints with three coupons, those welded most first; slips are left out', () => {
    const coupons = [
      ...[1, 2, 3].map((number) => coupon(number, { joint: thicker as Coupon['joint'] })),
      ...[4, 5, 6, 7].map((number) => coupon(number)),
      coupon(8, { slip: 'paused' }),
      coupon(9, { machineId: 'gone' }),
    ];
    const groups = couponsByJoint(coupons, [machine]);
    expect(groups.map((group) => group.coupons.map(({ number }) => number))).toEqual([
      [4, 5, 6, 7],
      [1, 2, 3],
    ]);
    expect(couponsByJoint(coupons.slice(0, 2), [machine])).toEqual([]);
  });

  it('has a coupon where its knob stood, between the depths that its back allows', () => {
    const group: JointCoupons = { id: 'c1', machine, coupons: [coupon(1), coupon(2, { back: 'none' })] };
    const [even, none] = knobDepths(group, 'power');
    expect(even?.at).toBe(800);
    expect(even?.lowMm).toBeCloseTo(1.5, 6);
    expect(even?.highMm).toBeGreaterThan(1.5);
    expect(none?.lowMm).toBe(0);
    expect(none?.highMm).toBeCloseTo(1.2, 6);
  });

  it('takes the travel as it really was, and leaves out what has no such knob or was not timed', () => {
    const group: JointCoupons = { id: 'c1', machine, coupons: [coupon(1), coupon(2, { lightOnS: null })] };
    expect(knobDepths(group, 'travel').map(({ at }) => at)).toEqual([0.009]);
    expect(knobDepths(group, 'wobbleRate')).toEqual([]);
  });

  it('ends where the drawing does for what is open upwards', () => {
    const group: JointCoupons = { id: 'c1', machine, coupons: [coupon(1, { back: 'hole' })] };
    expect(knobDepths(group, 'power')[0]?.highMm).toBeCloseTo(2.7, 6);
  });
});
