import { StartFault } from '../start/StartFault.js';
import { databaseOptions, openDatabase } from '../storage/database.js';
import type { ShopPlace } from '../storage/ShopPlace.js';
import { namedPhotos } from '../photos/face/namedPhotos.js';
import { photoFilesOf } from '../photos/face/photoFilesOf.js';

/**
 * Copies every photo that a shop names to where the other place keeps its own, each held against its hash. One that was lost before is
 * lost there too.
 *
 * @returns how many arrived; null where both places keep them in the same folder, or bucket
 */
export async function copyPhotos(from: ShopPlace, to: ShopPlace): Promise<number | null> {
  if (from.photos === to.photos) return null;
  const named = await photosNamedIn(from);
  const [here, there] = [photoFilesOf(from), photoFilesOf(to)];
  const copied = await there.takeAll(here, named);
  for (const hash of named)
    if (!(await there.isWhole(hash)) && (await here.isWhole(hash)))
      throw new StartFault(`The photo ${hash} did not arrive as it was sent.`);
  return copied;
}

async function photosNamedIn(place: ShopPlace): Promise<readonly string[]> {
  const source = await openDatabase({ ...databaseOptions(place), migrationsRun: false, logger: 'debug' });
  try {
    return [...(await namedPhotos(source.manager))];
  } finally {
    await source.destroy();
  }
}
