import type { FieldProblem, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { PersonEntity } from './person.entity.js';

@Injectable()
export class PeopleService {
  constructor(private readonly dataSource: DataSource) {}

  /** Everybody who welds here, by name. */
  async list(): Promise<Person[]> {
    const people = await this.dataSource.manager.find(PersonEntity, { order: { name: 'ASC' } });
    return people.map(({ id, name, role }) => ({ id, name, role }));
  }

  async exists(id: string, manager: EntityManager): Promise<boolean> {
    return manager.existsBy(PersonEntity, { id });
  }
}

/** What to tell of a person id that this shop does not have. */
export function unknownPerson(id: string): FieldProblem {
  return { field: 'personId', given: `"${id}"`, allowed: 'a person of this shop' };
}
