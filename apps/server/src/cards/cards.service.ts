import {
  beyondMachine,
  isProven,
  newestVersion,
  proofDifferences,
  type Card,
  type CardDraft,
  type Person,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, type EntityManager } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { couponFromRow } from '../coupons/couponRow.js';
import { conflict, notFound, refused } from '../http/problem.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { CardEntity } from './card.entity.js';
import { CardProofEntity } from './cardProof.entity.js';
import { CardVersionEntity } from './cardVersion.entity.js';
import { readCards } from './readCards.js';

@Injectable()
export class CardsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly machines: MachinesService,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {}

  /** Every card with its versions, newest card first. */
  list(): Promise<Card[]> {
    return readCards(this.dataSource.manager);
  }

  /**
   * Writes a version of a card, the first of which makes the card. Repeating it is the same save; where somebody wrote that
   * version meanwhile it is a conflict, since no version is ever overwritten.
   */
  write(id: string, version: number, draft: CardDraft, by: Person): Promise<Card> {
    return this.writes.run(async (manager) => {
      const stored = await manager.findOneBy(CardVersionEntity, { cardId: id, version });
      if (stored !== null) {
        const { content, why, carriedFrom } = stored;
        if (isDeepStrictEqual({ content, why, carriedFrom }, draft)) return requireCard(manager, id);
        throw conflict(
          `Version ${version} was written meanwhile. What you typed is still here: look, then save again.`,
        );
      }
      await this.requireSense(manager, draft);
      const [card] = await readCards(manager, { id });
      if (card === undefined) await this.begin(manager, id, version);
      else requireNext(card, version, draft);
      await manager.insert(CardVersionEntity, {
        ...{ cardId: id, version, ...draft },
        ...{ madeAt: this.clock.now().toISOString(), madeBy: by.id },
        ...{ signedAt: null, signedBy: null },
      });
      await this.tell(manager, by, id, `wrote version ${version} of`);
      return requireCard(manager, id);
    });
  }

  /** Says that a coupon was welded by the newest version, or that it is not to count. Repeating it changes nothing. */
  setProof(id: string, version: number, couponId: string, isProof: boolean, by: Person): Promise<Card> {
    return this.writes.run(async (manager) => {
      const card = await requireCard(manager, id);
      const newest = newestVersion(card);
      if (newest.version !== version)
        throw conflict(`Coupons are added to the newest version, which is ${newest.version}.`);
      const has = newest.proofs.some((proof) => proof.couponId === couponId);
      if (has === isProof) return card;
      if (newest.signedAt !== null)
        throw conflict(`Version ${version} is signed: what proves it stands as it was signed.`);
      if (isProof) {
        const coupon = await requireWhole(manager, couponId);
        const differences = proofDifferences(newest.content, coupon);
        if (differences.length > 0) {
          const allowed = 'a coupon welded on the card’s machine, joint and setting';
          throw refused([
            { field: 'couponId', given: `coupon ${coupon.number} (${differences.join(', ')})`, allowed },
          ]);
        }
        const addedAt = this.clock.now().toISOString();
        await manager.insert(CardProofEntity, { cardId: id, version, couponId, addedAt, addedBy: by.id });
      } else {
        await manager.delete(CardProofEntity, { cardId: id, version, couponId });
      }
      await this.tell(manager, by, id, isProof ? 'added a coupon to' : 'took a coupon off');
      return requireCard(manager, id);
    });
  }

  /** Signs the newest version, which must be proven. Repeating it changes nothing. */
  sign(id: string, version: number, by: Person): Promise<Card> {
    return this.writes.run(async (manager) => {
      const card = await requireCard(manager, id);
      const newest = newestVersion(card);
      if (newest.version !== version)
        throw conflict(`There is a newer version, ${newest.version}. Look at it, then sign.`);
      if (newest.signedAt !== null) return card;
      if (!isProven(newest))
        throw conflict('This version is not proven yet: its coupons do not meet everything its level asks.');
      const signedAt = this.clock.now().toISOString();
      await manager.update(CardVersionEntity, { cardId: id, version }, { signedAt, signedBy: by.id });
      await this.tell(manager, by, id, `signed version ${version} of`);
      return requireCard(manager, id);
    });
  }

  /** Retires a card, or takes it out again; it is kept. Repeating it changes nothing. */
  setRetired(id: string, isRetired: boolean, by: Person): Promise<Card> {
    return this.writes.run(async (manager) => {
      const card = await requireCard(manager, id);
      if ((card.retiredAt !== null) === isRetired) return card;
      const retiredAt = isRetired ? this.clock.now().toISOString() : null;
      await manager.update(CardEntity, { id }, { retiredAt });
      await this.tell(manager, by, id, isRetired ? 'retired' : 'took out again');
      return requireCard(manager, id);
    });
  }

  private async begin(manager: EntityManager, id: string, version: number): Promise<void> {
    if (version !== 1)
      throw refused([{ field: 'version', given: String(version), allowed: '1: a card begins with it' }]);
    const newest = await manager.maximum(CardEntity, 'number');
    await manager.insert(CardEntity, { id, number: (newest ?? 0) + 1, retiredAt: null });
  }

  /** The machine is one of the shop's and can do it; where it was carried over from is a card of the shop. */
  private async requireSense(
    manager: EntityManager,
    { content: { machineId, setting }, carriedFrom }: CardDraft,
  ): Promise<void> {
    const machine = await this.machines.find(machineId, manager);
    if (machine === null) throw refused([unknownMachine(machineId)]);
    const beyond = beyondMachine(setting, machine);
    if (beyond.length > 0)
      throw refused(beyond.map((problem) => ({ ...problem, field: `content.${problem.field}` })));
    if (carriedFrom === null) return;
    const { cardId, version } = carriedFrom;
    if (!(await manager.existsBy(CardVersionEntity, { cardId, version })))
      throw refused([
        { field: 'carriedFrom', given: `${cardId} ${version}`, allowed: 'a version of a card of this shop' },
      ]);
  }

  private async tell(manager: EntityManager, by: Person, id: string, did: string): Promise<void> {
    const { number, versions } = await requireCard(manager, id);
    const what = `${did} card ${number}: ${versions[0]?.content.name ?? ''}`;
    await this.changes.record(manager, { personId: by.id, noun: 'card', subjectId: id, what });
  }
}

function requireNext(card: Card, version: number, { why }: CardDraft): void {
  const newest = newestVersion(card);
  if (version !== newest.version + 1) {
    throw conflict(
      `The newest version is ${newest.version} by now. What you typed is still here: look, then save again.`,
    );
  }
  if (newest.signedAt !== null && why === '')
    throw refused([{ field: 'why', given: 'nothing', allowed: 'what changed and why: the card is signed' }]);
}

async function requireCard(manager: EntityManager, id: string): Promise<Card> {
  const [card] = await readCards(manager, { id });
  if (card === undefined) throw notFound('card', id);
  return card;
}

async function requireWhole(manager: EntityManager, id: string) {
  const row = await manager.findOne(CouponEntity, { where: { id }, relations: { window: true } });
  if (row === null) throw notFound('coupon', id);
  return couponFromRow(row);
}
