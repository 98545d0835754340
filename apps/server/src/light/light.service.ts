import type { LightDraft, LightEntry, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, IsNull } from 'typeorm';
import { refused } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { requirePast } from '../kit/requirePast.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { WindowsService } from '../windows/windows.service.js';
import { LightEntryEntity } from './lightEntry.entity.js';

/** Entries of one machine that are given at once. */
const mostListed = 200;

/** What was welded besides coupons: how long the light was on, and with what. */
@Injectable()
export class LightService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
    private readonly windows: WindowsService,
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
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const { machineId, weldedAt } = draft;
      const { row } = await entries.write(entry, id, draft, async () => {
        requirePast('weldedAt', weldedAt, new Date(at));
        if ((await this.machines.find(machineId, manager)) === null)
          throw refused([unknownMachine(machineId)]);
        const { id: windowId } = await this.windows.requireFittedAt(machineId, weldedAt, manager);
        await manager.insert(LightEntryEntity, { ...draft, id, windowId, personId: by.id, recordedAt: at });
      });
      return entryFromRow(row);
    });
  }

  /** Takes an entry back, or puts it in again. Repeating it changes nothing. */
  setWithdrawn(id: string, isWithdrawn: boolean, by: Person): Promise<LightEntry> {
    return this.kit.enter(by, async (entry) => {
      const did = isWithdrawn ? 'took back' : 'put in again';
      const row = await entries.setTakenBack(entry, id, isWithdrawn, ({ minutes, machineId }) =>
        entry.tell('light', id, `${did} ${minutes} min of light on ${machineId}`),
      );
      return entryFromRow(row);
    });
  }
}

const entries = new ClientRecords<LightEntryEntity, LightDraft>({
  entity: LightEntryEntity,
  ...{ called: 'light entry', author: 'personId', takenBack: 'withdrawnAt' },
  whose: ({ machineId }) => ({ machineId }),
  draftOf,
});

function draftOf(row: LightEntryEntity): LightDraft {
  const { machineId, minutes, powerW, metal, gas, batch, gunAngleDeg, isSoftStart, weldedAt } = row;
  return { machineId, minutes, powerW, metal, gas, batch, gunAngleDeg, isSoftStart, weldedAt };
}

function entryFromRow(row: LightEntryEntity): LightEntry {
  const { id, personId, windowId, recordedAt, withdrawnAt } = row;
  return { ...draftOf(row), id, personId, windowId, recordedAt, withdrawnAt };
}
