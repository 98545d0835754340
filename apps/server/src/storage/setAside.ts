import { existsSync, readdirSync, statSync } from 'node:fs';
import { rename, rm } from 'node:fs/promises';
import { basename, dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { StartFault } from '../start/StartFault.js';
import { fileHash } from './fileHash.js';
import { migrations } from './migrations/index.js';
import { adviceFor, storageTrouble } from './storageFault.js';

const known = migrations.map((migration) => migration.name);

/**
 * Looks at a database before it is opened for work: refuses one that a newer version made or that is none at all, and
 * sets a copy aside where migrations are about to run. A start that fails and is tried again does not copy again.
 *
 * @param file path of the database; nothing happens where there is none yet
 * @returns path of the copy, or null where none was needed
 * @throws StartFault for a file that cannot be opened or copied
 */
export async function setAsideBeforeMigrating(file: string): Promise<string | null> {
  if (!existsSync(file) || statSync(file).size === 0) return null;
  const next = nextMigration(file);
  return next === null ? null : copyOf(file, `${file}.before-${next}`);
}

/**
 * The first migration that a database still lacks; null for one that is up to date.
 *
 * @throws StartFault for a file that is no database of Lone Heron, or one of a newer version
 */
export function nextMigration(file: string): string | null {
  const applied = readOrRefuse(file, appliedMigrations);
  const newer = applied.filter((name) => !known.includes(name));
  if (newer.length > 0) {
    throw new StartFault(
      `The database ${file} was made by a newer version (${newer.join(', ')}). Start that version, or another HERON_DATA.`,
    );
  }
  return known[applied.length] ?? null;
}

/** A copy under a name of its own, unless the same copy is there already. */
async function copyOf(file: string, wanted: string): Promise<string> {
  const part = `${wanted}.part`;
  const database = new Database(file, { fileMustExist: true });
  try {
    // As it is served: else the file's head differs once a start has failed, and the copy with it.
    database.pragma('journal_mode = WAL');
    await database.backup(part);
    const same = await alike(part, wanted);
    if (same !== null) return same;
    const name = freeName(wanted);
    await rename(part, name);
    return name;
  } catch (error) {
    throw refusal(file, error);
  } finally {
    database.close();
    await rm(part, { force: true });
  }
}

async function alike(part: string, wanted: string): Promise<string | null> {
  const hash = await fileHash(part);
  for (const name of copiesOf(wanted)) if ((await fileHash(name)) === hash) return name;
  return null;
}

/** Copies that were set aside under a name, or under the name with a number. */
function copiesOf(wanted: string): readonly string[] {
  const folder = dirname(wanted);
  const names = readdirSync(folder).filter((name) => name.startsWith(basename(wanted)));
  return names.filter((name) => !name.endsWith('.part')).map((name) => join(folder, name));
}

function freeName(wanted: string): string {
  const taken = copiesOf(wanted);
  const numbered = (n: number) => (n === 1 ? wanted : `${wanted}-${n}`);
  let n = 1;
  while (taken.includes(numbered(n))) n++;
  return numbered(n);
}

function readOrRefuse<Read>(file: string, read: (database: Database.Database) => Read): Read {
  try {
    const database = new Database(file, { fileMustExist: true });
    try {
      return read(database);
    } finally {
      database.close();
    }
  } catch (error) {
    throw refusal(file, error);
  }
}

/** A full disk, a damaged file and a locked one are told apart, with what to do. */
function refusal(file: string, error: unknown): StartFault {
  const trouble = storageTrouble(error);
  const advice = trouble === null ? '' : ` ${adviceFor(trouble)}`;
  return new StartFault(`The database ${file} cannot be opened (${(error as Error).message}).${advice}`);
}

function appliedMigrations(database: Database.Database): string[] {
  const table = database.prepare(
    "SELECT name FROM sqlite_master WHERE type = 'table' AND name = 'migrations'",
  );
  if (table.get() === undefined) return [];
  const rows = database.prepare('SELECT name FROM migrations ORDER BY id').all() as { name: string }[];
  return rows.map((row) => row.name);
}
