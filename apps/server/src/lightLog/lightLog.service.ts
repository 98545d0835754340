import type { LightDraft, LightEntry, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, IsNull } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import { conflict, notFound, refused } from '../http/problem.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { OpticsService } from '../optics/optics.service.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { LightEntryEntity } from './lightEntry.entity.js';

/** Entries of one machine that are given at once. */
const mostListed = 200;

/** What was welded besides coupons: how long the light was on, and with what. */
@Injectable()
export class LightLogService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly machines: MachinesService,
    private readonly optics: OpticsService,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {}

  /** A machine's newest entries, newest first, taken-back ones left out. */
  async list(machineId: string): Promise<LightEntry[]> {
    const rows = await this.dataSource.manager.find(LightEntryEntity, {
      where: { machineId, withdrawnAt: IsNull() },
      order: { weldedAt: 'DESC' },
      take: mostListed,
    });
    return rows.map(entryFromRow);
  }

  /** Writes an entry down, through the window that was fitted then. Repeating it is the same save. */
  write(id: string, draft: LightDraft, by: Person): Promise<LightEntry> {
    return this.writes.run(async (manager) => {
      const stored = await manager.findOneBy(LightEntryEntity, { id });
      if (stored !== null) {
        if (stored.personId === by.id && isDeepStrictEqual(draftOf(stored), draft))
          return entryFromRow(stored);
        throw conflict(`Entry ${id} is stored already with other content. It is never overwritten.`);
      }
      if ((await this.machines.find(draft.machineId, manager)) === null)
        throw refused([unknownMachine(draft.machineId)]);
      const { id: windowId } = await this.optics.requireFittedAt(draft.machineId, draft.weldedAt, manager);
      const recordedAt = this.clock.now().toISOString();
      await manager.insert(LightEntryEntity, { ...draft, id, windowId, personId: by.id, recordedAt });
      return entryFromRow(await manager.findOneByOrFail(LightEntryEntity, { id }));
    });
  }

  /** Takes an entry back, or puts it in again. Repeating it changes nothing. */
  setWithdrawn(id: string, isWithdrawn: boolean, by: Person): Promise<LightEntry> {
    return this.writes.run(async (manager) => {
      const row = await manager.findOneBy(LightEntryEntity, { id });
      if (row === null) throw notFound('light entry', id);
      if ((row.withdrawnAt !== null) !== isWithdrawn) {
        row.withdrawnAt = isWithdrawn ? this.clock.now().toISOString() : null;
        await manager.update(LightEntryEntity, { id }, { withdrawnAt: row.withdrawnAt });
        const what = `${isWithdrawn ? 'took back' : 'put in again'} ${row.minutes} min of light on ${row.machineId}`;
        await this.changes.record(manager, { personId: by.id, noun: 'light', subjectId: id, what });
      }
      return entryFromRow(row);
    });
  }
}

function draftOf(row: LightEntryEntity): LightDraft {
  const { machineId, minutes, powerW, metal, gas, batch, gunAngleDeg, isSoftStart, weldedAt } = row;
  return { machineId, minutes, powerW, metal, gas, batch, gunAngleDeg, isSoftStart, weldedAt };
}

function entryFromRow(row: LightEntryEntity): LightEntry {
  const { id, personId, windowId, recordedAt, withdrawnAt } = row;
  return { ...draftOf(row), id, personId, windowId, recordedAt, withdrawnAt };
}
