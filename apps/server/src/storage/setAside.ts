import { existsSync, statSync } from 'node:fs';
import Database from 'better-sqlite3';
import { StartFault } from '../start/StartFault.js';
import { migrations } from './migrations/index.js';

const known = migrations.map((migration) => migration.name);

/**
 * Looks at a database before it is opened for work: refuses one that a newer version made or that is none at all, and
 * sets a copy aside where migrations are about to run.
 *
 * @param file path of the database; nothing happens where there is none yet
 * @returns path of the copy, or null where none was needed
 * @throws StartFault for a file that cannot be opened by this version
 */
export async function setAsideBeforeMigrating(file: string): Promise<string | null> {
  if (!existsSync(file) || statSync(file).size === 0) return null;
  const database = openOrRefuse(file);
  try {
    const applied = appliedMigrations(database, file);
    const newer = applied.filter((name) => !known.includes(name));
    if (newer.length > 0) {
      throw new StartFault(
        `The database ${file} was made by a newer version (${newer.join(', ')}). Start that version, or another HERON_DATA.`,
      );
    }
    if (applied.length === known.length) return null;
    const copy = `${file}.before-${known[applied.length]}`;
    await database.backup(copy);
    return copy;
  } finally {
    database.close();
  }
}

function openOrRefuse(file: string): Database.Database {
  try {
    return new Database(file, { fileMustExist: true });
  } catch (error) {
    throw new StartFault(`The database ${file} cannot be opened (${(error as Error).message}).`);
  }
}

function appliedMigrations(database: Database.Database, file: string): string[] {
  try {
    const table = database.prepare(
      "SELECT name FROM sqlite_master WHERE type = 'table' AND name = 'migrations'",
    );
    if (table.get() === undefined) return [];
    const rows = database.prepare('SELECT name FROM migrations ORDER BY id').all() as { name: string }[];
    return rows.map((row) => row.name);
  } catch (error) {
    throw new StartFault(`The file ${file} is not a database of Lone Heron (${(error as Error).message}).`);
  }
}
