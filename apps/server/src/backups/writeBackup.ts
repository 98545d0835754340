import { createWriteStream } from 'node:fs';
import { mkdir, mkdtemp, open, rename, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { backupFormat, backupVersion, type BackupContents } from '@lone-heron/contract';
import Database from 'better-sqlite3';
import { ZipFile } from 'yazl';
import { PhotoFiles } from '../photos/face/photoFiles.js';
import { photosNamed } from './photosNamed.js';
import { backupNames } from './backupNames.js';
import { checkBackup } from './checkBackup.js';

interface BackupOrder {
  readonly id: string;
  readonly databaseFile: string;
  /** File it is written to; made whole beside it first. */
  readonly target: string;
  readonly now: Date;
}

/**
 * Copies a whole shop into one ZIP, while it is being worked with: the database as it stood at one moment, and every photo it
 * names, which are never taken away. The copy is opened and looked through before it is given its name.
 *
 * @throws BrokenBackup where the copy cannot be read back whole
 */
export async function writeBackup({ id, databaseFile, target, now }: BackupOrder): Promise<BackupContents> {
  const folder = await mkdtemp(join(tmpdir(), 'heron-backup-'));
  const part = `${target}.part`;
  try {
    const copy = join(folder, backupNames.database);
    await copyDatabase(databaseFile, copy);
    const { contents, photoHashes } = lookAt(copy, id, now);
    await mkdir(dirname(target), { recursive: true });
    const photos = new PhotoFiles(join(dirname(databaseFile), 'photos'));
    const zip = new ZipFile();
    zip.addBuffer(Buffer.from(JSON.stringify(contents, null, 1)), backupNames.contents);
    zip.addFile(copy, backupNames.database);
    // Pictures are packed already.
    for (const hash of photoHashes)
      zip.addFile(photos.pathOf(hash), `${backupNames.photos}${hash}`, { compress: false });
    zip.end();
    await pipeline(zip.outputStream, createWriteStream(part));
    await checkBackup(part);
    await ontoDisk(part);
    await rename(part, target);
    return contents;
  } finally {
    await rm(folder, { recursive: true });
    await rm(part, { force: true });
  }
}

/** The database at one moment, whoever writes meanwhile. */
async function copyDatabase(from: string, to: string): Promise<void> {
  const database = new Database(from, { fileMustExist: true, readonly: true });
  try {
    await database.backup(to);
  } finally {
    database.close();
  }
}

function lookAt(
  copy: string,
  id: string,
  now: Date,
): { contents: BackupContents; photoHashes: readonly string[] } {
  const database = new Database(copy, { readonly: true });
  try {
    const rowsOf = (table: string) =>
      (database.prepare(`SELECT count(*) AS rows FROM ${table}`).get() as { rows: number }).rows;
    const { name } = database.prepare('SELECT name FROM migrations ORDER BY id DESC LIMIT 1').get() as {
      name: string;
    };
    const photoHashes = photosNamed(database);
    const counts = {
      people: rowsOf('person'),
      machines: rowsOf('machine'),
      coupons: rowsOf('coupon'),
      tests: rowsOf('coupon_test'),
      cards: rowsOf('card'),
      photos: photoHashes.length,
    };
    const madeAt = now.toISOString();
    return {
      contents: { format: backupFormat, version: backupVersion, id, madeAt, newestMigration: name, counts },
      photoHashes,
    };
  } finally {
    database.close();
  }
}

async function ontoDisk(path: string): Promise<void> {
  const file = await open(path, 'r+');
  await file.sync();
  await file.close();
}
