import type { ExchangedVersion } from '@lone-heron/contract';
import { storedCouponIds } from '../../coupons/face/readCoupons.js';
import type { Entry } from '../../kit/Entry.js';
import { CardEntity } from '../card.entity.js';
import { CardProofEntity } from '../cardProof.entity.js';
import { CardVersionEntity } from '../cardVersion.entity.js';
import { whoseCard } from './cardVersions.js';

/** Versions to be added to a card, or a card to be made of them. */
export interface CardToStore {
  readonly id: string;
  readonly isNew: boolean;
  readonly versions: readonly ExchangedVersion[];
}

/**
 * Stores versions that came in a file: who wrote and signed them there is kept beside them, and nothing is signed here by
 * it. Coupons that prove them count where they are here.
 */
export async function storeCards(entry: Entry, cards: readonly CardToStore[]): Promise<void> {
  const { manager, by, at: now, workshopId } = entry;
  for (const { id, isNew, versions } of cards) {
    if (isNew) {
      const newest = await manager.maximum(CardEntity, 'number');
      await manager.insert(CardEntity, { id, number: (newest ?? 0) + 1, retiredAt: null, workshopId });
    }
    await entry.requireOwn(await whoseCard(manager, id));
    for (const { version, content, why, carriedFrom, coupons, ...elsewhere } of versions) {
      await manager.insert(CardVersionEntity, {
        ...{ cardId: id, version, content, why, carriedFrom, elsewhere },
        ...{ madeAt: now, madeBy: by.id, signedAt: null, signedBy: null },
      });
      for (const couponId of await storedCouponIds(manager, coupons)) {
        await manager.insert(CardProofEntity, {
          ...{ cardId: id, version, couponId },
          ...{ addedAt: now, addedBy: by.id },
        });
      }
    }
  }
}
