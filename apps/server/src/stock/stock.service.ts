import type { Person, StockDraft, StockItem } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, IsNull, type EntityManager, type FindOperator } from 'typeorm';
import { partsTaken } from '../headParts/face/partsTaken.js';
import { windowsTaken } from '../windows/face/readWindows.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { Clock } from '../time/clock.js';
import { StockItemEntity } from './stockItem.entity.js';

/** Changes are counted over so many months. */
const monthsCounted = 6;
const msPerMonth = (365.25 / 12) * 86_400_000;

/** What lies in the drawer, and how fast it is used. */
@Injectable()
export class StockService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly clock: Clock,
  ) {}

  /** Every sort on the list, by name. */
  async list(manager: EntityManager = this.dataSource.manager): Promise<StockItem[]> {
    const rows = await manager.find(StockItemEntity, {
      where: { removedAt: IsNull() },
      order: { name: 'ASC', id: 'ASC' },
    });
    return Promise.all(rows.map((row) => this.withUse(manager, row)));
  }

  /** Stores a sort as it is sent, new or counted anew. Repeating it changes nothing. */
  save(id: string, draft: StockDraft, by: Person): Promise<StockItem> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const stored = await items.find(manager, id);
      if (stored !== null) await items.requireOwn(entry, stored);
      if (stored === null || !isDeepStrictEqual(draftOf(stored), draft)) {
        const removedAt = stored?.removedAt ?? null;
        const workshopId = stored === null ? entry.workshopId : stored.workshopId;
        await manager.save(StockItemEntity, { ...draft, id, countedAt: at, removedAt, workshopId });
        await entry.tell('spare', id, `${stored === null ? 'added' : 'changed'} ${wordsOf(draft)}`);
      }
      return this.withUse(manager, await items.require(manager, id));
    });
  }

  /** Takes a sort off the list, or puts it on again. Repeating it changes nothing. */
  setRemoved(id: string, isRemoved: boolean, by: Person): Promise<StockItem> {
    return this.kit.enter(by, async (entry) => {
      const did = isRemoved ? 'took off' : 'put back on';
      const row = await items.setTakenBack(entry, id, isRemoved, ({ name }) =>
        entry.tell('spare', id, `${did} the list: ${name}`),
      );
      return this.withUse(entry.manager, row);
    });
  }

  private async withUse(manager: EntityManager, row: StockItemEntity): Promise<StockItem> {
    const since = new Date(this.clock.now().getTime() - monthsCounted * msPerMonth).toISOString();
    const sorts = await manager.countBy(StockItemEntity, { kind: row.kind, removedAt: IsNull() });
    const ownChanges = await changesSince(manager, row.kind, since, row.id);
    const unsorted = await changesSince(manager, row.kind, since, IsNull());
    const changes = ownChanges + unsorted / Math.max(1, sorts);
    const { id, countedAt, removedAt, workshopId } = row;
    return {
      ...draftOf(row),
      id,
      countedAt,
      removedAt,
      workshopId,
      changesPerMonth: changes / monthsCounted,
    };
  }
}

const items = new ClientRecords<StockItemEntity, StockDraft>({
  entity: StockItemEntity,
  ...{ called: 'spare part', author: null, takenBack: 'removedAt' },
  whose: ({ workshopId }) => ({ workshopId }),
  draftOf,
});

/** Changes of a kind since a moment, that took a spare of a sort, or of none that is on the list. */
function changesSince(
  manager: EntityManager,
  kind: StockItem['kind'],
  since: string,
  stockId: string | FindOperator<string>,
): Promise<number> {
  return kind === 'window'
    ? windowsTaken(manager, since, stockId)
    : partsTaken(manager, kind, since, stockId);
}

function draftOf(row: StockItemEntity): StockDraft {
  const { kind, name, supplier, lot, count, price, deliveryDays, serviceLevel, usedPerMonth } = row;
  return { kind, name, supplier, lot, count, price, deliveryDays, serviceLevel, usedPerMonth };
}

function wordsOf({ name, count }: StockDraft): string {
  return `${name} in the drawer: ${count}`;
}
