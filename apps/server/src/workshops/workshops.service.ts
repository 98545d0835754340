import type { Person, Workshop, WorkshopDraft } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { conflict, notFound, refused } from '../http/problem.js';
import { RecordKit } from '../kit/recordKit.js';
import { WorkshopEntity } from './workshop.entity.js';

/** What says itself that it is a workshop's, with how it is called. */
const owned = {
  machine: 'a machine',
  person: 'somebody',
  card: 'a card',
  mode_card: 'a card',
  stock_item: 'a spare in its drawer',
  bottle: 'a bottle',
  eyewear: 'a helmet or a pair',
  workshop_sheet: 'a sheet of its own',
} as const;

/** The workshops of a firm. */
@Injectable()
export class WorkshopsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
  ) {}

  /** By name. */
  list(): Promise<Workshop[]> {
    return this.dataSource.manager.find(WorkshopEntity, { order: { name: 'ASC' } });
  }

  /** Opens a workshop under the client's id, or calls it otherwise. Repeating it changes nothing. */
  save(id: string, { name }: WorkshopDraft, by: Person): Promise<Workshop> {
    return this.kit.enter(by, async (entry) => {
      const { manager } = entry;
      await entry.requireOwn({ workshopId: null });
      const stored = await manager.findOneBy(WorkshopEntity, { id });
      if (stored?.name === name) return stored;
      await requireFreeName(manager, name);
      await manager.save(WorkshopEntity, { id, name });
      const what = stored === null ? `opened workshop ${name}` : `renamed workshop ${stored.name} to ${name}`;
      await entry.tell('workshop', id, what);
      return { id, name };
    });
  }

  /** Takes a workshop off the list that nothing belongs to, as one that was opened by mistake. */
  remove(id: string, by: Person): Promise<void> {
    return this.kit.enter(by, async (entry) => {
      const { manager } = entry;
      await entry.requireOwn({ workshopId: null });
      const stored = await manager.findOneBy(WorkshopEntity, { id });
      if (stored === null) throw notFound('workshop', id);
      for (const [table, called] of Object.entries(owned)) {
        if (await manager.existsBy(table, { workshopId: id }))
          throw conflict(`${stored.name} has ${called} still: move what is its to another workshop first.`);
      }
      await manager.delete(WorkshopEntity, { id });
      await entry.tell('workshop', id, `took workshop ${stored.name} off the list`);
    });
  }
}

async function requireFreeName(manager: EntityManager, name: string): Promise<void> {
  if (!(await manager.existsBy(WorkshopEntity, { name }))) return;
  const allowed = 'a name that no other workshop has';
  throw refused([{ field: 'name', given: JSON.stringify(name), allowed }]);
}
