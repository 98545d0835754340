import type { CounterReading } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { ShopRecordEntity } from '../shopRecord.entity.js';

/** What the machines' own counters of light showed, machine by machine. */
export async function readCounters(manager: EntityManager): Promise<readonly CounterReading[]> {
  const rows = await manager.findBy(ShopRecordEntity, { kind: 'hourCounter' });
  return rows.flatMap(({ machineId, at, detail, withdrawnAt }) =>
    detail.kind === 'hourCounter' && withdrawnAt === null ? [{ machineId, at, hours: detail.hours }] : [],
  );
}
