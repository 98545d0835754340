import type { CardProcedure, Person, ProcedureDraft } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { couponsProving, findVersion, versionsOf, whoseCard } from '../cards/face/cardVersions.js';
import { readShown } from '../cards/face/readCards.js';
import { conflict, notFound, refused } from '../http/problem.js';
import { RecordKit } from '../kit/recordKit.js';
import { RevisionLog } from '../kit/RevisionLog.js';
import { ProcedureRevisionEntity } from './procedureRevision.entity.js';

@Injectable()
export class ProceduresService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
  ) {}

  /** A card's procedure with the coupons it rests on. */
  read(cardId: string): Promise<CardProcedure> {
    return readProcedure(this.dataSource.manager, cardId);
  }

  /** Writes the next revision. Repeating it is the same save; where somebody was quicker it is a conflict. */
  write(cardId: string, revision: number, draft: ProcedureDraft, by: Person): Promise<CardProcedure> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      await requireCard(manager, cardId);
      await papers.write(entry, { subject: cardId, revision, draft }, async (before) => {
        await requireVersion(manager, cardId, draft.cardVersion);
        if (before !== null && draft.why === '')
          throw refused([
            { field: 'why', given: 'nothing', allowed: 'what changed since the last revision' },
          ]);
        await manager.insert(ProcedureRevisionEntity, {
          ...{ cardId, revision, ...draft },
          ...{ preparedAt: at, preparedBy: by.id, approvedAt: null, approvedBy: null },
        });
        await entry.tell('card', cardId, `wrote revision ${revision} of the procedure`);
      });
      return readProcedure(manager, cardId);
    });
  }

  /** Approves the newest revision. Repeating it changes nothing. */
  approve(cardId: string, revision: number, by: Person): Promise<CardProcedure> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      await requireCard(manager, cardId);
      await entry.requireOwn(await whoseCard(manager, cardId));
      const newest = await papers.newest(manager, cardId);
      if (newest?.revision !== revision)
        throw conflict(`The newest revision is ${newest?.revision ?? 0}. Look at it, then approve.`);
      if (newest.approvedAt === null) {
        const approved = { approvedAt: at, approvedBy: by.id };
        await manager.update(ProcedureRevisionEntity, { cardId, revision }, approved);
        await entry.tell('card', cardId, `approved revision ${revision} of the procedure`);
      }
      return readProcedure(manager, cardId);
    });
  }
}

const papers = new RevisionLog<ProcedureRevisionEntity, ProcedureDraft>({
  entity: ProcedureRevisionEntity,
  ...{ subject: 'cardId', counter: 'revision', author: 'preparedBy' },
  whose: ({ cardId }, manager) => whoseCard(manager, cardId),
  draftOf: ({ cardVersion, stated, why }) => ({ cardVersion, stated, why }),
  meanwhile: (asked) =>
    `Revision ${asked} was written meanwhile. What you typed is still here: look, then save again.`,
});

async function requireCard(manager: EntityManager, cardId: string): Promise<void> {
  if ((await versionsOf(manager, cardId)).length === 0) throw notFound('card', cardId);
}

async function readProcedure(manager: EntityManager, cardId: string): Promise<CardProcedure> {
  const versions = await versionsOf(manager, cardId);
  const [newestVersion] = versions;
  if (newestVersion === undefined) throw notFound('card', cardId);
  const rows = await papers.all(manager, cardId);
  const version = rows[0]?.cardVersion ?? versions.find(({ isSigned }) => isSigned)?.version;
  const proving = await couponsProving(manager, { cardId, version: version ?? newestVersion.version });
  const shown = await readShown(manager, proving);
  return {
    revisions: rows.map(
      ({ revision, cardVersion, stated, why, preparedAt, preparedBy, approvedAt, approvedBy }) => ({
        ...{ revision, cardVersion, stated, why, preparedAt, preparedBy, approvedAt, approvedBy },
      }),
    ),
    welded: [...shown.values()]
      .filter(({ coupon }) => coupon.withdrawnAt === null)
      .map(({ coupon, tests }) => ({ coupon, tests: [...tests] })),
  };
}

async function requireVersion(manager: EntityManager, cardId: string, version: number): Promise<void> {
  if ((await findVersion(manager, { cardId, version })) !== null) return;
  throw refused([{ field: 'cardVersion', given: String(version), allowed: 'a version of this card' }]);
}
