import type { Coupon } from '@lone-heron/contract';
import { sampleMachine } from './sampleMachine.js';

/** A coupon for tests, with changes: a stainless butt on the sample machine, its pace not timed. */
export function sampleCoupon(changes: Partial<Coupon> = {}): Coupon {
  return {
    id: '0198f0a0-0000-7000-8000-000000000001',
    number: 1,
    personId: 'ines',
    machineId: sampleMachine.id,
    machineRevision: 1,
    windowId: '0198f0a0-0000-7000-8000-000000000000',
    windowNumber: 1,
    joint: { kind: 'butt', metal: 'stainless304', firstThicknessMm: 1.5, secondThicknessMm: 1.5, gapMm: 0.1 },
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
    revision: 1,
    section: null,
    ...changes,
  };
}
