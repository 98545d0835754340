import {
  feedOf,
  type Bottle,
  type BottleDraft,
  type Person,
  type ReadingContext,
} from '@lone-heron/contract';
import { gasTable } from '@lone-heron/core';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, IsNull, type EntityManager } from 'typeorm';
import { refused } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { BottleEntity } from './bottle.entity.js';

/** The shop's gas: what stands where, and how full it was when last looked at. */
@Injectable()
export class BottlesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
  ) {}

  /** Every bottle, those in the shop first. */
  async list(): Promise<Bottle[]> {
    const rows = await this.dataSource.manager.find(BottleEntity, { order: { readAt: 'DESC' } });
    const all = rows.map(bottleFromRow);
    return [...all.filter(({ goneAt }) => goneAt === null), ...all.filter(({ goneAt }) => goneAt !== null)];
  }

  /** Stores a bottle, or what was found of it since. A machine has one bottle fitted: the one before goes to the store. */
  save(id: string, draft: BottleDraft, by: Person): Promise<Bottle> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const { machineId } = draft;
      if (machineId !== null && (await this.machines.find(machineId, manager)) === null)
        throw refused([unknownMachine(machineId)]);
      const stored = await bottles.find(manager, id);
      if (stored !== null) await bottles.requireOwn(entry, stored);
      if (stored !== null && isDeepStrictEqual(draftOf(stored), draft)) return bottleFromRow(stored);
      if (machineId !== null)
        await manager.update(BottleEntity, { machineId, goneAt: IsNull() }, { machineId: null });
      const isReadAnew = stored === null || stored.pressureBar !== draft.pressureBar;
      const readAt = isReadAnew ? at : stored.readAt;
      const workshopId = stored === null ? entry.workshopId : stored.workshopId;
      await manager.save(BottleEntity, { ...draft, id, readAt, goneAt: stored?.goneAt ?? null, workshopId });
      const saved = await bottles.require(manager, id);
      await bottles.requireOwn(entry, saved);
      await entry.tell('bottle', id, `${stored === null ? 'added' : 'changed'} ${wordsOf(draft)}`);
      return bottleFromRow(saved);
    });
  }

  /** Sends a bottle back, or takes that back. Repeating it changes nothing. */
  setGone(id: string, isGone: boolean, by: Person): Promise<Bottle> {
    return this.kit.enter(by, async (entry) => {
      const { manager } = entry;
      await bottles.setTakenBack(entry, id, isGone, async (bottle) => {
        await manager.update(BottleEntity, { id }, { machineId: null });
        await entry.tell('bottle', id, `${isGone ? 'sent back' : 'took in again'} ${wordsOf(bottle)}`);
      });
      return bottleFromRow(await bottles.require(manager, id));
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
}

const bottles = new ClientRecords<BottleEntity, BottleDraft>({
  entity: BottleEntity,
  ...{ called: 'bottle', author: null, takenBack: 'goneAt' },
  whose: ({ machineId, workshopId }) => (machineId === null ? { workshopId } : { machineId }),
  draftOf,
});

function draftOf(row: BottleEntity): BottleDraft {
  const { gas, litres, pressureBar, purity, batch, supplier, price, machineId } = row;
  return { gas, litres, pressureBar, purity, batch, supplier, price, machineId };
}

function bottleFromRow(row: BottleEntity): Bottle {
  const { id, readAt, goneAt, workshopId } = row;
  return { ...draftOf(row), id, readAt, goneAt, workshopId };
}

function wordsOf({ gas, litres, pressureBar, batch }: BottleDraft): string {
  const name = gasTable[gas].short;
  return `${name}, ${litres} L at ${pressureBar} bar${batch === '' ? '' : `, batch ${batch}`}`;
}
