import type { Change, Person } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import type { ChangesService } from '../changes/changes.service.js';
import { requireOwn } from './requireOwn.js';
import type { Whose } from './Whose.js';

/**
 * One write in somebody's name. Everything it stores bears the same author and the same moment, stands in one
 * transaction, and what the shop should know of it goes into the history beside it.
 */
export class Entry {
  private readonly ownMachines = new Set<string>();

  constructor(
    readonly manager: EntityManager,
    readonly by: Person,
    /** ISO 8601, by the server's clock. */
    readonly at: string,
    private readonly changes: ChangesService,
  ) {}

  /** The workshop that whoever writes is of: what they add is its; null for the whole firm's. */
  get workshopId(): string | null {
    return this.by.workshopId ?? null;
  }

  /** Refuses to change what is another workshop's. @throws ProblemException 403 @see requireOwn */
  async requireOwn(whose: Whose): Promise<void> {
    // A file of a year's coupons asks for the same few machines.
    if ('machineId' in whose && this.ownMachines.has(whose.machineId)) return;
    await requireOwn(this.manager, this.by, whose);
    if ('machineId' in whose) this.ownMachines.add(whose.machineId);
  }

  /** Adds a line to the shop's history: "took back coupon 12". */
  tell(noun: Change['noun'], subjectId: string, what: string): Promise<void> {
    return this.changes.record(this.manager, { personId: this.by.id, noun, subjectId, what });
  }
}
