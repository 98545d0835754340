import type { DataSource, EntityManager, QueryRunner } from 'typeorm';
import { isInServer } from './postgres.js';

/**
 * Runs a write in a transaction: all of it is on the disk when this ends, or nothing is.
 *
 * TypeORM's own transactions count how deep they are, and lose count where a commit fails on a full or failing disk: SQLite has
 * rolled back by itself by then, the rollback after it fails, and what is written next stands in a transaction that nobody
 * commits, while every save is acknowledged. Here there is one level, and after a failure none is open.
 */
export async function inTransaction<Result>(
  dataSource: DataSource,
  write: (manager: EntityManager, runner: QueryRunner) => Promise<Result>,
): Promise<Result> {
  const runner = dataSource.createQueryRunner();
  try {
    await begin(runner);
    tellActive(runner, true);
    try {
      const result = await write(runner.manager, runner);
      await runner.query('COMMIT');
      return result;
    } catch (fault) {
      await rollBack(runner);
      throw fault;
    } finally {
      tellActive(runner, false);
    }
  } finally {
    await runner.release();
  }
}

/**
 * One write of a shop at a time, whatever process writes: the next number, the newest revision and the last line of the history
 * are read before they are built upon. A file is locked as a whole; in a server a lock of the schema's own is taken, which the end of the
 * transaction gives back, or of the connection.
 */
async function begin(runner: QueryRunner): Promise<void> {
  if (!isInServer(runner.dataSource)) {
    // An earlier failure that could not be rolled back lets this fail too, and so refuses what would not be kept.
    await runner.query('BEGIN IMMEDIATE');
    return;
  }
  try {
    // At once: who writes waits for each statement, and everybody else for who writes.
    await runner.query('BEGIN; SELECT pg_advisory_xact_lock(hashtext(current_schema()))');
  } catch (fault) {
    await rollBack(runner);
    throw fault;
  }
}

/** TypeORM begins one of its own for what it saves, where it does not know of one. */
function tellActive(runner: QueryRunner, isActive: boolean): void {
  (runner as { isTransactionActive: boolean }).isTransactionActive = isActive;
}

async function rollBack(runner: QueryRunner): Promise<void> {
  try {
    await runner.query('ROLLBACK');
  } catch (fault) {
    // A write that the disk refused was rolled back by SQLite itself, one whose connection was lost by the server.
    if (!isRolledBack(runner, fault as Error)) throw fault;
  }
}

function isRolledBack(runner: QueryRunner, { message }: Error): boolean {
  return isInServer(runner.dataSource) || /no transaction is active/.test(message);
}
