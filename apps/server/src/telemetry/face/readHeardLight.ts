import type { CounterReading } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { HeardLightEntity } from '../heardLight.entity.js';

const msPerHour = 3_600_000;

/** Light that was heard of machines, as a counter of each would have shown it at the beginning and the end of every hour that had any. */
export async function heardCounters(manager: EntityManager): Promise<readonly CounterReading[]> {
  const rows = await manager.find(HeardLightEntity, { order: { machineId: 'ASC', hour: 'ASC' } });
  const sums = new Map<string, number>();
  return rows.flatMap(({ machineId, hour, seconds }) => {
    const before = sums.get(machineId) ?? 0;
    const after = before + seconds / 3600;
    sums.set(machineId, after);
    return [
      { machineId, at: hour, hours: before },
      { machineId, at: new Date(Date.parse(hour) + msPerHour).toISOString(), hours: after },
    ];
  });
}

/** Light of a machine by the hour it was heard in, h. */
export async function heardHours(
  manager: EntityManager,
  machineId: string,
): Promise<readonly { readonly at: string; readonly hours: number }[]> {
  const rows = await manager.find(HeardLightEntity, { where: { machineId }, order: { hour: 'ASC' } });
  return rows.map(({ hour, seconds }) => ({ at: hour, hours: seconds / 3600 }));
}
