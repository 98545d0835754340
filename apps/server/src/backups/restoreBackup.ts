import { mkdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { lockFolder } from '../start/folderLock.js';
import { bringUpToDate } from '../storage/bringUpToDate.js';
import { treeOntoDisk } from '../storage/ontoDisk.js';
import { checkUnpacked } from './checkBackup.js';
import { fileStamp } from './fileStamp.js';
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

/**
 * Unpacks a backup beside what a data folder holds, looks it through and brings it up to date.
 *
 * @returns the folder it lies in, which is all on the disk
 */
export async function stageBackup(file: string, dataFolder: string, now: Date): Promise<string> {
  const unpacked = unpackedFolder(dataFolder, fileStamp(now));
  await mkdir(unpacked, { recursive: true });
  try {
    const contents = await contentsOf(file);
    await unpackBackup(file, unpacked);
    if (contents.photosLie === 'beside') await takeFromPool(file, unpacked, contents);
    await checkUnpacked(unpacked, contents);
    const copy = await bringUpToDate(join(unpacked, 'heron.sqlite'));
    // The backup itself is the copy of before.
    if (copy !== null) await rm(copy);
    await treeOntoDisk(unpacked);
    return unpacked;
  } catch (fault) {
    await rm(unpacked, { recursive: true });
    throw fault;
  }
}
