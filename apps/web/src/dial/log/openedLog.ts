import type { OpenLog } from '../../shared/memory/openLogSchema.js';
import { v7 as uuid } from 'uuid';
import { emptyEntry } from '../../shared/couponForm/CouponEntry.js';
import type { DialOutcome } from '../dialOutcome.js';

/** A log of the setting as it stands, under an id of its own, so that a save tried twice is the same save. */
export function openedLog({ said, recorded, forecast: { odds } }: DialOutcome): OpenLog {
  return {
    id: uuid(),
    machineId: said.machine.id,
    joint: said.joint,
    setting: recorded,
    weldedAt: new Date().toISOString(),
    stated: { none: odds.cold, faint: odds.part, even: odds.full, heavy: odds.hot, hole: odds.hole },
    ...emptyEntry,
  };
}
