import type { HeadPart, MachineRuns, PartChange, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, IsNull, type EntityManager } from 'typeorm';
import { conflict, notFound, refused } from '../http/problem.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { readMachineRuns } from '../optics/readMachineRuns.js';
import { putBackInDrawer, takeFromDrawer } from '../stock/takeFromDrawer.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { HeadPartEntity } from './headPart.entity.js';

/** Parts of a machine that are given at once, newest first. */
const mostListed = 300;

/** Seals, lenses, nozzles, liners and filters: what is fitted where, and what came out why. */
@Injectable()
export class HeadPartsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly machines: MachinesService,
    private readonly clock: Clock,
  ) {}

  /** A machine's parts, newest first, changes that were taken back left out. */
  async list(machineId: string): Promise<HeadPart[]> {
    const { manager } = this.dataSource;
    const rows = await manager.find(HeadPartEntity, {
      where: { machineId, undoneAt: IsNull() },
      order: { fittedAt: 'DESC' },
      take: mostListed,
    });
    const runs = await readMachineRuns(manager, machineId);
    return rows.map((row) => partFromRow(row, runs));
  }

  /** Fits a part; the one of its kind and place comes out for the reason. Repeating it is the same save. */
  change(id: string, change: PartChange, by: Person): Promise<HeadPart> {
    return this.writes.run(async (manager) => {
      const stored = await manager.findOneBy(HeadPartEntity, { id });
      if (stored !== null) {
        await requireSame(manager, stored, change, by);
        return withRuns(manager, stored);
      }
      const { machineId, kind, place, supplier, lot, reason, note } = change;
      if ((await this.machines.find(machineId, manager)) === null) throw refused([unknownMachine(machineId)]);
      const fittedAt = this.clock.now().toISOString();
      const old = await findFitted(manager, { machineId, kind, place });
      if (old !== null) {
        const removed = { removedAt: fittedAt, removedReason: reason, removedNote: note };
        await manager.update(HeadPartEntity, { id: old.id }, removed);
      }
      const stockId = await takeFromDrawer(manager, { kind, supplier, lot });
      await manager.insert(HeadPartEntity, {
        ...{ id, machineId, kind, place, supplier, lot, stockId, fittedAt },
        ...{ previousId: old?.id ?? null, fittedBy: by.id },
      });
      return withRuns(manager, await manager.findOneByOrFail(HeadPartEntity, { id }));
    });
  }

  /** Takes a change back while its part is the one that is in: the one before it is fitted again. */
  undo(id: string): Promise<void> {
    return this.writes.run(async (manager) => {
      const row = await manager.findOneBy(HeadPartEntity, { id });
      if (row === null) throw notFound('part', id);
      if (row.undoneAt !== null) return;
      if (row.removedAt !== null)
        throw conflict('This part was replaced since: take that change back first.');
      await manager.update(HeadPartEntity, { id }, { undoneAt: this.clock.now().toISOString() });
      await putBackInDrawer(manager, row.stockId);
      if (row.previousId === null) return;
      const fitted = { removedAt: null, removedReason: null, removedNote: null };
      await manager.update(HeadPartEntity, { id: row.previousId }, fitted);
    });
  }
}

function findFitted(
  manager: EntityManager,
  where: Pick<HeadPartEntity, 'machineId' | 'kind' | 'place'>,
): Promise<HeadPartEntity | null> {
  return manager.findOneBy(HeadPartEntity, { ...where, removedAt: IsNull(), undoneAt: IsNull() });
}

/** A retried change must say what the stored one says; the reason and note stand on the part that came out. */
async function requireSame(
  manager: EntityManager,
  stored: HeadPartEntity,
  change: PartChange,
  by: Person,
): Promise<void> {
  const { previousId } = stored;
  const old = previousId === null ? null : await manager.findOneBy(HeadPartEntity, { id: previousId });
  const keys = ['machineId', 'kind', 'place', 'supplier', 'lot'] as const;
  const isSame =
    stored.fittedBy === by.id &&
    keys.every((key) => stored[key] === change[key]) &&
    (old === null ||
      stored.undoneAt !== null ||
      (old.removedReason === change.reason && old.removedNote === change.note));
  if (!isSame)
    throw conflict(`Part ${stored.id} is stored already with other content. It is never overwritten.`);
}

async function withRuns(manager: EntityManager, row: HeadPartEntity): Promise<HeadPart> {
  return partFromRow(row, await readMachineRuns(manager, row.machineId));
}

function partFromRow(row: HeadPartEntity, { light }: MachineRuns): HeadPart {
  const { id, machineId, kind, place, supplier, lot, fittedAt, fittedBy } = row;
  const { removedAt, removedReason, removedNote } = row;
  const lightHours = light.reduce(
    (sum, { at, hours }) => (at >= fittedAt && (removedAt === null || at < removedAt) ? sum + hours : sum),
    0,
  );
  return {
    ...{ id, machineId, kind, place, supplier, lot, fittedAt, fittedBy },
    ...{ removedAt, removedReason, removedNote, lightHours },
  };
}
