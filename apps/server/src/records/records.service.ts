import {
  changeoverGaps,
  datedBack,
  type Person,
  type ShopRecord,
  type ShopRecordDraft,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, IsNull, type EntityManager } from 'typeorm';
import { refused } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { requirePast } from '../kit/requirePast.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { ShopRecordEntity } from './shopRecord.entity.js';

/** Records of one machine that are given at once: years of them at a few a day. */
const mostListed = 2000;

@Injectable()
export class RecordsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
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
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const { row } = await records.write(entry, id, draft, async () => {
        const machine = await this.machines.find(draft.machineId, manager);
        if (machine === null) throw refused([unknownMachine(draft.machineId)]);
        const { detail } = draft;
        const { kind } = detail;
        const gaps = detail.kind === 'changeover' ? changeoverGaps(detail, machine.profile) : [];
        if (gaps.length > 0) throw refused([...gaps]);
        const doneAt = datedBack(draft.detail) ?? at;
        requirePast('detail.doneAt', doneAt, new Date(at));
        await manager.insert(ShopRecordEntity, {
          ...draft,
          id,
          kind,
          at: new Date(doneAt).toISOString(),
          personId: by.id,
          withdrawnAt: null,
        });
      });
      return recordFromRow(row);
    });
  }

  /** Takes a record back, or puts it in again, in somebody's name. Repeating it changes nothing. */
  setWithdrawn(id: string, isWithdrawn: boolean, by: Person): Promise<ShopRecord> {
    return this.kit.enter(by, async (entry) => {
      const did = isWithdrawn ? 'took back' : 'put in again';
      const row = await records.setTakenBack(entry, id, isWithdrawn, ({ machineId, kind, at }) =>
        entry.tell('record', id, `${did} a record of ${machineId}: ${kind} of ${at}`),
      );
      return recordFromRow(row);
    });
  }
}

const records = new ClientRecords<ShopRecordEntity, ShopRecordDraft>({
  entity: ShopRecordEntity,
  ...{ called: 'record', author: 'personId', takenBack: 'withdrawnAt' },
  whose: ({ machineId }) => ({ machineId }),
  draftOf,
});

function draftOf({ machineId, detail, note }: ShopRecordEntity): ShopRecordDraft {
  return { machineId, detail, note };
}

function recordFromRow(row: ShopRecordEntity): ShopRecord {
  const { id, at, personId, withdrawnAt } = row;
  return { ...draftOf(row), id, at, personId, withdrawnAt };
}
