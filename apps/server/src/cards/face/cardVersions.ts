import type { EntityManager } from 'typeorm';
import { notFound } from '../../http/problem.js';
import type { Whose } from '../../kit/Whose.js';
import { CardEntity } from '../card.entity.js';
import { CardProofEntity } from '../cardProof.entity.js';
import { CardVersionEntity } from '../cardVersion.entity.js';

/** A version by its card and number, as its content; null where there is none. */
export async function findVersion(
  manager: EntityManager,
  at: { readonly cardId: string; readonly version: number },
): Promise<CardVersionEntity['content'] | null> {
  return (await manager.findOneBy(CardVersionEntity, at))?.content ?? null;
}

/** Numbers of a card's versions, newest first, with whether each is signed; none where there is no such card. */
export async function versionsOf(
  manager: EntityManager,
  cardId: string,
): Promise<readonly { readonly version: number; readonly isSigned: boolean }[]> {
  const rows = await manager.find(CardVersionEntity, { where: { cardId }, order: { version: 'DESC' } });
  return rows.map(({ version, signedAt }) => ({ version, isSigned: signedAt !== null }));
}

/** Whose a card is. @throws ProblemException 404 where there is none of that id */
export async function whoseCard(manager: EntityManager, cardId: string): Promise<Whose> {
  const card = await manager.findOneBy(CardEntity, { id: cardId });
  if (card === null) throw notFound('card', cardId);
  return { workshopId: card.workshopId };
}

/** Ids of the coupons that prove a version, in the order they were added. */
export async function couponsProving(
  manager: EntityManager,
  at: { readonly cardId: string; readonly version: number },
): Promise<readonly string[]> {
  const proofs = await manager.find(CardProofEntity, { where: at, order: { addedAt: 'ASC' } });
  return proofs.map(({ couponId }) => couponId);
}
