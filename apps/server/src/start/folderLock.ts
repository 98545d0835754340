import { join } from 'node:path';
import Database from 'better-sqlite3';
import { StartFault } from './StartFault.js';

/** A data folder that this process alone serves or restores. */
export interface FolderLock {
  readonly release: () => void;
}

/**
 * Takes a data folder for this process alone. The lock is one of the operating system on a small file in it, so that a
 * process that was killed leaves none behind.
 *
 * @throws StartFault where another process has the folder
 */
export function lockFolder(folder: string): FolderLock {
  const database = new Database(join(folder, 'in-use.lock'), { timeout: 200 });
  try {
    // Nothing is ever written to it: on a full disk a shop can still be opened and read.
    database.pragma('journal_mode = MEMORY');
    database.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    database.close();
    if ((error as { code?: string }).code !== 'SQLITE_BUSY') throw error;
    throw new StartFault(
      `The shop in ${folder} is being served already. Stop that server, or give another folder in HERON_DATA.`,
    );
  }
  return { release: () => database.close() };
}
