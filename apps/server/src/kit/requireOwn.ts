import type { Person } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { notAllowed } from '../http/problem.js';
import { MachineEntity } from '../machines/machine.entity.js';
import { WorkshopEntity } from '../workshops/workshop.entity.js';
import type { Whose } from './Whose.js';

/**
 * Refuses who may not change something: what is a workshop's is changed by its own people and by those of the whole firm.
 *
 * @throws ProblemException 403, with whose it is
 */
export async function requireOwn(manager: EntityManager, by: Person, whose: Whose): Promise<void> {
  const own = by.workshopId ?? null;
  // Of the whole firm, as everybody is where there are no workshops.
  if (own === null) return;
  const workshopId = 'machineId' in whose ? await standsIn(manager, whose.machineId) : whose.workshopId;
  if (workshopId === undefined || workshopId === own) return;
  const place = await called(manager, workshopId);
  const whoMay = workshopId === null ? 'Somebody' : `Somebody of ${place} or`;
  throw notAllowed(
    `This is of ${place}, and ${by.name} is of ${await called(manager, own)}: it can be seen, not changed. ${whoMay} of the whole firm changes it. Nothing was stored, and nothing typed is lost.`,
  );
}

/** Null for the firm's; undefined where there is no such machine, which whoever asked for it says better. */
async function standsIn(manager: EntityManager, machineId: string): Promise<string | null | undefined> {
  return (await manager.findOneBy(MachineEntity, { id: machineId }))?.workshopId;
}

/** The workshop that a machine stands in; null where it is the firm's, or not there. */
export async function workshopOf(manager: EntityManager, machineId: string): Promise<string | null> {
  return (await standsIn(manager, machineId)) ?? null;
}

async function called(manager: EntityManager, id: string | null): Promise<string> {
  const row = id === null ? null : await manager.findOneBy(WorkshopEntity, { id });
  return row?.name ?? 'the whole firm';
}
