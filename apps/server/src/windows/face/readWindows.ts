import { IsNull, MoreThan, type EntityManager, type FindOperator } from 'typeorm';
import { ProtectiveWindowEntity } from '../protectiveWindow.entity.js';

/** Ids of the machines that ever had a window recorded. */
export async function machinesWithWindow(manager: EntityManager): Promise<ReadonlySet<string>> {
  const rows = await manager.find(ProtectiveWindowEntity, { select: { machineId: true } });
  return new Set(rows.map(({ machineId }) => machineId));
}

/** How many windows went in since a moment that came from a spare of this sort. */
export function windowsTaken(
  manager: EntityManager,
  since: string,
  stockId: string | FindOperator<string>,
): Promise<number> {
  return manager.countBy(ProtectiveWindowEntity, { fittedAt: MoreThan(since), undoneAt: IsNull(), stockId });
}
