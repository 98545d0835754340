import type { MachineRuns } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import type { ReadRows } from '../../storage/longReads.js';
import { plainLight, type LightColumns, type LightThrough } from '../../windows/face/plainLight.js';
import { TrialEntity } from '../trial.entity.js';

const columns: LightColumns = {
  windowId: 'it.windowId',
  personId: 'it.personId',
  seconds: 'it.lightOnS',
  powerW: 'it.meanPowerW',
  metal: 'it.metal',
  // Nobody is asked how the gun stood: as it usually does.
  gunAngleDeg: '45',
  gas: 'it.gas',
  batch: 'NULL',
  isSoftStart: 'NULL',
  isCoupon: '0',
};

/** Light of strips, pieces and pulses through windows. @see plainLight */
export function lightOfTrials(
  manager: EntityManager,
  windowIds: readonly string[] | null,
  read: ReadRows,
): LightThrough {
  return plainLight(manager.createQueryBuilder(TrialEntity, 'it'), columns, windowIds, read);
}

/** When a machine's light was on for trials of other modes, and for how many hours. */
export function trialsLit(
  manager: EntityManager,
  machineId: string,
  since: string,
): Promise<MachineRuns['light'][number][]> {
  return manager
    .createQueryBuilder(TrialEntity, 'it')
    .select('it.madeAt', 'at')
    .addSelect('it.lightOnS / 3600', 'hours')
    .where('it.machineId = :machineId AND it.withdrawnAt IS NULL AND it.lightOnS IS NOT NULL', { machineId })
    .andWhere('it.madeAt >= :since', { since })
    .getRawMany();
}

/** Counts light of trials through one window as another's. */
export async function moveTrials(manager: EntityManager, windowId: string, to: string): Promise<void> {
  await manager.update(TrialEntity, { windowId }, { windowId: to });
}
