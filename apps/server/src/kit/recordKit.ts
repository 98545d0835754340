import type { Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import type { Observable } from 'rxjs';
import type { EntityManager } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import type { Stored } from '../storage/stored.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { Entry } from './Entry.js';

/** Where every record of the shop is written: one at a time, by somebody, at a moment, with its line of history. */
@Injectable()
export class RecordKit {
  constructor(
    private readonly writes: WriteQueue,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {}

  /** Counts writes: one on from what it was before where a write finds that none was between. @see WriteQueue.writes */
  get count(): number {
    return this.writes.writes;
  }

  /** Says what was stored, at whichever server. @see WriteQueue.stored */
  get stored(): Observable<Stored> {
    return this.writes.stored;
  }

  /** Runs a write in a transaction of its own; nothing of it stays where it throws. */
  enter<Result>(by: Person, write: (entry: Entry) => Promise<Result>): Promise<Result> {
    return this.writes.run((manager) => write(this.within(manager, by)));
  }

  /** An entry in a transaction that somebody else began. */
  within(manager: EntityManager, by: Person): Entry {
    return new Entry(manager, by, this.clock.now().toISOString(), this.changes);
  }
}
