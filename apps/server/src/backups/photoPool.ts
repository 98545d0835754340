import { existsSync } from 'node:fs';
import { copyFile, mkdir, rename, rm } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import type { BackupContents } from '@lone-heron/contract';
import { PhotoFiles } from '../photos/face/photoFiles.js';
import { fileOntoDisk, folderOntoDisk } from '../storage/ontoDisk.js';
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

/** Copies what a pool does not have yet. What it has under a hash is that picture; a backup is looked through once it is made. */
export async function addToPool(
  pool: PhotoFiles,
  from: PhotoFiles,
  hashes: readonly string[],
): Promise<void> {
  const folders = new Set<string>();
  for (const hash of hashes) {
    const to = pool.pathOf(hash);
    if (existsSync(to)) continue;
    await mkdir(dirname(to), { recursive: true });
    await copyWhole(from.pathOf(hash), to);
    folders.add(dirname(to));
  }
  for (const folder of folders) await folderOntoDisk(folder);
}

/** Copies a file beside its place and moves it there once it is on the disk. */
export async function copyWhole(from: string, to: string): Promise<void> {
  const part = `${to}.part`;
  try {
    await copyFile(from, part);
    await fileOntoDisk(part);
    await rename(part, to);
  } finally {
    await rm(part, { force: true });
  }
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
  await addToPool(new PhotoFiles(join(unpacked, 'photos')), pool, hashes);
}
