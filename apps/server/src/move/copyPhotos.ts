import { existsSync } from 'node:fs';
import { copyFile, mkdir, rename, rm } from 'node:fs/promises';
import { dirname } from 'node:path';
import { StartFault } from '../start/StartFault.js';
import { databaseOptions, openDatabase } from '../storage/database.js';
import { fileOntoDisk, folderOntoDisk } from '../storage/ontoDisk.js';
import type { ShopPlace } from '../storage/ShopPlace.js';
import { namedPhotos } from '../photos/face/namedPhotos.js';
import { PhotoFiles } from '../photos/face/photoFiles.js';

/**
 * Copies every photo that a shop names to where the other place keeps its own, each held against its hash. One that was lost before is
 * lost there too.
 *
 * @returns how many arrived; null where both places keep them in the same folder
 */
export async function copyPhotos(from: ShopPlace, to: ShopPlace): Promise<number | null> {
  if (from.photos === to.photos) return null;
  const source = await openDatabase({ ...databaseOptions(from), migrationsRun: false, logger: 'debug' });
  const named = await namedPhotos(source.manager).finally(() => source.destroy());
  const [here, there] = [new PhotoFiles(from.photos), new PhotoFiles(to.photos)];
  let copied = 0;
  for (const hash of named) {
    if (!existsSync(here.pathOf(hash))) continue;
    await copyOne(here.pathOf(hash), there.pathOf(hash));
    if (!Buffer.isBuffer(await there.read(hash)) && Buffer.isBuffer(await here.read(hash)))
      throw new StartFault(`The photo ${hash} did not arrive as it was sent.`);
    copied += 1;
  }
  return copied;
}

async function copyOne(path: string, target: string): Promise<void> {
  if (existsSync(target)) return;
  await mkdir(dirname(target), { recursive: true });
  const part = `${target}.part`;
  try {
    await copyFile(path, part);
    await fileOntoDisk(part);
    await rename(part, target);
  } finally {
    await rm(part, { force: true });
  }
  await folderOntoDisk(dirname(target));
}
