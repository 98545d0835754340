import { createWriteStream } from 'node:fs';
import { mkdir } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import type { Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import { pipeline } from 'node:stream/promises';
import {
  writtenContentsSchema,
  backupFormat,
  backupVersion,
  type BackupContents,
} from '@lone-heron/contract';
import type { Entry } from 'yauzl';
import { z } from 'zod';
import { PhotoFiles } from '../photos/face/photoFiles.js';
import { eachZipEntry, openZip } from '../storage/zipEntries.js';
import { backupNames } from './backupNames.js';
import { BrokenBackup } from './BrokenBackup.js';

const photoName = /^photos\/([0-9a-f]{64})$/;

/**
 * What a backup says it holds.
 *
 * @throws BrokenBackup for a file that is none, or one of a newer version
 */
export async function contentsOf(file: string): Promise<BackupContents> {
  const found: BackupContents[] = [];
  await eachEntry(file, async ({ fileName }, read) => {
    if (fileName === backupNames.contents)
      found.push(readContents((await buffer(await read())).toString('utf8')));
  });
  const [contents] = found;
  if (contents === undefined)
    throw new BrokenBackup(`${file} is no backup: it has no ${backupNames.contents}.`);
  return contents;
}

function readContents(text: string): BackupContents {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch (fault) {
    throw new BrokenBackup(`Its backup.json cannot be read (${(fault as Error).message}).`);
  }
  const { format, version } = (parsed ?? {}) as { format?: unknown; version?: unknown };
  if (format === backupFormat && typeof version === 'number' && version > backupVersion)
    throw new BrokenBackup(`It is a backup of format ${version}; this version reads up to ${backupVersion}.`);
  const read = writtenContentsSchema.safeParse(parsed);
  if (!read.success) throw new BrokenBackup('Its backup.json is not that of a backup of Lone Heron.');
  return read.data;
}

/**
 * Which photos a backup has beside it.
 *
 * @throws BrokenBackup where it does not say
 */
export async function photosBeside(file: string): Promise<readonly string[]> {
  const found: string[][] = [];
  await eachEntry(file, async ({ fileName }, read) => {
    if (fileName === backupNames.photoList) found.push(photoList(await buffer(await read())));
  });
  const [hashes] = found;
  if (hashes === undefined) throw new BrokenBackup(`${file} does not say which photos lie beside it.`);
  return hashes;
}

function photoList(bytes: Buffer): string[] {
  try {
    return z.array(z.string().regex(/^[0-9a-f]{64}$/)).parse(JSON.parse(bytes.toString('utf8')));
  } catch {
    throw new BrokenBackup(`Its ${backupNames.photoList} cannot be read.`);
  }
}

/**
 * Unpacks database and photos into a folder that is laid out as a data folder is.
 *
 * @throws BrokenBackup where a part of it cannot be read
 */
export async function unpackBackup(file: string, folder: string): Promise<void> {
  const photos = new PhotoFiles(join(folder, 'photos'));
  await eachEntry(file, async ({ fileName }, read) => {
    const hash = photoName.exec(fileName)?.[1];
    if (hash === undefined && fileName !== backupNames.database) return;
    const to = hash === undefined ? join(folder, backupNames.database) : photos.pathOf(hash);
    await mkdir(dirname(to), { recursive: true });
    await pipeline(await read(), createWriteStream(to));
  });
}

/** Visits the entries of a backup one after the other. */
export async function eachEntry(
  file: string,
  visit: (entry: Entry, read: () => Promise<Readable>) => Promise<void>,
): Promise<void> {
  const zip = await openZip(file).catch((fault: unknown) => {
    throw new BrokenBackup(`${file} cannot be read as a ZIP (${(fault as Error).message}).`);
  });
  await eachZipEntry(zip, visit, (fault: Error) => new BrokenBackup(`${file} is broken (${fault.message}).`));
}
