import { randomBytes } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { PhotoFiles } from '../photos/face/photoFiles.js';
import { folderOntoDisk } from '../storage/ontoDisk.js';
import { ageEnding, writeSealed, type Seal } from './ageFile.js';
import { backupNames } from './backupNames.js';
import { copyWhole } from '../storage/copyWhole.js';
import { poolBeside } from './photoPool.js';
import { contentsOf, photosBeside } from './unpackBackup.js';
import { wholeBackup } from './wholeBackup.js';

/** A folder on another disk or machine that backups are copied to as well. */
export interface SecondPlace {
  readonly folder: string;
  /** What they are encrypted with there; null where they lie open. */
  readonly seal: Seal | null;
}

/** Backups that are kept encrypted: each holds everything. */
const sealedKept = 3;
export const backupFileName = /^heron-[0-9TZ-]+\.zip$/;

/**
 * Copies the newest backup to a second place where it is not there yet: with the photos that are missing there beside it, or,
 * encrypted, as one file. What is no longer kept here is not kept there.
 *
 * @param folder of the backups
 * @throws where the place is not there, or takes nothing
 */
export async function followBackups(folder: string, { folder: place, seal }: SecondPlace): Promise<void> {
  // Made anew here it would lie on this disk, in the place of one that is not plugged in.
  const missing = placeMissing(place);
  if (missing !== null) throw new Error(missing);
  const to = join(place, await ownFolder(dirname(folder)));
  await mkdir(to, { recursive: true });
  const here = (await readdir(folder)).filter((name) => backupFileName.test(name)).toSorted();
  const newest = here.at(-1);
  if (newest === undefined) return;
  if (seal === null) {
    await copyOpen(join(folder, newest), to, newest);
    await clearOut(to, (name) => backupFileName.test(name) && !here.includes(name));
  } else {
    const target = join(to, `${newest}${ageEnding}`);
    if (!existsSync(target)) await writeSealed(await wholeBackup(join(folder, newest)), target, seal);
    const sealed = (await readdir(to)).filter(isSealedBackup).toSorted();
    await clearOut(to, (name) => sealed.slice(0, -sealedKept).includes(name));
  }
  await folderOntoDisk(to);
}

/** Why nothing can be copied to a place; null where it is there. */
export function placeMissing(place: string): string | null {
  return existsSync(place) ? null : `${place} is not there: is its disk plugged in?`;
}

/**
 * Name of the folder that this shop alone has in a second place. One that was begun anew after its disk broke has another: what it
 * clears away there is never what the shop of before has left.
 */
async function ownFolder(dataFolder: string): Promise<string> {
  const file = join(dataFolder, 'second-place');
  if (!existsSync(file)) await writeFile(file, `shop-${randomBytes(4).toString('hex')}`);
  return (await readFile(file, 'utf8')).trim();
}

const isSealedBackup = (name: string): boolean =>
  name.endsWith(ageEnding) && backupFileName.test(name.slice(0, -ageEnding.length));

async function copyOpen(file: string, to: string, name: string): Promise<void> {
  const target = join(to, name);
  if (existsSync(target)) return;
  const { photosLie } = await contentsOf(file);
  // The photos first: a backup that is there has what it names.
  if (photosLie === 'beside')
    await new PhotoFiles(join(to, backupNames.photos)).takeAll(poolBeside(file), await photosBeside(file));
  await copyWhole(file, target);
}

async function clearOut(folder: string, isOver: (name: string) => boolean): Promise<void> {
  for (const name of (await readdir(folder)).filter(isOver)) await rm(join(folder, name));
}
