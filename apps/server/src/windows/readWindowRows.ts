import type { LivesInput } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { ProtectiveWindowEntity } from './protectiveWindow.entity.js';

/** What a life is made of besides the light. */
export type WindowRow = LivesInput['windows'][number];

const columns = [
  'id',
  'machineId',
  'number',
  'fittedAt',
  'removedAt',
  'removedReason',
  'supplier',
  'lot',
  'fittedPlace',
] as const satisfies readonly (keyof WindowRow)[];

/** Every window, changes that were taken back left out: as plain rows, for there are thousands over the years. */
export function readWindowRows(
  manager: EntityManager,
  workshopId: string | null = null,
): Promise<WindowRow[]> {
  const query = manager
    .createQueryBuilder(ProtectiveWindowEntity, 'it')
    .select([])
    .where('it.undoneAt IS NULL');
  if (workshopId !== null)
    query.innerJoin('it.machine', 'machine').andWhere('machine.workshopId = :workshopId', { workshopId });
  for (const column of columns) query.addSelect(`it.${column}`, column);
  return query.getRawMany<WindowRow>();
}
