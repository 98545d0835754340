import { closeSync, copyFileSync, existsSync, mkdtempSync, openSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const database = 'heron.sqlite';
/** What SQLite keeps a database in: its file, and the log of what is not in that yet. */
const databaseFiles = [database, `${database}-wal`];
/** What is read where it lies. */
const readInPlace = ['photos', 'backups'];

/**
 * Whether a shop lies on a disk that takes nothing at all: a card with its slide shut, a file system that the operating system
 * closed to writing after errors. A folder whose rights are missing is another thing: somebody else may be writing in it.
 *
 * @param tryWriting is replaced in tests
 */
export function isOnReadOnlyDisk(folder: string, tryWriting: (folder: string) => void = writeProbe): boolean {
  if (!existsSync(join(folder, database))) return false;
  try {
    tryWriting(folder);
    return false;
  } catch (fault) {
    return (fault as NodeJS.ErrnoException).code === 'EROFS';
  }
}

function writeProbe(folder: string): void {
  const probe = join(folder, `.write-test-${process.pid}`);
  closeSync(openSync(probe, 'wx'));
  rmSync(probe);
}

/**
 * Copies a shop's database to where it can be opened, for it is not opened without being written to, and lets photos and
 * backups be read where they lie.
 *
 * @returns the folder of the copy, laid out as a data folder
 */
export function readingCopy(folder: string): string {
  const copy = mkdtempSync(join(tmpdir(), 'heron-reading-'));
  for (const name of databaseFiles.filter((each) => existsSync(join(folder, each))))
    copyFileSync(join(folder, name), join(copy, name));
  for (const name of readInPlace.filter((each) => existsSync(join(folder, each))))
    symlinkSync(join(folder, name), join(copy, name));
  return copy;
}
