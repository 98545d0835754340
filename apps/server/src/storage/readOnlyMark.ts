import { existsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** Lies beside the copy of a database that is only read. */
const mark = 'only-read';

/** Lets the database in a folder be read alone, by every connection that is opened from now on. */
export function markReadOnly(folder: string): void {
  writeFileSync(join(folder, mark), '');
}

/** Whether the database in a folder is the copy of one on a disk that cannot be written. */
export function isReadOnly(folder: string): boolean {
  return existsSync(join(folder, mark));
}
