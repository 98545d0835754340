import { createWriteStream } from 'node:fs';
import { mkdir, mkdtemp, rename, rm } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { backupFormat, backupVersion, type BackupContents } from '@lone-heron/contract';
import Database from 'better-sqlite3';
import { ZipFile } from 'yazl';
import { fileOntoDisk, folderOntoDisk } from '../storage/ontoDisk.js';
import { photoFilesOf } from '../photos/face/photoFilesOf.js';
import { databaseFileIn, type ShopPlace } from '../storage/ShopPlace.js';
import { snapshotToFile } from '../storage/snapshotToFile.js';
import { scratchFolder } from '../storage/scratchFolder.js';
import { lostPhotosOf } from './lostPhotos.js';
import { poolBeside } from './photoPool.js';
import { photosNamed } from './photosNamed.js';
import { adviceFor } from '../storage/storageFault.js';
import { BrokenBackup } from './BrokenBackup.js';
import { backupNames } from './backupNames.js';
import { checkBackup } from './checkBackup.js';

/** What a backup is made of, and where to. */
export interface BackupOrder {
  readonly id: string;
  readonly place: ShopPlace;
  /** File it is written to; made whole beside it first. */
  readonly target: string;
  readonly now: Date;
  /** Whether its photos go into it, or to those beside it that are there already; within where left out. */
  readonly photosLie?: BackupContents['photosLie'];
}

/** Makes a backup, here or elsewhere. */
export type WriteBackup = (order: BackupOrder) => Promise<BackupContents>;

/**
 * Copies a whole shop into one ZIP, while it is being worked with: the database as it stood at one moment, and every photo it
 * names, which are never taken away. A photo that is gone or damaged is named in it and keeps nothing else from being copied.
 * The copy is opened and looked through before it is given its name.
 *
 * @throws BrokenBackup where the copy cannot be read back whole
 */
export async function writeBackup({
  id,
  place,
  target,
  now,
  photosLie = 'within',
}: BackupOrder): Promise<BackupContents> {
  const folder = await mkdtemp(join(await scratchFolder(place.folder), 'backup-'));
  const part = `${target}.part`;
  try {
    const copy = join(folder, backupNames.database);
    await copyDatabase(place, copy);
    const photos = photoFilesOf(place);
    const looked = lookAt(copy, id, now);
    const lostPhotos = await lostPhotosOf(photos, looked.photoHashes);
    const contents: BackupContents = {
      ...looked.contents,
      ...{ version: photosLie === 'within' ? 1 : backupVersion, lostPhotos: [...lostPhotos], photosLie },
    };
    const whole = looked.photoHashes.filter((each) => !lostPhotos.has(each));
    await mkdir(dirname(target), { recursive: true });
    if (photosLie === 'beside') await poolBeside(target).takeAll(photos, whole);
    const zip = new ZipFile();
    // It tells what it cannot read here, not on what it writes.
    zip.on('error', (fault: Error) => (zip.outputStream as Readable).destroy(fault));
    zip.addBuffer(Buffer.from(JSON.stringify(contents, null, 1)), backupNames.contents);
    zip.addFile(copy, backupNames.database);
    if (photosLie === 'beside') zip.addBuffer(Buffer.from(JSON.stringify(whole)), backupNames.photoList);
    // Pictures are packed already.
    else
      for (const hash of whole)
        zip.addFile(await photos.hereWhole(hash), `${backupNames.photos}${hash}`, { compress: false });
    zip.end();
    await pipeline(zip.outputStream, createWriteStream(part));
    await checkBackup(part, folder);
    await fileOntoDisk(part);
    await rename(part, target);
    await folderOntoDisk(dirname(target));
    return contents;
  } finally {
    await rm(folder, { recursive: true });
    await rm(part, { force: true });
  }
}

/** A copy of a damaged database would look whole, with what is missing missing. @throws BrokenBackup where it is damaged */
function requireWhole(databaseFile: string): void {
  const database = new Database(databaseFile, { fileMustExist: true, readonly: true });
  try {
    const said = database.pragma('integrity_check(3)') as { integrity_check: string }[];
    const words = said.map((each) => each.integrity_check).join('; ');
    if (words !== 'ok')
      throw new BrokenBackup(`The shop's own database is damaged (${words}). ${adviceFor('damaged')}`);
  } finally {
    database.close();
  }
}

/** The database at one moment, in a file, whatever keeps it. */
async function copyDatabase(place: ShopPlace, to: string): Promise<void> {
  if (place.url !== null) return snapshotToFile(place, to);
  const file = databaseFileIn(place.folder);
  requireWhole(file);
  copyFile(file, to);
}

/** In one go: copied page by page it would begin anew with every write. */
function copyFile(from: string, to: string): void {
  const database = new Database(from, { fileMustExist: true, readonly: true });
  try {
    database.prepare('VACUUM INTO ?').run(to);
  } finally {
    database.close();
  }
}

function lookAt(
  copy: string,
  id: string,
  now: Date,
): {
  contents: Omit<BackupContents, 'version' | 'lostPhotos' | 'photosLie'>;
  photoHashes: readonly string[];
} {
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
      contents: { format: backupFormat, id, madeAt, newestMigration: name, counts },
      photoHashes,
    };
  } finally {
    database.close();
  }
}
