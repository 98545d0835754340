import { Injectable } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { DataSource, type EntityManager } from 'typeorm';

/**
 * One write at a time. The file has one connection, so two transactions that overlap would end up inside each other.
 */
@Injectable()
export class WriteQueue {
  private readonly mutex = new Mutex();

  constructor(private readonly dataSource: DataSource) {}

  /** Runs a write in a transaction of its own; nothing of it stays where it throws. */
  run<Result>(write: (manager: EntityManager) => Promise<Result>): Promise<Result> {
    return this.mutex.runExclusive(() => this.dataSource.transaction(write));
  }
}
