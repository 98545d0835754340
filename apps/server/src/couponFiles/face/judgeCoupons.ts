import {
  beyondMachine,
  type CouponDraft,
  type FiledCoupon,
  type Machine,
  type Person,
} from '@lone-heron/contract';
import { isDeepStrictEqual } from 'node:util';
import type { EntityManager } from 'typeorm';
import { storedDrafts, type StoredDraft } from '../../coupons/face/readCoupons.js';
import { personIds } from '../../people/face/readPeople.js';
import { standingsOf, type JudgedRow } from './JudgedRow.js';
import type { ReadRow } from '../readCouponFile.js';

/** Rows that are asked of the database at once. */
const batch = 500;

/**
 * Holds rows against what is stored and against each other.
 *
 * @param machineOf finds a machine of this shop
 * @param by who reads the file in
 */
export async function judgeCoupons(
  manager: EntityManager,
  rows: readonly ReadRow[],
  machineOf: (id: string) => Promise<Machine | null>,
  by: Person,
): Promise<readonly JudgedRow<FiledCoupon>[]> {
  const machines = new Map<string, Machine | null>();
  for (const machineId of new Set(
    rows.flatMap(({ coupon }) => (coupon === null ? [] : [coupon.machineId])),
  )) {
    machines.set(machineId, await machineOf(machineId));
  }
  const people = await personIds(manager);
  const stored = await storedAlike(manager, rows);
  const seen = new Set<string>();
  return rows.map((row) => {
    const judged = judgeRow(row, { machines, people, stored, by });
    if (judged.record === null || judged.standing !== 'new') return judged;
    const key = judged.record.id ?? contentKey(judged.record);
    if (seen.has(key)) return { ...judged, standing: 'duplicate', reasons: ['stands twice in this file'] };
    seen.add(key);
    return judged;
  });
}

/** What the rows of a file are held against. */
interface Known {
  readonly machines: ReadonlyMap<string, Machine | null>;
  readonly people: ReadonlySet<string>;
  readonly stored: {
    readonly byId: ReadonlyMap<string, StoredDraft>;
    readonly byContent: ReadonlyMap<string, StoredDraft>;
  };
  readonly by: Person;
}

function judgeRow(
  { row, coupon, reasons }: ReadRow,
  { machines, people, stored, by }: Known,
): JudgedRow<FiledCoupon> {
  const words = coupon === null ? '' : wordsOf(coupon);
  const { wrong, duplicate, fresh } = standingsOf<FiledCoupon>('coupon', row, words);
  if (coupon === null) return wrong(...reasons);
  const machine = machines.get(coupon.machineId) ?? null;
  if (machine === null) return wrong(`machine is “${coupon.machineId}”; allowed is a machine of this shop`);
  const beyond = beyondMachine(coupon.setting, machine);
  if (beyond.length > 0) {
    return wrong(...beyond.map(({ field, given, allowed }) => `${field} is ${given}; allowed is ${allowed}`));
  }
  const { id, personId = by.id, ...draft } = coupon;
  if (!people.has(personId)) return wrong(`person is “${personId}”; allowed is a person of this shop`);
  const same = id === undefined ? stored.byContent.get(contentKey(coupon)) : stored.byId.get(id);
  if (same === undefined) return fresh(coupon);
  if (id !== undefined && !isDeepStrictEqual(withoutRung(same.draft), draft))
    return wrong(
      `id is that of coupon ${same.number}, which says something else; a coupon is never overwritten`,
    );
  return duplicate(`is coupon ${same.number} already`);
}

/** A file does not carry the rung. */
function withoutRung({ rung: _rung, ...draft }: CouponDraft) {
  return draft;
}

function wordsOf({ joint, setting, back }: FiledCoupon): string {
  return `${joint.metal} ${joint.firstThicknessMm} mm ${joint.kind}, ${setting.powerW} W, ${back}`;
}

/** Coupons without an id are the same where machine, moment, joint and setting are. */
function contentKey({
  machineId,
  weldedAt,
  joint,
  setting,
}: Pick<FiledCoupon, 'machineId' | 'weldedAt' | 'joint' | 'setting'>): string {
  return JSON.stringify([machineId, Date.parse(weldedAt), sortedKeys(joint), sortedKeys(setting)]);
}

function sortedKeys(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  return Object.entries(value)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([key, each]) => [key, sortedKeys(each)]);
}

/** What is stored under the ids of a file, or welded at the moments of its rows. */
async function storedAlike(manager: EntityManager, rows: readonly ReadRow[]): Promise<Known['stored']> {
  const coupons = rows.flatMap(({ coupon }) => (coupon === null ? [] : [coupon]));
  const byId = new Map<string, StoredDraft>();
  const byContent = new Map<string, StoredDraft>();
  for (let from = 0; from < coupons.length; from += batch) {
    const some = coupons.slice(from, from + batch);
    const ids = some.flatMap(({ id }) => (id === undefined ? [] : [id]));
    const moments = some.map(({ weldedAt }) => new Date(weldedAt).toISOString());
    for (const each of await storedDrafts(manager, { ids, moments })) {
      byId.set(each.id, each);
      byContent.set(contentKey(each.draft), each);
    }
  }
  return { byId, byContent };
}
