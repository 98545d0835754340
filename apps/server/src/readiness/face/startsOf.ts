import type { EntityManager } from 'typeorm';
import { DayEntity } from '../day.entity.js';

/** When a machine was started up, day by day. */
export async function startsOf(manager: EntityManager, machineId: string): Promise<readonly string[]> {
  const days = await manager.find(DayEntity, { select: { id: true, openedAt: true }, where: { machineId } });
  return days.map(({ openedAt }) => openedAt);
}
