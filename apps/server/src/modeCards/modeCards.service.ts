import type { ModeCard, ModeCardDraft, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, In, type EntityManager, type FindOptionsWhere } from 'typeorm';
import { notFound } from '../http/problem.js';
import type { Entry } from '../kit/Entry.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { RevisionLog } from '../kit/RevisionLog.js';
import { MachinesService } from '../machines/machines.service.js';
import { ModeCardEntity } from './modeCard.entity.js';
import { ModeCardVersionEntity } from './modeCardVersion.entity.js';

/** Cards of cleaning, cutting and pulses. */
@Injectable()
export class ModeCardsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
  ) {}

  /** Every card with its versions, newest card first. */
  list(manager: EntityManager = this.dataSource.manager): Promise<ModeCard[]> {
    return readCards(manager, {});
  }

  /** Writes a version of a card, the first of which makes the card. Repeating it is the same save. */
  write(id: string, version: number, draft: ModeCardDraft, by: Person): Promise<ModeCard> {
    return this.kit.enter(by, async (entry) => {
      await this.writeWithin(entry, id, version, draft);
      return requireCard(entry.manager, id);
    });
  }

  /** {@link write} inside a save that is under way. */
  async writeWithin(entry: Entry, id: string, version: number, draft: ModeCardDraft): Promise<void> {
    const { manager, at, by } = entry;
    await versions.write(entry, { subject: id, revision: version, draft }, async (before) => {
      await this.machines.requireDoing(draft, manager);
      if (before === null) {
        const newest = await manager.maximum(ModeCardEntity, 'number');
        await manager.insert(ModeCardEntity, {
          id,
          number: (newest ?? 0) + 1,
          retiredAt: null,
          workshopId: entry.workshopId,
        });
      }
      await manager.insert(ModeCardVersionEntity, {
        ...{ cardId: id, version, draft, madeAt: at, madeBy: by.id },
      });
      await entry.tell('modeCard', id, `wrote version ${version} of card “${draft.title}”`);
    });
  }

  /** Retires a card, or takes it out again; it is kept. Repeating it changes nothing. */
  setRetired(id: string, isRetired: boolean, by: Person): Promise<ModeCard> {
    return this.kit.enter(by, async (entry) => {
      const { manager } = entry;
      await cards.setTakenBack(entry, id, isRetired, async () => {
        const title = (await requireCard(manager, id)).versions[0]?.title ?? '';
        await entry.tell('modeCard', id, `${isRetired ? 'retired' : 'took out again'} card “${title}”`);
      });
      return requireCard(manager, id);
    });
  }
}

const versions = new RevisionLog<ModeCardVersionEntity, ModeCardDraft>({
  entity: ModeCardVersionEntity,
  ...{ subject: 'cardId', counter: 'version', author: 'madeBy' },
  whose: ({ cardId }, manager) => cards.require(manager, cardId),
  draftOf: ({ draft }) => draft,
  meanwhile: (asked) =>
    `Version ${asked} was written meanwhile. What you typed is still here: look, then save again.`,
});

/** Cards themselves are made with their first version. */
const cards = new ClientRecords<ModeCardEntity, null>({
  entity: ModeCardEntity,
  ...{ called: 'card', author: null, takenBack: 'retiredAt' },
  draftOf: () => null,
  whose: ({ workshopId }) => ({ workshopId }),
});

async function readCards(
  manager: EntityManager,
  where: FindOptionsWhere<ModeCardEntity>,
): Promise<ModeCard[]> {
  const rows = await manager.find(ModeCardEntity, { where, order: { number: 'DESC' } });
  const cardId = In(rows.map(({ id }) => id));
  const all = await manager.find(ModeCardVersionEntity, { where: { cardId }, order: { version: 'DESC' } });
  return rows.map(({ id, number, retiredAt, workshopId }) => ({
    ...{ id, number, retiredAt, workshopId },
    versions: all
      .filter((each) => each.cardId === id)
      .map(({ version, draft, madeAt, madeBy }) => ({ ...draft, version, madeAt, madeBy })),
  }));
}

async function requireCard(manager: EntityManager, id: string): Promise<ModeCard> {
  const [card] = await readCards(manager, { id });
  if (card === undefined) throw notFound('card', id);
  return card;
}
