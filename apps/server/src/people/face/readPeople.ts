import type { Person } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { PersonEntity } from '../person.entity.js';
import { personOf } from '../personOf.js';

/** Everybody who ever was of this shop. */
export async function readPeople(manager: EntityManager): Promise<readonly Person[]> {
  return (await manager.find(PersonEntity)).map(personOf);
}

/** Ids of everybody who ever was of this shop. */
export async function personIds(manager: EntityManager): Promise<ReadonlySet<string>> {
  return new Set((await readPeople(manager)).map(({ id }) => id));
}

/** @returns null where the shop has nobody of that id */
export async function findPerson(manager: EntityManager, id: string): Promise<Person | null> {
  const row = await manager.findOneBy(PersonEntity, { id });
  return row === null ? null : personOf(row);
}
