import {
  feedOf,
  type Bottle,
  type BottleDraft,
  type Person,
  type ReadingContext,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, IsNull, type EntityManager } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import { notFound, refused } from '../http/problem.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { BottleEntity } from './bottle.entity.js';

/** The shop's gas: what stands where, and how full it was when last looked at. */
@Injectable()
export class BottlesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly machines: MachinesService,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {}

  /** Every bottle, those in the shop first. */
  async list(): Promise<Bottle[]> {
    const rows = await this.dataSource.manager.find(BottleEntity, { order: { readAt: 'DESC' } });
    const bottles = rows.map(bottleFromRow);
    return [
      ...bottles.filter(({ goneAt }) => goneAt === null),
      ...bottles.filter(({ goneAt }) => goneAt !== null),
    ];
  }

  /** Stores a bottle, or what was found of it since. A machine has one bottle fitted: the one before goes to the store. */
  save(id: string, draft: BottleDraft, by: Person): Promise<Bottle> {
    return this.writes.run(async (manager) => {
      if (draft.machineId !== null && (await this.machines.find(draft.machineId, manager)) === null)
        throw refused([unknownMachine(draft.machineId)]);
      const stored = await manager.findOneBy(BottleEntity, { id });
      if (stored !== null && isDeepStrictEqual(draftOf(stored), draft)) return bottleFromRow(stored);
      if (draft.machineId !== null) {
        await manager.update(
          BottleEntity,
          { machineId: draft.machineId, goneAt: IsNull() },
          { machineId: null },
        );
      }
      const isReadAnew = stored === null || stored.pressureBar !== draft.pressureBar;
      const readAt = isReadAnew ? this.clock.now().toISOString() : stored.readAt;
      await manager.save(BottleEntity, { ...draft, id, readAt, goneAt: stored?.goneAt ?? null });
      await this.record(manager, by, id, `${stored === null ? 'added' : 'changed'} ${wordsOf(draft)}`);
      return bottleFromRow(await requireBottle(manager, id));
    });
  }

  /** Sends a bottle back, or takes that back. Repeating it changes nothing. */
  setGone(id: string, isGone: boolean, by: Person): Promise<Bottle> {
    return this.writes.run(async (manager) => {
      const bottle = await requireBottle(manager, id);
      if ((bottle.goneAt !== null) === isGone) return bottleFromRow(bottle);
      const goneAt = isGone ? this.clock.now().toISOString() : null;
      await manager.update(BottleEntity, { id }, { goneAt, machineId: null });
      await this.record(manager, by, id, `${isGone ? 'sent back' : 'took in again'} ${wordsOf(bottle)}`);
      return bottleFromRow(await requireBottle(manager, id));
    });
  }

  /** The bottle that feeds a machine, as a reading is judged by; null where none is recorded. */
  async fittedOn(machineId: string, manager: EntityManager): Promise<ReadingContext['bottle']> {
    const bottle = await manager.findOneBy(BottleEntity, { machineId, goneAt: IsNull() });
    return bottle === null ? null : feedOf(bottle);
  }

  /** Notes what a start-up read at the bottle that feeds a machine. */
  async noteReading(
    machineId: string,
    pressureBar: number,
    at: string,
    manager: EntityManager,
  ): Promise<void> {
    await manager.update(BottleEntity, { machineId, goneAt: IsNull() }, { pressureBar, readAt: at });
  }

  private record(manager: EntityManager, by: Person, id: string, what: string): Promise<void> {
    return this.changes.record(manager, { personId: by.id, noun: 'bottle', subjectId: id, what });
  }
}

async function requireBottle(manager: EntityManager, id: string): Promise<BottleEntity> {
  const bottle = await manager.findOneBy(BottleEntity, { id });
  if (bottle === null) throw notFound('bottle', id);
  return bottle;
}

function draftOf(row: BottleEntity): BottleDraft {
  const { gas, litres, pressureBar, purity, batch, supplier, price, machineId } = row;
  return { gas, litres, pressureBar, purity, batch, supplier, price, machineId };
}

function bottleFromRow(row: BottleEntity): Bottle {
  return { ...draftOf(row), id: row.id, readAt: row.readAt, goneAt: row.goneAt };
}

function wordsOf({ gas, litres, pressureBar, batch }: BottleDraft): string {
  const name = gas === 'dryAir' ? 'dry air' : gas;
  return `${name}, ${litres} L at ${pressureBar} bar${batch === '' ? '' : `, batch ${batch}`}`;
}
