import {
  evidenceBudget,
  kindsLike,
  metalsLike,
  thicknessFactor,
  type RelevantCoupons,
  type RelevantQuery,
} from '@lone-heron/contract';
import { findMetal } from '@lone-heron/core';
import type { EntityManager, SelectQueryBuilder } from 'typeorm';
import { machinesBeside } from '../machines/face/machinesBeside.js';
import { CouponEntity } from './coupon.entity.js';
import { couponsInOrder } from './wholeCoupons.js';

/** Of the budget so much is for coupons that are alike; the rest is for others, which tell of machine and shop. */
const shareOfAlike = 0.8;

/**
 * The coupons that speak to a question: those of the metal's family, the joint's family and a like thickness first, newest
 * first, then the newest of the machine and the metal otherwise. What nobody asks about never crowds out what somebody
 * does, however busy the week was; of a firm's workshops the machine's own comes first, and others are borrowed from with what
 * is left of the budget.
 */
export async function relevantCoupons(
  manager: EntityManager,
  query: RelevantQuery,
): Promise<RelevantCoupons> {
  const alike = alikeTo(manager, query);
  const workshop = await machinesBeside(manager, query.machineId);
  const [total, alikeTotal, alikeIds] = [
    await counted(manager, standing(manager, query)),
    await counted(manager, alike),
    await newestIds(alike, evidenceBudget, workshop),
  ];
  const own = new Set(alikeIds);
  const others = (await newestIds(besideAlike(manager, query), 2 * evidenceBudget, workshop)).filter(
    (id) => !own.has(id),
  );
  const taken = alikeIds.slice(0, Math.max(evidenceBudget * shareOfAlike, evidenceBudget - others.length));
  const rest = others.slice(0, evidenceBudget - taken.length);
  return {
    coupons: [...(await couponsInOrder(manager, [...taken, ...rest]))],
    alike: taken.length,
    leftOut: {
      older: alikeTotal - taken.length,
      unlike: total - alikeTotal - rest.length,
    },
  };
}

/** How many are left out is counted so far: beyond it nobody is told more by another figure, and millions take a second. */
const mostCounted = 200_000;

async function counted(manager: EntityManager, query: SelectQueryBuilder<CouponEntity>): Promise<number> {
  const some = query.clone().select('1', 'one').limit(mostCounted);
  const row = await manager
    .createQueryBuilder()
    .select('COUNT(*)', 'count')
    .from(`(${some.getQuery()})`, 'some')
    .setParameters(some.getParameters())
    .getRawOne<{ count: number | string }>();
  return Number(row?.count ?? 0);
}

/** Coupons that were not taken back, of the one machine where no other is asked for. */
function standing(
  manager: EntityManager,
  { machineId, machine }: RelevantQuery,
): SelectQueryBuilder<CouponEntity> {
  const query = manager.createQueryBuilder(CouponEntity, 'coupon').where('coupon.withdrawnAt IS NULL');
  return machine === 'only' ? query.andWhere('coupon.machineId = :machineId', { machineId }) : query;
}

function alikeTo(manager: EntityManager, query: RelevantQuery): SelectQueryBuilder<CouponEntity> {
  const { metal, kind, thicknessMm } = query;
  return standing(manager, query)
    .andWhere('coupon.metal IN (:...metals)', { metals: metalsLike(findMetal(metal).id) })
    .andWhere('coupon.kind IN (:...kinds)', { kinds: kindsLike(kind) })
    .andWhere('coupon.thicknessMm BETWEEN :thinnest AND :thickest', {
      thinnest: thicknessMm / thicknessFactor,
      thickest: thicknessMm * thicknessFactor,
    });
}

/** Of the same machine or the same metal's family, whatever the joint. */
function besideAlike(manager: EntityManager, query: RelevantQuery): SelectQueryBuilder<CouponEntity> {
  const { machineId, metal } = query;
  return standing(manager, query).andWhere('(coupon.machineId = :own OR coupon.metal IN (:...metals))', {
    own: machineId,
    metals: metalsLike(findMetal(metal).id),
  });
}

/** Ids of the newest, those of some machines before all others; of whichever where none are named. */
async function newestIds(
  query: SelectQueryBuilder<CouponEntity>,
  limit: number,
  first: readonly string[] | null,
): Promise<readonly string[]> {
  if (first === null) return newest(query.clone(), limit);
  const own = await newest(query.clone().andWhere('coupon.machineId IN (:...first)', { first }), limit);
  const rest = query.clone().andWhere('coupon.machineId NOT IN (:...first)', { first });
  return own.length === limit ? own : [...own, ...(await newest(rest, limit - own.length))];
}

async function newest(query: SelectQueryBuilder<CouponEntity>, limit: number): Promise<readonly string[]> {
  const rows = await query
    .select('coupon.id', 'id')
    .orderBy('coupon.number', 'DESC')
    .limit(limit)
    .getRawMany<{ id: string }>();
  return rows.map(({ id }) => id);
}
