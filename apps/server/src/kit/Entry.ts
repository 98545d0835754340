import type { Change, Person } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import type { ChangesService } from '../changes/changes.service.js';

/**
 * One write in somebody's name. Everything it stores bears the same author and the same moment, stands in one
 * transaction, and what the shop should know of it goes into the history beside it.
 */
export class Entry {
  constructor(
    readonly manager: EntityManager,
    readonly by: Person,
    /** ISO 8601, by the server's clock. */
    readonly at: string,
    private readonly changes: ChangesService,
  ) {}

  /** Adds a line to the shop's history: "took back coupon 12". */
  tell(noun: Change['noun'], subjectId: string, what: string): Promise<void> {
    return this.changes.record(this.manager, { personId: this.by.id, noun, subjectId, what });
  }
}
