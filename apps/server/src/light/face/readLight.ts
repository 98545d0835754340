import type { MachineRuns } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import type { ReadRows } from '../../storage/longReads.js';
import { plainLight, type LightColumns, type LightThrough } from '../../windows/face/plainLight.js';
import { LightEntryEntity } from '../lightEntry.entity.js';

const columns: LightColumns = {
  windowId: 'it.windowId',
  personId: 'it.personId',
  seconds: 'it.minutes * 60',
  powerW: 'it.powerW',
  metal: 'it.metal',
  gunAngleDeg: 'it.gunAngleDeg',
  gas: 'it.gas',
  batch: 'it.batch',
  isSoftStart: 'it.isSoftStart',
  isCoupon: '0',
};

/** Light of the light log through windows. @see plainLight */
export function lightOfEntries(
  manager: EntityManager,
  windowIds: readonly string[] | null,
  read: ReadRows,
): LightThrough {
  return plainLight(manager.createQueryBuilder(LightEntryEntity, 'it'), columns, windowIds, read);
}

/** When a machine's light was on by the light log, and for how many hours. */
export function entriesLit(
  manager: EntityManager,
  machineId: string,
  since: string,
): Promise<MachineRuns['light'][number][]> {
  return manager
    .createQueryBuilder(LightEntryEntity, 'it')
    .select('it.weldedAt', 'at')
    .addSelect('it.minutes / 60', 'hours')
    .where('it.machineId = :machineId AND it.withdrawnAt IS NULL', { machineId })
    .andWhere('it.weldedAt >= :since', { since })
    .getRawMany();
}

/** Counts light that was logged for one window as another's. */
export async function moveLight(manager: EntityManager, windowId: string, to: string): Promise<void> {
  await manager.update(LightEntryEntity, { windowId }, { windowId: to });
}
