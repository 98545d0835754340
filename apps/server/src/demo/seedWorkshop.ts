import { samplePin } from '@lone-heron/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { v7 as uuid } from 'uuid';
import type { EntityManager } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { MachineRevisionEntity } from '../machines/machineRevision.entity.js';
import { ProtectiveWindowEntity } from '../windows/protectiveWindow.entity.js';
import { PersonEntity } from '../people/person.entity.js';
import { hashPin } from '../people/pinHash.js';
import { PhotoFiles } from '../photos/face/photoFiles.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { seedCards } from './seedCards.js';
import { seedCoupons } from './seedCoupons.js';
import type { SamplePast } from './sampleDialIns.js';
import { seedGlass, seedLight, type NewestWindow } from './seedGlass.js';
import { seedHouse } from './sampleHouse.js';
import { seedReadiness } from './sampleReadiness.js';
import { seedJobs } from './seedJobs.js';
import { seedTrials } from './seedTrials.js';
import { seedSlots } from './seedSlots.js';
import { seedUpkeep } from './seedUpkeep.js';
import { sampleMachines, samplePeople } from './sampleWorkshop.js';
import { atWork, lastAtWork } from './workingHours.js';

const day = 24 * 3600 * 1000;

/** Windows by machine, oldest first: when fitted, and why the one before came out. */
const sampleWindows = [
  { machineId: 'bench', fittedBy: 'ines', daysAgo: 125 },
  {
    machineId: 'bench',
    fittedBy: 'maren',
    daysAgo: 17,
    reason: 'darkSpecks',
    note: 'changed with the door open',
  },
  {
    machineId: 'bench',
    fittedBy: 'ines',
    daysAgo: 0.4,
    reason: 'weakWelds',
    note: 'power fell away on the worktop',
  },
  { machineId: 'barrow', fittedBy: 'maren', daysAgo: 124 },
] as const;

/**
 * Puts the sample workshop into a database that has no machines.
 *
 * @param past how much of it
 * @param now ms since 1970, to place the sample days before
 * @returns whether it did
 */
export function seedWorkshop(
  app: NestExpressApplication,
  past: SamplePast,
  now = lastAtWork(Date.now()),
): Promise<boolean> {
  return app.get(WriteQueue).run(async (manager) => {
    if ((await manager.count(MachineEntity)) > 0) return false;
    await seedPeople(manager);
    await seedMachines(manager, new Date(now - 130 * day).toISOString());
    const before = past === 'months' ? await seedGlass(manager, now) : [];
    await seedWindows(manager, now, before);
    if (past === 'months') await seedLight(manager, now);
    await seedCoupons(manager, app.get(PhotoFiles), past, now);
    await seedCards(manager, past);
    if (past === 'months') await seedSlots(manager, now);
    await seedTrials(manager, now);
    await seedReadiness(manager, now);
    if (past === 'months') await seedUpkeep(manager, app.get(PhotoFiles), now);
    await seedHouse(manager, new Date(now - 20 * day).toISOString());
    if (past === 'months') await seedJobs(manager, app.get(PhotoFiles), now);
    return true;
  });
}

/** Everybody with the sample PIN, which is no secret and hashed once. */
async function seedPeople(manager: EntityManager): Promise<void> {
  const pinHash = await hashPin(samplePin);
  const people = samplePeople.map(({ id, name, role }) => ({ id, name, role, pinHash, hasSamplePin: true }));
  await manager.insert(PersonEntity, people);
}

async function seedMachines(manager: EntityManager, madeAt: string): Promise<void> {
  for (const [index, { id, name, revision, profile }] of sampleMachines.entries()) {
    await manager.insert(MachineEntity, { id, name, position: index + 1, revision });
    await manager.insert(MachineRevisionEntity, {
      machineId: id,
      revision,
      name,
      profile,
      madeAt,
      madeBy: 'ines',
      note: 'first set up',
    });
  }
}

async function seedWindows(
  manager: EntityManager,
  now: number,
  before: readonly NewestWindow[],
): Promise<void> {
  const newest = new Map(before.map((window) => [window.machineId, window]));
  for (const window of sampleWindows) {
    const fittedAt = new Date(atWork(now - window.daysAgo * day, now)).toISOString();
    const previous = newest.get(window.machineId);
    if (previous !== undefined) {
      const { reason, note } = 'reason' in window ? window : ({ reason: 'planned', note: '' } as const);
      await manager.update(
        ProtectiveWindowEntity,
        { id: previous.id },
        { removedAt: fittedAt, removedReason: reason, removedNote: note },
      );
    }
    const id = uuid({ msecs: now - window.daysAgo * day });
    const number = (previous?.number ?? 0) + 1;
    const { machineId, fittedBy } = window;
    await manager.insert(ProtectiveWindowEntity, {
      id,
      machineId,
      number,
      previousId: previous?.id ?? null,
      fittedAt,
      fittedBy,
    });
    newest.set(machineId, { machineId, id, number });
  }
}
