import { mkdir, rm } from 'node:fs/promises';
import { lockFolder } from '../start/folderLock.js';
import { bringUpToDate } from '../storage/bringUpToDate.js';
import { databaseFileIn } from '../storage/ShopPlace.js';
import { treeOntoDisk } from '../storage/ontoDisk.js';
import { checkUnpacked } from './checkBackup.js';
import { fileStamp } from '../time/fileStamp.js';
import { takeFromPool } from './photoPool.js';
import { exchangeShops, finishRestore, unpackedFolder } from './restoreJournal.js';
import { contentsOf, unpackBackup } from './unpackBackup.js';

/**
 * Puts a backup in the place of what a data folder holds. What is there is set aside whole, in a folder of its own beside it;
 * nothing is touched before the backup is unpacked, looked through and brought up to date.
 *
 * @returns the folder that the state before is kept in; null where there was none
 * @throws StartFault where the shop is being served or the backup cannot be brought up to date, BrokenBackup where it is not whole
 */
export async function restoreBackup(file: string, dataFolder: string, now: Date): Promise<string | null> {
  const lock = lockFolder(dataFolder);
  try {
    await finishRestore(dataFolder);
    const unpacked = await stageBackup(file, dataFolder, now);
    return await exchangeShops(dataFolder, unpacked, fileStamp(now));
  } finally {
    lock.release();
  }
}

/** Unpacks a backup into an empty folder, looks it through and brings it up to date. @throws BrokenBackup where it is not whole */
export async function unpackInto(file: string, folder: string): Promise<void> {
  const contents = await contentsOf(file);
  await unpackBackup(file, folder);
  if (contents.photosLie === 'beside') await takeFromPool(file, folder, contents);
  await checkUnpacked(folder, contents);
  const copy = await bringUpToDate(databaseFileIn(folder));
  // The backup itself is the copy of before.
  if (copy !== null) await rm(copy);
}

/**
 * Unpacks a backup beside what a data folder holds, looks it through and brings it up to date.
 *
 * @returns the folder it lies in, which is all on the disk
 */
export async function stageBackup(file: string, dataFolder: string, now: Date): Promise<string> {
  const unpacked = unpackedFolder(dataFolder, fileStamp(now));
  await mkdir(unpacked, { recursive: true });
  try {
    await unpackInto(file, unpacked);
    await treeOntoDisk(unpacked);
    return unpacked;
  } catch (fault) {
    await rm(unpacked, { recursive: true });
    throw fault;
  }
}
