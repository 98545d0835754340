import type { CardProcedure, Person, ProcedureDraft } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, type EntityManager } from 'typeorm';
import { CardProofEntity } from '../cards/cardProof.entity.js';
import { CardVersionEntity } from '../cards/cardVersion.entity.js';
import { readShown } from '../cards/readCards.js';
import { ChangesService } from '../changes/changes.service.js';
import { conflict, notFound, refused } from '../http/problem.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { ProcedureRevisionEntity } from './procedureRevision.entity.js';

@Injectable()
export class ProceduresService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {}

  /** A card's procedure with the coupons it rests on. */
  read(cardId: string): Promise<CardProcedure> {
    return readProcedure(this.dataSource.manager, cardId);
  }

  /** Writes the next revision. Repeating it is the same save; where somebody was quicker it is a conflict. */
  write(cardId: string, revision: number, draft: ProcedureDraft, by: Person): Promise<CardProcedure> {
    return this.writes.run(async (manager) => {
      const stored = await manager.findOneBy(ProcedureRevisionEntity, { cardId, revision });
      if (stored !== null) {
        const { cardVersion, stated, why } = stored;
        if (isDeepStrictEqual({ cardVersion, stated, why }, draft)) return readProcedure(manager, cardId);
        throw conflict(
          `Revision ${revision} was written meanwhile. What you typed is still here: look, then save again.`,
        );
      }
      const newest = (await readProcedure(manager, cardId)).revisions[0]?.revision ?? 0;
      if (revision !== newest + 1)
        throw conflict(
          `The newest revision is ${newest} by now. What you typed is still here: look, then save again.`,
        );
      await requireVersion(manager, cardId, draft.cardVersion);
      if (newest > 0 && draft.why === '')
        throw refused([{ field: 'why', given: 'nothing', allowed: 'what changed since the last revision' }]);
      await manager.insert(ProcedureRevisionEntity, {
        ...{ cardId, revision, ...draft },
        ...{ preparedAt: this.clock.now().toISOString(), preparedBy: by.id },
        ...{ approvedAt: null, approvedBy: null },
      });
      await this.tell(manager, by, cardId, `wrote revision ${revision} of the procedure`);
      return readProcedure(manager, cardId);
    });
  }

  /** Approves the newest revision. Repeating it changes nothing. */
  approve(cardId: string, revision: number, by: Person): Promise<CardProcedure> {
    return this.writes.run(async (manager) => {
      const [newest] = (await readProcedure(manager, cardId)).revisions;
      if (newest?.revision !== revision)
        throw conflict(`The newest revision is ${newest?.revision ?? 0}. Look at it, then approve.`);
      if (newest.approvedAt === null) {
        const approvedAt = this.clock.now().toISOString();
        await manager.update(
          ProcedureRevisionEntity,
          { cardId, revision },
          { approvedAt, approvedBy: by.id },
        );
        await this.tell(manager, by, cardId, `approved revision ${revision} of the procedure`);
      }
      return readProcedure(manager, cardId);
    });
  }

  private tell(manager: EntityManager, by: Person, cardId: string, what: string): Promise<void> {
    return this.changes.record(manager, { personId: by.id, noun: 'card', subjectId: cardId, what });
  }
}

async function readProcedure(manager: EntityManager, cardId: string): Promise<CardProcedure> {
  const versions = await manager.find(CardVersionEntity, { where: { cardId }, order: { version: 'DESC' } });
  const [newestVersion] = versions;
  if (newestVersion === undefined) throw notFound('card', cardId);
  const rows = await manager.find(ProcedureRevisionEntity, {
    where: { cardId },
    order: { revision: 'DESC' },
  });
  const version = rows[0]?.cardVersion ?? versions.find(({ signedAt }) => signedAt !== null)?.version;
  const proofs = await manager.find(CardProofEntity, {
    where: { cardId, version: version ?? newestVersion.version },
    order: { addedAt: 'ASC' },
  });
  const shown = await readShown(
    manager,
    proofs.map(({ couponId }) => couponId),
  );
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
  if (await manager.existsBy(CardVersionEntity, { cardId, version })) return;
  throw refused([{ field: 'cardVersion', given: String(version), allowed: 'a version of this card' }]);
}
