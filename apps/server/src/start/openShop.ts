import { requireNotMoved } from '../move/face/movedMark.js';
import { finishRestore } from '../backups/restoreJournal.js';
import { bringServerUpToDate } from '../storage/bringServerUpToDate.js';
import { bringUpToDate } from '../storage/bringUpToDate.js';
import { lookForLostSaves, type LostSaves } from '../storage/lostSaves.js';
import { databaseFileIn, type ShopPlace } from '../storage/ShopPlace.js';
import { sweepScratch } from '../storage/scratchFolder.js';
import { lockFolder, type FolderLock } from './folderLock.js';
import { requireNoLostShop } from './lostShop.js';

/**
 * Takes the shop in a data folder for this process and makes it fit to be served: a restore that was cut short is finished,
 * what a killed process left is swept away, a lost shop is not begun anew, and an older one is brought up to date.
 *
 * @param say tells whoever starts the server what was done
 * @returns the lock on the folder, to be released when the shop is closed
 * @throws StartFault saying why it cannot be served, and what to do
 */
export async function openShop(place: ShopPlace, say: (line: string) => void): Promise<FolderLock> {
  const { folder } = place;
  const lock = lockFolder(folder);
  try {
    const finished = await finishRestore(folder);
    if (finished !== null) say('A restore that was cut short is finished.');
    await sweepScratch(folder);
    await requireNotMoved(place);
    const copy =
      place.url === null ? await fileReady(folder) : await bringServerUpToDate({ ...place, url: place.url });
    if (copy !== null) say(`The database was brought up to date; the old one is kept as ${copy}`);
    const lost = await lookForLostSaves(place, new Date());
    if (lost !== null) say(lostInWords(lost));
    return lock;
  } catch (error) {
    lock.release();
    throw error;
  }
}

async function fileReady(folder: string): Promise<string | null> {
  const file = databaseFileIn(folder);
  requireNoLostShop(file);
  return bringUpToDate(file);
}

function lostInWords({ missing, lastAt }: LostSaves): string {
  const saves = missing === 1 ? 'One save that was' : `${missing} saves that were`;
  return (
    `${saves} acknowledged until ${lastAt} ${missing === 1 ? 'is' : 'are'} not in the database: its log was cut, the disk did ` +
    'not write what it said, or an older file was put back. Backups may have them: ./heron check looks through everything.'
  );
}
