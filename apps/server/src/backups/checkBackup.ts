import { existsSync } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BackupContents } from '@lone-heron/contract';
import Database from 'better-sqlite3';
import { PhotoFiles } from '../photos/face/photoFiles.js';
import { lostPhotosOf } from './lostPhotos.js';
import { photosNamed } from './photosNamed.js';
import { BrokenBackup } from './BrokenBackup.js';
import { photosOfBackup } from './photoPool.js';
import { contentsOf, unpackBackup } from './unpackBackup.js';

/**
 * Opens a backup and looks through all of it: the database whole and its references kept, every photo that it names there and
 * unchanged.
 *
 * @param scratch folder that it is unpacked in meanwhile
 * @throws BrokenBackup saying what is wrong with it
 */
export async function checkBackup(file: string, scratch = tmpdir()): Promise<BackupContents> {
  const folder = await mkdtemp(join(scratch, 'check-'));
  try {
    const contents = await contentsOf(file);
    await unpackBackup(file, folder);
    await checkUnpacked(folder, contents, photosOfBackup(file, contents, folder));
    return contents;
  } finally {
    await rm(folder, { recursive: true });
  }
}

/** Looks through a data folder that was unpacked; photos that the backup says were lost before it are not asked for. */
export async function checkUnpacked(
  folder: string,
  { lostPhotos, photosLie }: BackupContents,
  photos = new PhotoFiles(join(folder, 'photos')),
): Promise<void> {
  const hashes = photosOf(join(folder, 'heron.sqlite')).filter((hash) => !lostPhotos.includes(hash));
  const [lost] = await lostPhotosOf(photos, hashes);
  if (lost === undefined) return;
  const where = photosLie === 'beside' ? 'beside' : 'in';
  const missing = photosLie === 'beside' ? 'is missing beside it' : 'is missing from it';
  const what = existsSync(photos.pathOf(lost)) ? `${where} it is changed` : missing;
  throw new BrokenBackup(`The photo ${lost} ${what}.`);
}

function photosOf(databaseFile: string): readonly string[] {
  if (!existsSync(databaseFile)) throw new BrokenBackup('It has no database in it.');
  const database = new Database(databaseFile, { readonly: true });
  try {
    const whole = database.pragma('integrity_check', { simple: true });
    if (whole !== 'ok') throw new BrokenBackup(`Its database is broken (${String(whole)}).`);
    const dangling = database.pragma('foreign_key_check') as unknown[];
    if (dangling.length > 0)
      throw new BrokenBackup(`Its database has ${dangling.length} references to what is not there.`);
    return photosNamed(database);
  } catch (fault) {
    if (fault instanceof BrokenBackup) throw fault;
    throw new BrokenBackup(`Its database cannot be opened (${(fault as Error).message}).`);
  } finally {
    database.close();
  }
}
