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
import { readPeople } from '../../people/face/readPeople.js';
import type { TellProgress } from '../../fileWork/FileWork.js';
import { sameInDigits } from '../../csv/csvSheet.js';
import { standingsOf, type JudgedRow } from './JudgedRow.js';
import type { ReadRow } from '../readCouponFile.js';

/** Rows that are asked of the database at once. */
const batch = 500;

/**
 * Holds rows against what is stored and against each other.
 *
 * @param machineOf finds a machine of this shop by its id, or by its name
 * @param by who reads the file in
 */
export async function judgeCoupons(
  manager: EntityManager,
  rows: readonly ReadRow[],
  machineOf: (id: string) => Promise<Machine | null>,
  by: Person,
  tell: TellProgress,
): Promise<readonly JudgedRow<FiledCoupon>[]> {
  const known = { machines: await machinesOf(rows, machineOf), people: await readPeople(manager) };
  const named = rows.map((row) => withIds(row, known));
  const stored = await storedAlike(manager, named, tell);
  const seen = new Set<string>();
  return named.map((row) => {
    const judged = judgeRow(row, { ...known, stored, by });
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
  readonly people: readonly Person[];
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
  const { id, number: _theirs, personId = by.id, ...draft } = coupon;
  if (!people.some((person) => person.id === personId))
    return wrong(`person is “${personId}”; allowed is ${allowedPerson(personId, people)}`);
  const same = id === undefined ? stored.byContent.get(contentKey(coupon)) : stored.byId.get(id);
  if (same === undefined) return fresh(coupon);
  if (id !== undefined && !isDeepStrictEqual(inDigits(withoutRung(same.draft)), inDigits(draft)))
    return wrong(
      `id is that of coupon ${same.number}, which says something else; a coupon is never overwritten`,
    );
  return duplicate(`is coupon ${same.number} already`);
}

/** The machines that the rows speak of, by what they call them. */
async function machinesOf(
  rows: readonly ReadRow[],
  machineOf: (name: string) => Promise<Machine | null>,
): Promise<ReadonlyMap<string, Machine | null>> {
  const machines = new Map<string, Machine | null>();
  for (const { coupon } of rows) {
    if (coupon !== null && !machines.has(coupon.machineId))
      machines.set(coupon.machineId, await machineOf(coupon.machineId));
  }
  return machines;
}

/** A row with the ids of what it names; what it names and nobody has stays as it is, to be told. */
function withIds(row: ReadRow, { machines, people }: Pick<Known, 'machines' | 'people'>): ReadRow {
  const { coupon } = row;
  if (coupon === null) return row;
  const machineId = machines.get(coupon.machineId)?.id ?? coupon.machineId;
  const personId = coupon.personId === undefined ? undefined : personIdOf(coupon.personId, people);
  return { ...row, coupon: { ...coupon, machineId, ...(personId === undefined ? {} : { personId }) } };
}

function personIdOf(said: string, people: readonly Person[]): string {
  const called = calledSo(said, people);
  return people.some(({ id }) => id === said) || called.length !== 1 ? said : (called[0]?.id ?? said);
}

function calledSo(said: string, people: readonly Person[]): readonly Person[] {
  return people.filter(({ name }) => name.toLowerCase() === said.toLowerCase());
}

function allowedPerson(said: string, people: readonly Person[]): string {
  return calledSo(said, people).length > 1
    ? 'the id of one of them, for several are called so (person_id)'
    : 'a person of this shop';
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

/** Figures in the digits that go through a file in other units. */
function inDigits(value: unknown): unknown {
  if (typeof value === 'number') return sameInDigits(value);
  if (Array.isArray(value)) return value.map(inDigits);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, inDigits(each)]));
}

function sortedKeys(value: unknown): unknown {
  if (typeof value === 'number') return sameInDigits(value);
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  return Object.entries(value)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([key, each]) => [key, sortedKeys(each)]);
}

/** What is stored under the ids of a file, or welded at the moments of its rows. */
async function storedAlike(
  manager: EntityManager,
  rows: readonly ReadRow[],
  tell: TellProgress,
): Promise<Known['stored']> {
  const coupons = rows.flatMap(({ coupon }) => (coupon === null ? [] : [coupon]));
  const byId = new Map<string, StoredDraft>();
  const byContent = new Map<string, StoredDraft>();
  for (let from = 0; from < coupons.length; from += batch) {
    tell({ phase: 'comparing', done: from, of: coupons.length });
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
