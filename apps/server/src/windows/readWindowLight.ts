import type { WindowLight } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import type { ReadRows } from '../storage/longReads.js';
import { lightOfCoupons } from '../coupons/face/readCouponLight.js';
import { lightOfRuns } from '../jobs/face/readRunLight.js';
import { lightOfTrials } from '../trials/face/readTrialLight.js';
import { lightOfEntries } from '../light/face/readLight.js';

/**
 * All light through windows, of coupons, of jobs, of trials of other modes and of the light log, what is alike taken together, taken-back ones left out.
 *
 * @param windowIds whose light it is; null for all
 * @param read where its rows are read
 */
export async function readWindowLight(
  manager: EntityManager,
  windowIds: readonly string[] | null,
  read: ReadRows,
): Promise<readonly WindowLight[]> {
  // One after the other: all of them may stand in one transaction, which has one connection.
  return [
    ...(await lightOfCoupons(manager, windowIds, read)),
    ...(await lightOfRuns(manager, windowIds, read)),
    ...(await lightOfTrials(manager, windowIds, read)),
    ...(await lightOfEntries(manager, windowIds, read)),
  ];
}
