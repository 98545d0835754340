import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { BackupContents } from '@lone-heron/contract';
import { PhotoFiles } from '../photos/face/photoFiles.js';
import { backupNames } from './backupNames.js';
import { photosBeside } from './unpackBackup.js';

/** The photos that backups of one folder share: each lies there once, so that a year of them is not written every night. */
export function poolBeside(backupFile: string): PhotoFiles {
  return new PhotoFiles(join(dirname(backupFile), backupNames.photos));
}

/** Where the photos of a backup are read: those that it shares, or those that were unpacked with it. */
export function photosOfBackup(
  backupFile: string,
  { photosLie }: BackupContents,
  unpacked: string,
): PhotoFiles {
  return photosLie === 'beside' ? poolBeside(backupFile) : new PhotoFiles(join(unpacked, 'photos'));
}

/** Puts the photos of a backup that lie beside it into an unpacked shop; what is not there is found missing when that is looked through. */
export async function takeFromPool(
  backupFile: string,
  unpacked: string,
  { lostPhotos }: BackupContents,
): Promise<void> {
  const pool = poolBeside(backupFile);
  const hashes = (await photosBeside(backupFile)).filter(
    (hash) => !lostPhotos.includes(hash) && existsSync(pool.pathOf(hash)),
  );
  await new PhotoFiles(join(unpacked, 'photos')).takeAll(pool, hashes);
}
