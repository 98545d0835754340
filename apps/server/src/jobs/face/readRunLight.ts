import type { MachineRuns } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import type { ReadRows } from '../../storage/longReads.js';
import { plainLight, type LightColumns, type LightThrough } from '../../windows/face/plainLight.js';
import { WeldRunEntity } from '../weldRun.entity.js';

const columns: LightColumns = {
  windowId: 'it.windowId',
  personId: 'it.personId',
  seconds: 'it.lightOnS',
  powerW: 'it.meanPowerW',
  metal: 'it.metal',
  gunAngleDeg: 'it.gunAngleDeg',
  gas: 'it.gas',
  batch: 'NULL',
  isSoftStart: 'NULL',
  isCoupon: '0',
};

/** Light of jobs through windows; a seam that was left out had none. @see plainLight */
export function lightOfRuns(
  manager: EntityManager,
  windowIds: readonly string[] | null,
  read: ReadRows,
): LightThrough {
  const query = manager.createQueryBuilder(WeldRunEntity, 'it');
  return plainLight(query, columns, windowIds, read);
}

/** When a machine's light was on for jobs, and for how many hours. */
export function runsLit(
  manager: EntityManager,
  machineId: string,
  since: string,
): Promise<MachineRuns['light'][number][]> {
  return manager
    .createQueryBuilder(WeldRunEntity, 'it')
    .select('it.weldedAt', 'at')
    .addSelect('it.lightOnS / 3600', 'hours')
    .where('it.machineId = :machineId AND it.withdrawnAt IS NULL AND it.lightOnS IS NOT NULL', { machineId })
    .andWhere('it.weldedAt >= :since', { since })
    .getRawMany();
}

/** Counts light of jobs through one window as another's. */
export async function moveRuns(manager: EntityManager, windowId: string, to: string): Promise<void> {
  await manager.update(WeldRunEntity, { windowId }, { windowId: to });
}
