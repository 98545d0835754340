import { existsSync, readdirSync, statSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { storageTrouble } from '../storage/storageFault.js';
import { StartFault } from './StartFault.js';

/**
 * Refuses to begin a new shop where there was one: photos or backups without a database tell of one that was lost.
 *
 * @param databaseFile that will be opened
 * @throws StartFault naming what is there, and what to do
 */
export function requireNoLostShop(databaseFile: string): void {
  if (hasShop(databaseFile)) return;
  const folder = dirname(databaseFile);
  const left = leftovers(folder, basename(databaseFile));
  if (left.length === 0) return;
  const [newest] = backupsIn(folder);
  const restore =
    newest === undefined
      ? 'Look for a backup elsewhere and restore it (./heron restore FILE).'
      : `Restore the newest backup: ./heron restore ${newest}`;
  throw new StartFault(
    `There was a shop in ${folder} (${left.join(', ')}), and its database is missing or empty. No new one is begun over it. ${restore} ` +
      'To begin a new shop, give an empty folder in HERON_DATA.',
  );
}

/** Whether there is a database with anything in it; one that cannot be read is no empty one and is told about later. */
function hasShop(databaseFile: string): boolean {
  // An empty one is not opened: that would clear away what lies beside it and was not yet in it.
  if (!existsSync(databaseFile) || statSync(databaseFile).size === 0) return false;
  const database = new Database(databaseFile, { readonly: true });
  try {
    return database.prepare("SELECT 1 FROM sqlite_master WHERE name = 'migrations'").get() !== undefined;
  } catch (error) {
    if (storageTrouble(error) === null) throw error;
    return true;
  } finally {
    database.close();
  }
}

function leftovers(folder: string, database: string): readonly string[] {
  return readdirSync(folder)
    .filter(
      (name) =>
        name === `${database}-wal` || name.startsWith(`${database}.before-`) || isFilled(folder, name),
    )
    .toSorted();
}

function isFilled(folder: string, name: string): boolean {
  const isOfShop = name === 'photos' || name === 'backups' || name.startsWith('before-restore-');
  return isOfShop && readdirSync(join(folder, name)).length > 0;
}

/** Paths of the backups in a data folder, newest first: their names begin with the moment. */
function backupsIn(folder: string): readonly string[] {
  const backups = join(folder, 'backups');
  if (!existsSync(backups)) return [];
  const names = readdirSync(backups).filter((name) => /^heron-.*\.zip$/.test(name));
  return names
    .toSorted()
    .toReversed()
    .map((name) => join(backups, name));
}
