import {
  beyondMachine,
  isProven,
  newestVersion,
  proofDifferences,
  type Card,
  type CardDraft,
  type Coupon,
  type Person,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { couponsById } from '../coupons/face/readCoupons.js';
import { conflict, notFound, refused } from '../http/problem.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import type { Entry } from '../kit/Entry.js';
import { RecordKit } from '../kit/recordKit.js';
import { RevisionLog } from '../kit/RevisionLog.js';
import { CardEntity } from './card.entity.js';
import { CardProofEntity } from './cardProof.entity.js';
import { CardVersionEntity } from './cardVersion.entity.js';
import { readCards } from './face/readCards.js';

@Injectable()
export class CardsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
  ) {}

  /** Every card with its versions, newest card first. */
  list(asker: Person | null): Promise<Card[]> {
    return readCards(this.dataSource.manager, {}, asker?.workshopId ?? null);
  }

  /**
   * Writes a version of a card, the first of which makes the card. Repeating it is the same save; where somebody wrote that
   * version meanwhile it is a conflict, since no version is ever overwritten.
   */
  write(id: string, version: number, draft: CardDraft, by: Person): Promise<Card> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      await versions.write(entry, { subject: id, revision: version, draft }, async (before) => {
        await this.requireSense(manager, draft);
        if (before === null) await begin(entry, id);
        else if (before.signedAt !== null && draft.why === '') {
          const allowed = 'what changed and why: the card is signed';
          throw refused([{ field: 'why', given: 'nothing', allowed }]);
        }
        await manager.insert(CardVersionEntity, {
          ...{ cardId: id, version, ...draft },
          ...{ madeAt: at, madeBy: by.id, signedAt: null, signedBy: null },
        });
        await tell(entry, id, `wrote version ${version} of`);
      });
      return requireCard(manager, id);
    });
  }

  /** Says that a coupon was welded by the newest version, or that it is not to count. Repeating it changes nothing. */
  setProof(id: string, version: number, couponId: string, isProof: boolean, by: Person): Promise<Card> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const card = await requireCard(manager, id);
      await requireOwnCard(entry, id);
      const newest = newestVersion(card);
      if (newest.version !== version)
        throw conflict(`Coupons are added to the newest version, which is ${newest.version}.`);
      const has = newest.proofs.some((proof) => proof.couponId === couponId);
      if (has === isProof) return card;
      if (newest.signedAt !== null)
        throw conflict(`Version ${version} is signed: what proves it stands as it was signed.`);
      if (isProof) {
        requireProof(newest.content, await requireWhole(manager, couponId));
        await manager.insert(CardProofEntity, { cardId: id, version, couponId, addedAt: at, addedBy: by.id });
      } else {
        await manager.delete(CardProofEntity, { cardId: id, version, couponId });
      }
      await tell(entry, id, isProof ? 'added a coupon to' : 'took a coupon off');
      return requireCard(manager, id);
    });
  }

  /** Signs the newest version, which must be proven. Repeating it changes nothing. */
  sign(id: string, version: number, by: Person): Promise<Card> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const card = await requireCard(manager, id);
      await requireOwnCard(entry, id);
      const newest = newestVersion(card);
      if (newest.version !== version)
        throw conflict(`There is a newer version, ${newest.version}. Look at it, then sign.`);
      if (newest.signedAt !== null) return card;
      if (!isProven(newest))
        throw conflict('This version is not proven yet: its coupons do not meet everything its level asks.');
      await manager.update(CardVersionEntity, { cardId: id, version }, { signedAt: at, signedBy: by.id });
      await tell(entry, id, `signed version ${version} of`);
      return requireCard(manager, id);
    });
  }

  /** Retires a card, or takes it out again; it is kept. Repeating it changes nothing. */
  setRetired(id: string, isRetired: boolean, by: Person): Promise<Card> {
    return this.kit.enter(by, async (entry) => {
      await cards.setTakenBack(entry, id, isRetired, () =>
        tell(entry, id, isRetired ? 'retired' : 'took out again'),
      );
      return requireCard(entry.manager, id);
    });
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
}

const versions = new RevisionLog<CardVersionEntity, CardDraft>({
  entity: CardVersionEntity,
  ...{ subject: 'cardId', counter: 'version', author: 'madeBy' },
  whose: ({ cardId }, manager) => cards.require(manager, cardId),
  draftOf: ({ content, why, carriedFrom }) => ({ content, why, carriedFrom }),
  meanwhile: (asked) =>
    `Version ${asked} was written meanwhile. What you typed is still here: look, then save again.`,
});

/** Cards themselves are made with their first version. */
const cards = new ClientRecords<CardEntity, null>({
  entity: CardEntity,
  called: 'card',
  author: null,
  draftOf: () => null,
  whose: ({ workshopId }) => ({ workshopId }),
  takenBack: 'retiredAt',
});

async function begin({ manager, workshopId }: Entry, id: string): Promise<void> {
  const newest = await manager.maximum(CardEntity, 'number');
  await manager.insert(CardEntity, { id, number: (newest ?? 0) + 1, retiredAt: null, workshopId });
}

async function requireOwnCard(entry: Entry, id: string): Promise<void> {
  await cards.requireOwn(entry, await cards.require(entry.manager, id));
}

async function tell(entry: Entry, id: string, did: string): Promise<void> {
  const { number, versions: written } = await requireCard(entry.manager, id);
  await entry.tell('card', id, `${did} card ${number}: ${written[0]?.content.name ?? ''}`);
}

/** A coupon proves a card that it was welded by. */
function requireProof(content: CardDraft['content'], coupon: Coupon): void {
  const differences = proofDifferences(content, coupon);
  if (differences.length === 0) return;
  const given = `coupon ${coupon.number} (${differences.join(', ')})`;
  const allowed = 'a coupon welded on the card’s machine, joint and setting';
  throw refused([{ field: 'couponId', given, allowed }]);
}

async function requireCard(manager: EntityManager, id: string): Promise<Card> {
  const [card] = await readCards(manager, { id });
  if (card === undefined) throw notFound('card', id);
  return card;
}

async function requireWhole(manager: EntityManager, id: string): Promise<Coupon> {
  const [coupon] = await couponsById(manager, [id]);
  if (coupon === undefined) throw notFound('coupon', id);
  return coupon;
}
