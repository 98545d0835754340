import type { Person, StockDraft, StockItem } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, IsNull, MoreThan, type EntityManager, type FindOperator } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import { HeadPartEntity } from '../headParts/headPart.entity.js';
import { notFound } from '../http/problem.js';
import { ProtectiveWindowEntity } from '../optics/protectiveWindow.entity.js';
import { WriteQueue } from '../storage/writeQueue.js';
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
    private readonly writes: WriteQueue,
    private readonly changes: ChangesService,
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
    return this.writes.run(async (manager) => {
      const stored = await manager.findOneBy(StockItemEntity, { id });
      if (stored === null || !isDeepStrictEqual(draftOf(stored), draft)) {
        const countedAt = this.clock.now().toISOString();
        await manager.save(StockItemEntity, {
          ...draft,
          id,
          countedAt,
          removedAt: stored?.removedAt ?? null,
        });
        await this.record(manager, by, id, `${stored === null ? 'added' : 'changed'} ${wordsOf(draft)}`);
      }
      return this.withUse(manager, await requireItem(manager, id));
    });
  }

  /** Takes a sort off the list, or puts it on again. Repeating it changes nothing. */
  setRemoved(id: string, isRemoved: boolean, by: Person): Promise<StockItem> {
    return this.writes.run(async (manager) => {
      const row = await requireItem(manager, id);
      if ((row.removedAt !== null) !== isRemoved) {
        row.removedAt = isRemoved ? this.clock.now().toISOString() : null;
        await manager.update(StockItemEntity, { id }, { removedAt: row.removedAt });
        await this.record(manager, by, id, `${isRemoved ? 'took off' : 'put back on'} the list: ${row.name}`);
      }
      return this.withUse(manager, row);
    });
  }

  private async withUse(manager: EntityManager, row: StockItemEntity): Promise<StockItem> {
    const since = new Date(this.clock.now().getTime() - monthsCounted * msPerMonth).toISOString();
    const sorts = await manager.countBy(StockItemEntity, { kind: row.kind, removedAt: IsNull() });
    const ownChanges = await changesSince(manager, row.kind, since, row.id);
    const unsorted = await changesSince(manager, row.kind, since, IsNull());
    const changes = ownChanges + unsorted / Math.max(1, sorts);
    const { id, countedAt, removedAt } = row;
    return { ...draftOf(row), id, countedAt, removedAt, changesPerMonth: changes / monthsCounted };
  }

  private record(manager: EntityManager, by: Person, id: string, what: string): Promise<void> {
    return this.changes.record(manager, { personId: by.id, noun: 'spare', subjectId: id, what });
  }
}

/** Changes of a kind since a moment, that took a spare of a sort, or of none that is on the list. */
function changesSince(
  manager: EntityManager,
  kind: StockItem['kind'],
  since: string,
  stockId: string | FindOperator<string>,
): Promise<number> {
  const changed = { fittedAt: MoreThan(since), undoneAt: IsNull(), stockId };
  return kind === 'window'
    ? manager.countBy(ProtectiveWindowEntity, changed)
    : manager.countBy(HeadPartEntity, { ...changed, kind });
}

async function requireItem(manager: EntityManager, id: string): Promise<StockItemEntity> {
  const row = await manager.findOneBy(StockItemEntity, { id });
  if (row === null) throw notFound('spare part', id);
  return row;
}

function draftOf(row: StockItemEntity): StockDraft {
  const { kind, name, supplier, lot, count, price, deliveryDays, serviceLevel, usedPerMonth } = row;
  return { kind, name, supplier, lot, count, price, deliveryDays, serviceLevel, usedPerMonth };
}

function wordsOf({ name, count }: StockDraft): string {
  return `${name} in the drawer: ${count}`;
}
