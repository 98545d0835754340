import { unlogged, type MachineRuns } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { couponsLit } from '../../coupons/face/readCouponLight.js';
import { runsLit } from '../../jobs/face/readRunLight.js';
import { entriesLit } from '../../light/face/readLight.js';
import { trialsLit } from '../../trials/face/readTrialLight.js';
import { heardHours } from '../../telemetry/face/readHeardLight.js';
import { startsOf } from '../../readiness/face/startsOf.js';

/**
 * How a machine ran: its light on timed coupons, on jobs, on trials of other modes and in the light log, what it was heard to have had beyond
 * them, and the days it was started up.
 *
 * @param from nothing of before that moment is asked for; everything where left out
 */
export async function readMachineRuns(
  manager: EntityManager,
  machineId: string,
  from = '',
): Promise<MachineRuns> {
  // What was heard is told by the hour, and is held against what was written down of the same hour.
  const since = from === '' ? '' : `${from.slice(0, 13)}:00:00.000Z`;
  const logged = [
    ...(await couponsLit(manager, machineId, since)),
    ...(await runsLit(manager, machineId, since)),
    ...(await trialsLit(manager, machineId, since)),
    ...(await entriesLit(manager, machineId, since)),
  ];
  const heard = (await heardHours(manager, machineId)).filter(({ at }) => at >= since);
  return {
    light: [...logged, ...unlogged(logged, heard)],
    starts: await startsOf(manager, machineId),
  };
}
