import type { Person } from '@lone-heron/contract';
import { In, type EntityManager } from 'typeorm';
import { CardEntity } from '../cards/card.entity.js';
import { CardProofEntity } from '../cards/cardProof.entity.js';
import { CardVersionEntity } from '../cards/cardVersion.entity.js';
import { CouponEntity } from '../coupons/coupon.entity.js';
import type { CardToStore } from './judgeCards.js';

/**
 * Stores versions that came in a file: who wrote and signed them there is kept beside them, and nothing is signed here by
 * it. Coupons that prove them count where they are here.
 */
export async function storeCards(
  manager: EntityManager,
  cards: readonly CardToStore[],
  by: Person,
  now: string,
): Promise<void> {
  for (const { id, isNew, versions } of cards) {
    if (isNew) {
      const newest = await manager.maximum(CardEntity, 'number');
      await manager.insert(CardEntity, { id, number: (newest ?? 0) + 1, retiredAt: null });
    }
    for (const { version, content, why, carriedFrom, coupons, ...elsewhere } of versions) {
      await manager.insert(CardVersionEntity, {
        ...{ cardId: id, version, content, why, carriedFrom, elsewhere },
        ...{ madeAt: now, madeBy: by.id, signedAt: null, signedBy: null },
      });
      for (const { id: couponId } of await manager.findBy(CouponEntity, { id: In(coupons) })) {
        await manager.insert(CardProofEntity, {
          ...{ cardId: id, version, couponId },
          ...{ addedAt: now, addedBy: by.id },
        });
      }
    }
  }
}
