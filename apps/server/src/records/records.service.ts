import type { Person, ShopRecord, ShopRecordDraft } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, IsNull, type EntityManager } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import { conflict, notFound, refused } from '../http/problem.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { ShopRecordEntity } from './shopRecord.entity.js';

/** Records of one machine that are given at once: years of them at a few a day. */
const mostListed = 2000;

@Injectable()
export class RecordsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly machines: MachinesService,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {}

  /** A machine's records, newest first, taken-back ones left out. */
  async list(machineId: string, manager: EntityManager = this.dataSource.manager): Promise<ShopRecord[]> {
    const rows = await manager.find(ShopRecordEntity, {
      where: { machineId, withdrawnAt: IsNull() },
      order: { at: 'DESC' },
      take: mostListed,
    });
    return rows.map(recordFromRow);
  }

  /** Writes something down. Repeating it is the same save; with other content it is a conflict. */
  write(id: string, draft: ShopRecordDraft, by: Person): Promise<ShopRecord> {
    return this.writes.run(async (manager) => {
      const stored = await manager.findOneBy(ShopRecordEntity, { id });
      if (stored !== null) {
        if (stored.personId === by.id && isDeepStrictEqual(draftOf(stored), draft))
          return recordFromRow(stored);
        throw conflict(`Record ${id} is stored already with other content. It is never overwritten.`);
      }
      const machine = await this.machines.find(draft.machineId, manager);
      if (machine === null) throw refused([unknownMachine(draft.machineId)]);
      const at = this.clock.now().toISOString();
      const { kind } = draft.detail;
      await manager.insert(ShopRecordEntity, { ...draft, id, kind, at, personId: by.id, withdrawnAt: null });
      return recordFromRow(await requireRecord(manager, id));
    });
  }

  /** Takes a record back, or puts it in again, in somebody's name. Repeating it changes nothing. */
  setWithdrawn(id: string, isWithdrawn: boolean, by: Person): Promise<ShopRecord> {
    return this.writes.run(async (manager) => {
      const row = await requireRecord(manager, id);
      if ((row.withdrawnAt !== null) !== isWithdrawn) {
        row.withdrawnAt = isWithdrawn ? this.clock.now().toISOString() : null;
        await manager.update(ShopRecordEntity, { id }, { withdrawnAt: row.withdrawnAt });
        const what = `${isWithdrawn ? 'took back' : 'put in again'} a record of ${row.machineId}: ${row.kind} of ${row.at}`;
        await this.changes.record(manager, { personId: by.id, noun: 'record', subjectId: id, what });
      }
      return recordFromRow(row);
    });
  }
}

async function requireRecord(manager: EntityManager, id: string): Promise<ShopRecordEntity> {
  const row = await manager.findOneBy(ShopRecordEntity, { id });
  if (row === null) throw notFound('record', id);
  return row;
}

function draftOf({ machineId, detail, note }: ShopRecordEntity): ShopRecordDraft {
  return { machineId, detail, note };
}

function recordFromRow(row: ShopRecordEntity): ShopRecord {
  const { id, at, personId, withdrawnAt } = row;
  return { ...draftOf(row), id, at, personId, withdrawnAt };
}
