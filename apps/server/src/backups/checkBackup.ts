import { existsSync } from 'node:fs';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BackupContents } from '@lone-heron/contract';
import Database from 'better-sqlite3';
import { hashOf, PhotoFiles } from '../photos/face/photoFiles.js';
import { photosNamed } from './photosNamed.js';
import { BrokenBackup } from './BrokenBackup.js';
import { contentsOf, unpackBackup } from './unpackBackup.js';

/**
 * Opens a backup and looks through all of it: the database whole and its references kept, every photo that it names there and
 * unchanged.
 *
 * @throws BrokenBackup saying what is wrong with it
 */
export async function checkBackup(file: string): Promise<BackupContents> {
  const folder = await mkdtemp(join(tmpdir(), 'heron-check-'));
  try {
    const contents = await contentsOf(file);
    await unpackBackup(file, folder);
    await checkUnpacked(folder);
    return contents;
  } finally {
    await rm(folder, { recursive: true });
  }
}

/** Looks through a data folder that was unpacked. */
export async function checkUnpacked(folder: string): Promise<void> {
  const photos = new PhotoFiles(join(folder, 'photos'));
  for (const hash of photosOf(join(folder, 'heron.sqlite'))) {
    const path = photos.pathOf(hash);
    if (!existsSync(path)) throw new BrokenBackup(`The photo ${hash} is missing from it.`);
    if (hashOf(await readFile(path)) !== hash) throw new BrokenBackup(`The photo ${hash} in it is changed.`);
  }
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
