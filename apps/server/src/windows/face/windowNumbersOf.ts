import type { ProtectiveWindow } from '@lone-heron/contract';
import { In, type EntityManager } from 'typeorm';
import { ProtectiveWindowEntity } from '../protectiveWindow.entity.js';

/** Windows by their ids, each once, with what is written on their sheet; those that came out too. */
export async function windowNumbersOf(
  manager: EntityManager,
  ids: readonly string[],
): Promise<Pick<ProtectiveWindow, 'id' | 'number'>[]> {
  const rows = await manager.find(ProtectiveWindowEntity, {
    select: { id: true, number: true },
    where: { id: In([...new Set(ids)]) },
    order: { number: 'ASC' },
  });
  return rows.map(({ id, number }) => ({ id, number }));
}
