import { Injectable } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { Subject, type Observable } from 'rxjs';
import { DataSource, type EntityManager } from 'typeorm';

/**
 * One write at a time. The file has one connection, so two transactions that overlap would end up inside each other.
 */
@Injectable()
export class WriteQueue {
  private readonly mutex = new Mutex();
  private begun = 0;
  private queued = 0;
  private readonly ended = new Subject<void>();

  constructor(private readonly dataSource: DataSource) {}

  /** Says when a write ended, whether it was kept or not. */
  get finished(): Observable<void> {
    return this.ended;
  }

  /** Writes that wait for their turn. */
  get waiting(): number {
    return this.queued;
  }

  /** Writes that were begun since the start: as long as it stays, so does what was read. */
  get writes(): number {
    return this.begun;
  }

  /** Runs a write in a transaction of its own; nothing of it stays where it throws. */
  run<Result>(write: (manager: EntityManager) => Promise<Result>): Promise<Result> {
    this.queued += 1;
    return this.mutex.runExclusive(async () => {
      this.queued -= 1;
      this.begun += 1;
      try {
        return await this.dataSource.transaction(write);
      } finally {
        this.begun += 1;
        this.ended.next();
      }
    });
  }
}
