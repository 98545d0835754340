import { existsSync } from 'node:fs';
import { mkdir, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { setAsideBeforeMigrating } from '../storage/setAside.js';
import { StartFault } from '../start/StartFault.js';
import Database from 'better-sqlite3';
import { checkUnpacked } from './checkBackup.js';
import { fileStamp } from './fileStamp.js';
import { unpackBackup } from './unpackBackup.js';

/** What belongs to the state of a shop in its data folder; backups are not among it. */
const stateFiles = ['heron.sqlite', 'heron.sqlite-wal', 'heron.sqlite-shm', 'photos'];

/**
 * Puts a backup in the place of what a data folder holds. What is there is set aside whole, in a folder of its own beside it;
 * nothing is touched before the backup is unpacked and looked through.
 *
 * @returns the folder that the state before is kept in; null where there was none
 * @throws StartFault where the shop is being served, BrokenBackup where the backup is not whole
 */
export async function restoreBackup(file: string, dataFolder: string, now: Date): Promise<string | null> {
  requireClosed(join(dataFolder, 'heron.sqlite'));
  const stamp = fileStamp(now);
  const unpacked = join(dataFolder, `restoring-${stamp}`);
  await mkdir(unpacked, { recursive: true });
  try {
    await unpackBackup(file, unpacked);
    await checkUnpacked(unpacked);
    await requireKnown(join(unpacked, 'heron.sqlite'));
    return await exchange(dataFolder, unpacked, join(dataFolder, `before-restore-${stamp}`));
  } finally {
    await rm(unpacked, { recursive: true });
  }
}

/** A database of a newer version is refused before anything is moved. */
async function requireKnown(databaseFile: string): Promise<void> {
  const copy = await setAsideBeforeMigrating(databaseFile);
  // It is brought up to date when the shop is served next, which sets a copy aside of its own.
  if (copy !== null) await rm(copy);
}

async function exchange(dataFolder: string, unpacked: string, aside: string): Promise<string | null> {
  const before = stateFiles.filter((name) => existsSync(join(dataFolder, name)));
  if (before.length > 0) await mkdir(aside);
  for (const name of before) await rename(join(dataFolder, name), join(aside, name));
  for (const name of stateFiles) {
    if (existsSync(join(unpacked, name))) await rename(join(unpacked, name), join(dataFolder, name));
  }
  return before.length > 0 ? aside : null;
}

/** A served shop keeps its database open: nobody else can have it alone then. */
function requireClosed(databaseFile: string): void {
  if (!existsSync(databaseFile)) return;
  const database = new Database(databaseFile, { timeout: 200 });
  try {
    database.pragma('locking_mode = EXCLUSIVE');
    database.exec('BEGIN EXCLUSIVE');
    database.exec('ROLLBACK');
  } catch (fault) {
    throw new StartFault(
      `The shop in ${databaseFile} is being served (${(fault as Error).message}). Stop it, then restore.`,
    );
  } finally {
    database.close();
  }
}
