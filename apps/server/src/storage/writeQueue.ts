import { Injectable, type OnModuleInit } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { Subject, type Observable } from 'rxjs';
import { DataSource, type EntityManager, type QueryRunner } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { askingPage } from './askingPage.js';
import { inTransaction } from './inTransaction.js';
import { isInServer } from './postgres.js';
import { tellOthers, type Stored } from './stored.js';
import { TablesTouched } from './TablesTouched.js';

/**
 * One write at a time. The file has one connection, so two transactions that overlap would end up inside each other. In a
 * database that several processes write to, each has its queue, and the transaction itself waits for the others. @see inTransaction
 */
@Injectable()
export class WriteQueue implements OnModuleInit {
  /** What this process calls itself among those that share a database. */
  readonly name = uuid();
  private readonly mutex = new Mutex();
  private readonly touched = new TablesTouched();
  private begun = 0;
  private queued = 0;
  private saved = 0;
  private readonly ended = new Subject<void>();
  private readonly told = new Subject<Stored>();

  constructor(private readonly dataSource: DataSource) {
    dataSource.subscribers.push(this.touched);
  }

  /** Saves go on from those of before. */
  async onModuleInit(): Promise<void> {
    await this.countAgain();
  }

  /** Says when a write ended, whether it was kept or not. */
  get finished(): Observable<void> {
    return this.ended;
  }

  /** Says what was stored, once it is, whichever process stored it. */
  get stored(): Observable<Stored> {
    return this.told;
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

  /** Saves that are in the database for good, since the shop began. */
  get saves(): number {
    return this.saved;
  }

  /** Runs a write in a transaction of its own; nothing of it stays where it throws. */
  async run<Result>(write: (manager: EntityManager) => Promise<Result>): Promise<Result> {
    const page = askingPage();
    const { result, tables } = await this.next(() => this.counted(page, write));
    this.told.next({ tables, page });
    return result;
  }

  private async counted<Result>(
    page: string,
    write: (manager: EntityManager) => Promise<Result>,
  ): Promise<{ result: Result; tables: readonly string[] }> {
    try {
      const { saves, ...written } = await inTransaction(this.dataSource, (manager, runner) =>
        this.within(manager, runner, page, write),
      );
      this.saved = saves;
      return written;
    } catch (fault) {
      // A commit whose answer was lost may have been kept all the same.
      await this.countAgain();
      throw fault;
    }
  }

  private async within<Result>(
    manager: EntityManager,
    runner: QueryRunner,
    page: string,
    write: (manager: EntityManager) => Promise<Result>,
  ): Promise<{ result: Result; tables: readonly string[]; saves: number }> {
    const isShared = isInServer(this.dataSource);
    const saves = await countOneMore(runner);
    if (isShared) this.hearCount(saves - 1);
    this.touched.begin(runner);
    const result = await write(manager);
    const tables = this.touched.of(runner);
    // The last statement: where one before it failed and nobody minded, the transaction takes no more, and this tells.
    if (isShared) await tellOthers(manager, this.name, { tables, page });
    return { result, tables, saves };
  }

  /**
   * Keeps everybody else of this process from writing while something is written by another connection.
   *
   * @param write is given how many writes were begun, its own among them
   */
  async elsewhere<Result>(write: (writes: number) => Promise<Result>): Promise<Result> {
    const result = await this.next(async (writes) => {
      try {
        return await write(writes);
      } finally {
        await this.countAgain();
      }
    });
    this.told.next({ tables: 'unknown', page: '' });
    return result;
  }

  /** Another process stored something. */
  hearOthers(stored: Stored): void {
    this.othersWrote();
    void this.countAgain().then(() => {
      this.ended.next();
      this.told.next(stored);
    });
  }

  private next<Result>(write: (writes: number) => Promise<Result>): Promise<Result> {
    this.queued += 1;
    return this.mutex.runExclusive(async () => {
      this.queued -= 1;
      this.begun += 1;
      try {
        return await write(this.begun);
      } finally {
        this.begun += 1;
        this.ended.next();
      }
    });
  }

  /** Somebody else may have written since: then what was read before stands no more. */
  private hearCount(saves: number): void {
    if (saves !== this.saved) this.othersWrote();
    this.saved = saves;
  }

  /** What this process read may not stand any more. */
  protected othersWrote(): void {
    this.begun += 2;
  }

  /** Where it cannot be counted the note says less than there is; what was stored stays so. */
  private async countAgain(): Promise<void> {
    const saves = await countSaves(this.dataSource.manager).catch(() => this.saved);
    if (isInServer(this.dataSource)) this.hearCount(saves);
    this.saved = saves;
  }
}

/** Counts the save of a transaction within it. @returns how many there are with it, once it is kept */
async function countOneMore(runner: QueryRunner): Promise<number> {
  const { records } = await runner.query(
    'UPDATE saves SET count = count + 1 RETURNING count',
    undefined,
    true,
  );
  return (records[0] as { count: number }).count;
}

/** Asked while nobody writes, so that it counts nothing that may still be undone. */
async function countSaves(manager: EntityManager): Promise<number> {
  const [row] = await manager.query<{ count: number }[]>('SELECT count FROM saves');
  return row?.count ?? 0;
}
