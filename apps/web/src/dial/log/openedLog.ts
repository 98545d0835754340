import { shopNow } from '../../shared/clock/shopClock.js';
import type { OpenLog } from '../../shared/memory/openLogSchema.js';
import { seenAt } from '@lone-heron/contract';
import type { OutcomeOdds } from '@lone-heron/core';
import { v7 as uuid } from 'uuid';
import { untypedCoupon } from '../../shared/coupons/log/TypedCoupon.js';
import type { DialOutcome } from '../dialOutcome.js';

/** A log of the setting as it stands, under an id of its own, so that a save tried twice is the same save. */
export function openedLog({ said, recorded, forecast: { sheetOdds } }: DialOutcome): OpenLog {
  return {
    id: uuid(),
    machineId: said.machine.id,
    joint: said.joint,
    setting: recorded,
    weldedAt: shopNow().toISOString(),
    ...(seenAt(said.joint) !== 'toes' ? { stated: statedOf(sheetOdds) } : {}),
    ...untypedCoupon,
  };
}

/** The chance of each look of the back, kept to see whether 80 % is really 80 %. */
function statedOf({ cold, part, full, hot, hole }: OutcomeOdds): NonNullable<OpenLog['stated']> {
  return { none: cold, faint: part, even: full, heavy: hot, hole };
}
