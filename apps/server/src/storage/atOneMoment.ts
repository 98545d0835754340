import type { DataSource, EntityManager } from 'typeorm';
import { isInServer } from './postgres.js';

/** Lets a shop be read as it stands at one moment, while others go on writing. */
export async function atOneMoment<Result>(
  source: DataSource,
  read: (manager: EntityManager) => Promise<Result>,
): Promise<Result> {
  const runner = source.createQueryRunner();
  try {
    await runner.query(isInServer(source) ? 'BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY' : 'BEGIN');
    try {
      return await read(runner.manager);
    } finally {
      await runner.query('ROLLBACK');
    }
  } finally {
    await runner.release();
  }
}
