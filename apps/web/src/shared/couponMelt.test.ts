import { backLooks, type Coupon } from '@lone-heron/contract';
import { sampleMachine } from '../testing/sampleMachine.js';
import { couponMelt } from './couponMelt.js';

const coupon: Coupon = {
  id: '019ab000-0000-7000-8000-000000000000',
  number: 1,
  machineId: 'bench',
  machineRevision: 1,
  personId: 'ines',
  windowId: '019ab000-0000-7000-8000-000000000001',
  windowNumber: 1,
  joint: { kind: 'butt', metal: 'stainless304', firstThicknessMm: 1.5, secondThicknessMm: 3, gapMm: 0.1 },
  setting: {
    powerW: 1000,
    dutyPercent: 100,
    wobble: { shape: 'sideToSide', widthMm: 2, frequencyHz: 60 },
    pace: { by: 'hand', travelMmS: 9 },
    gas: 'argon',
    gasFlowLMin: 15,
  },
  back: 'even',
  lightOnS: null,
  runLengthMm: null,
  remark: '',
  weldedAt: '2026-11-24T09:30:00.000Z',
  recordedAt: '2026-11-24T09:30:00.000Z',
  withdrawnAt: null,
};

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
    const { widthMm, thicknessMm } = couponMelt(coupon, sampleMachine.profile);
    expect(widthMm).toBeCloseTo(2.18, 2);
    expect(thicknessMm).toBe(1.5);
  });
});
