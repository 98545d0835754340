import type { DataSource, EntityManager, QueryRunner } from 'typeorm';

/**
 * Runs a write in a transaction: all of it is on the disk when this ends, or nothing is.
 *
 * TypeORM's own transactions count how deep they are, and lose count where a commit fails on a full or failing disk: SQLite has
 * rolled back by itself by then, the rollback after it fails, and what is written next stands in a transaction that nobody
 * commits, while every save is acknowledged. Here there is one level, and after a failure none is open.
 */
export async function inTransaction<Result>(
  dataSource: DataSource,
  write: (manager: EntityManager) => Promise<Result>,
): Promise<Result> {
  const runner = dataSource.createQueryRunner();
  // An earlier failure that could not be rolled back lets this fail too, and so refuses what would not be kept.
  await runner.query('BEGIN IMMEDIATE');
  tellActive(runner, true);
  try {
    const result = await write(runner.manager);
    await runner.query('COMMIT');
    return result;
  } catch (fault) {
    await rollBack(runner);
    throw fault;
  } finally {
    tellActive(runner, false);
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
    // A write that the disk refused was rolled back by SQLite itself.
    if (!/no transaction is active/.test((fault as Error).message)) throw fault;
  }
}
