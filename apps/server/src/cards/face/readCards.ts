import {
  cardVerdicts,
  type Card,
  type CardVersion,
  type Coupon,
  type CouponTest,
  type HouseUnits,
} from '@lone-heron/contract';
import { In, type EntityManager, type FindOptionsWhere } from 'typeorm';
import { couponsById } from '../../coupons/face/readCoupons.js';
import { unitsNow } from '../../house/face/readUnits.js';
import { testsOfCoupons } from '../../inspection/face/readTests.js';
import { CardEntity } from '../card.entity.js';
import { CardProofEntity } from '../cardProof.entity.js';
import { CardVersionEntity } from '../cardVersion.entity.js';

/**
 * Cards with their versions, newest first, and what the coupons of each version show together.
 *
 * @param saidTo the workshop in whose units it is said; null for the firm’s
 */
export async function readCards(
  manager: EntityManager,
  where: FindOptionsWhere<CardEntity> = {},
  saidTo: string | null = null,
): Promise<Card[]> {
  const cards = await manager.find(CardEntity, { where, order: { number: 'DESC' } });
  const cardId = In(cards.map(({ id }) => id));
  const versions = await manager.find(CardVersionEntity, { where: { cardId }, order: { version: 'DESC' } });
  const proofs = await manager.find(CardProofEntity, { where: { cardId }, order: { addedAt: 'ASC' } });
  const shown = await readShown(
    manager,
    proofs.map(({ couponId }) => couponId),
  );
  const saidIn = await unitsNow(manager, saidTo);
  const ofCard = grouped(versions, (version) => version.cardId);
  const ofVersion = grouped(proofs, (proof) => keyOf(proof));
  return cards.map(({ id, number, retiredAt, workshopId }) => ({
    id,
    number,
    retiredAt,
    workshopId,
    versions: (ofCard.get(id) ?? []).map((version) =>
      versionFrom(version, ofVersion.get(keyOf(version)) ?? [], shown, saidIn),
    ),
  }));
}

/** A coupon with its tests. */
interface Shown {
  readonly coupon: Coupon;
  readonly tests: readonly CouponTest[];
}

/** Coupons by their id, each with the tests that stand. */
export async function readShown(
  manager: EntityManager,
  couponIds: readonly string[],
): Promise<ReadonlyMap<string, Shown>> {
  const coupons = await couponsById(manager, couponIds);
  const tests = await testsOfCoupons(manager, couponIds);
  const ofCoupon = grouped(tests, ({ couponId }) => couponId);
  return new Map(coupons.map((coupon) => [coupon.id, { coupon, tests: ofCoupon.get(coupon.id) ?? [] }]));
}

function keyOf({ cardId, version }: { cardId: string; version: number }): string {
  return `${cardId} ${version}`;
}

function versionFrom(
  row: CardVersionEntity,
  proofs: readonly CardProofEntity[],
  shown: ReadonlyMap<string, Shown>,
  saidIn: HouseUnits,
): CardVersion {
  const { version, content, why, carriedFrom, elsewhere, madeAt, madeBy, signedAt, signedBy } = row;
  const mine = proofs.flatMap((proof) => {
    const each = shown.get(proof.couponId);
    return each === undefined ? [] : [{ ...each, proof }];
  });
  return {
    ...{ version, content, why, carriedFrom, elsewhere, madeAt, madeBy, signedAt, signedBy },
    proofs: mine.map(({ coupon, proof: { couponId, addedAt, addedBy } }) => ({
      couponId,
      couponNumber: coupon.number,
      addedAt,
      addedBy,
    })),
    // A coupon that was taken back shows nothing any more.
    verdicts: [
      ...cardVerdicts(
        content,
        mine.filter(({ coupon }) => coupon.withdrawnAt === null),
        saidIn,
      ),
    ],
  };
}

function grouped<Row>(rows: readonly Row[], keyOfRow: (row: Row) => string): ReadonlyMap<string, Row[]> {
  const groups = new Map<string, Row[]>();
  for (const row of rows) {
    const key = keyOfRow(row);
    groups.set(key, [...(groups.get(key) ?? []), row]);
  }
  return groups;
}
