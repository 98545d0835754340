import {
  couponFilterSchema,
  type CouponFilter,
  type CouponGrouping,
  type CouponGroups,
  type CouponPage,
  type CouponQuery,
} from '@lone-heron/contract';
import { Brackets, type EntityManager, type SelectQueryBuilder } from 'typeorm';
import { machinesOf } from '../machines/face/machinesOf.js';
import { isInServer } from '../storage/postgres.js';
import { CouponEntity } from './coupon.entity.js';
import { wholeCoupons } from './wholeCoupons.js';

/** Columns that a list can be asked for by equality. */
const equalities = ['machineId', 'metal', 'kind', 'personId', 'back', 'ladderId'] as const;

/** A stretch of the coupons that match, in the order asked for; taken-back ones left out. */
export async function listCoupons(manager: EntityManager, query: CouponQuery): Promise<CouponPage> {
  const { sort, order, offset, limit } = query;
  const direction = order === 'up' ? 'ASC' : 'DESC';
  const matching = matchingCoupons(manager, query);
  const total = await countMatching(manager, query, matching);
  const inOrder = (coupons: SelectQueryBuilder<CouponEntity>): SelectQueryBuilder<CouponEntity> =>
    coupons.orderBy(`coupon.${sort}`, direction).addOrderBy('coupon.number', direction);
  // The page's rows alone are read whole, however far down it lies.
  const ids = inOrder(matching.clone().select('coupon.id')).offset(offset).limit(limit);
  const page = manager
    .createQueryBuilder(CouponEntity, 'coupon')
    .where(`coupon.id IN (${ids.getQuery()})`, ids.getParameters());
  return { coupons: [...(await wholeCoupons(inOrder(page)))], total, offset };
}

/**
 * How many match. Of everything, as every list begins, those that were taken back are counted off in a file: how many rows there are at
 * all SQLite knows without looking at each. A server looks at each either way, and does so once.
 */
async function countMatching(
  manager: EntityManager,
  filter: CouponFilter,
  matching: SelectQueryBuilder<CouponEntity>,
): Promise<number> {
  if (isNarrowed(filter) || isInServer(manager.dataSource)) return matching.getCount();
  const all = manager.createQueryBuilder(CouponEntity, 'coupon');
  // Said so, it is found in an index; said as "not null is" every row was looked at.
  const takenBack = all.clone().where('coupon.withdrawnAt IS NOT NULL');
  return (await countOf(all)) - (await countOf(takenBack));
}

async function countOf(query: SelectQueryBuilder<CouponEntity>): Promise<number> {
  const { count } = (await query.select('COUNT(*)', 'count').getRawOne<{ count: number }>()) ?? { count: 0 };
  return count;
}

const narrowing = Object.keys(couponFilterSchema.shape) as (keyof CouponFilter)[];

function isNarrowed(filter: CouponFilter): boolean {
  return narrowing.some((key) => filter[key] !== undefined && filter[key] !== '');
}

/** How many coupons match under each heading, the most first. */
export async function groupCoupons(
  manager: EntityManager,
  filter: CouponFilter,
  by: CouponGrouping,
): Promise<CouponGroups> {
  const rows = await matchingCoupons(manager, filter)
    .select(`coupon.${by}`, 'value')
    .addSelect('COUNT(*)', 'count')
    .addSelect("SUM(CASE WHEN coupon.back = 'even' THEN 1 ELSE 0 END)", 'even')
    .groupBy(`coupon.${by}`)
    .getRawMany<{ value: string; count: number | string; even: number | string }>();
  return rows
    .map(({ value, count, even }) => ({ value, count: Number(count), even: Number(even) }))
    .toSorted((a, b) => b.count - a.count || a.value.localeCompare(b.value));
}

/** Coupons that a filter lets through, taken-back ones left out. */
export function matchingCoupons(
  manager: EntityManager,
  filter: CouponFilter,
): SelectQueryBuilder<CouponEntity> {
  const { workshopId, slips, thinnestMm, thickestMm, from, to, words } = filter;
  const query = manager.createQueryBuilder(CouponEntity, 'coupon').where('coupon.withdrawnAt IS NULL');
  for (const key of equalities) {
    if (filter[key] !== undefined) query.andWhere(`coupon.${key} = :${key}`, { [key]: filter[key] });
  }
  if (workshopId !== undefined)
    query.andWhere(`coupon.machineId IN (${machinesOf(manager)})`, { workshopId });
  if (slips !== undefined) query.andWhere('coupon.hasSlip = :hasSlip', { hasSlip: slips === 'only' });
  if (thinnestMm !== undefined) query.andWhere('coupon.thicknessMm >= :thinnestMm', { thinnestMm });
  if (thickestMm !== undefined) query.andWhere('coupon.thicknessMm <= :thickestMm', { thickestMm });
  if (from !== undefined) query.andWhere('coupon.weldedAt >= :from', { from });
  // Moments start with their day: anything on the day sorts before the day with a later sign behind it.
  if (to !== undefined) query.andWhere('coupon.weldedAt < :to', { to: `${to}U` });
  if (words !== undefined && words !== '') query.andWhere(sayingWords(words));
  return query;
}

/** Remarks that hold the words, in any case; or the coupon of that number. */
function sayingWords(words: string): Brackets {
  const number = /^(?:no\.?\s*)?(\d{1,9})$/i.exec(words)?.[1];
  return new Brackets((either) => {
    const held = `%${words.toLowerCase().replace(/[\\%_]/g, '\\$&')}%`;
    either.where("LOWER(coupon.remark) LIKE :held ESCAPE '\\'", { held });
    if (number !== undefined) either.orWhere('coupon.number = :number', { number: Number(number) });
  });
}
