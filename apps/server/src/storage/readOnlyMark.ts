import { existsSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** Lies beside the copy of a database that is only read. */
const mark = 'only-read';

/** Lets a database be read alone, by every connection that is opened from now on. */
export function markReadOnly(databaseFile: string): void {
  writeFileSync(join(dirname(databaseFile), mark), '');
}

/** Whether a database is the copy of one on a disk that cannot be written. */
export function isReadOnly(databaseFile: string): boolean {
  return existsSync(join(dirname(databaseFile), mark));
}
