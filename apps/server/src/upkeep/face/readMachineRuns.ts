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
 */
export async function readMachineRuns(manager: EntityManager, machineId: string): Promise<MachineRuns> {
  const logged = [
    ...(await couponsLit(manager, machineId)),
    ...(await runsLit(manager, machineId)),
    ...(await trialsLit(manager, machineId)),
    ...(await entriesLit(manager, machineId)),
  ];
  return {
    light: [...logged, ...unlogged(logged, await heardHours(manager, machineId))],
    starts: await startsOf(manager, machineId),
  };
}
