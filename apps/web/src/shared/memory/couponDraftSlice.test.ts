import type { OpenLog } from './openLogSchema.js';
import { untypedCoupon } from '../coupons/log/TypedCoupon.js';
import { couponDraftSlice, logClosed, logOpened } from './couponDraftSlice.js';

const { reducer } = couponDraftSlice;

const log = (id: string): OpenLog => ({
  id,
  machineId: 'bench',
  joint: { kind: 'butt', metal: 'stainless304', firstThicknessMm: 1.5, secondThicknessMm: 1.5, gapMm: 0 },
  setting: {
    powerW: 870,
    dutyPercent: 100,
    wobble: { shape: 'none' },
    pace: { by: 'hand', travelMmS: 8 },
    gas: 'argon',
    gasFlowLMin: 15,
  },
  weldedAt: '2026-11-02T09:00:00.000Z',
  ...untypedCoupon,
});

describe('the open log', () => {
  it('is not closed by the late answer to a log that was saved before it', () => {
    const second = reducer(reducer(undefined, logOpened(log('first'))), logOpened(log('second')));
    expect(reducer(second, logClosed('first')).open?.id).toBe('second');
    expect(reducer(second, logClosed('second')).open).toBeNull();
  });
});
