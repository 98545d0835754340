import { Injectable } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { Subject, type Observable } from 'rxjs';
import { DataSource, type EntityManager } from 'typeorm';
import { inTransaction } from './inTransaction.js';

/**
 * One write at a time. The file has one connection, so two transactions that overlap would end up inside each other.
 */
@Injectable()
export class WriteQueue {
  private readonly mutex = new Mutex();
  private begun = 0;
  private queued = 0;
  private saved = 0;
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

  /**
   * Writes that were begun and that ended since the start: as long as it stays, so does what was read. A write that finds
   * it one on from what it was before has had none between.
   */
  get writes(): number {
    return this.begun;
  }

  /** Saves that are in the file for good, since the shop began. */
  get saves(): number {
    return this.saved;
  }

  /** Runs a write in a transaction of its own; nothing of it stays where it throws. */
  run<Result>(write: (manager: EntityManager) => Promise<Result>): Promise<Result> {
    return this.elsewhere(() =>
      inTransaction(this.dataSource, async (manager) => {
        const result = await write(manager);
        await manager.query('UPDATE saves SET count = count + 1');
        return result;
      }),
    );
  }

  /**
   * Keeps everybody else from writing while something is written by another connection.
   *
   * @param write is given how many writes were begun, its own among them
   */
  elsewhere<Result>(write: (writes: number) => Promise<Result>): Promise<Result> {
    this.queued += 1;
    return this.mutex.runExclusive(async () => {
      this.queued -= 1;
      this.begun += 1;
      try {
        return await write(this.begun);
      } finally {
        this.begun += 1;
        // Where it cannot be counted the note says less than there is; what was stored stays so.
        this.saved = await countSaves(this.dataSource).catch(() => this.saved);
        this.ended.next();
      }
    });
  }
}

/** Asked while nobody writes, so that it counts nothing that may still be undone. */
async function countSaves(dataSource: DataSource): Promise<number> {
  const [row] = await dataSource.query<{ count: number }[]>('SELECT count FROM saves');
  return row?.count ?? 0;
}
