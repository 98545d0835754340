import { atOneMoment } from './atOneMoment.js';
import { copyRows, copySaves } from './copyRows.js';
import { databaseOptions, fileOptions, openDatabase } from './database.js';
import { inTransaction } from './inTransaction.js';
import type { ShopPlace } from './ShopPlace.js';

/**
 * Writes the rows of a shop in a server into a database file, as they stand at one moment, while it is being worked with.
 *
 * @param file that does not exist yet
 */
export async function snapshotToFile(place: ShopPlace, file: string): Promise<void> {
  const from = await openDatabase({ ...databaseOptions(place), logger: 'debug' });
  try {
    const to = await openDatabase({ ...fileOptions(file), logger: 'debug' });
    try {
      await atOneMoment(from, (read) =>
        inTransaction(to, async (write) => {
          await copyRows(read, write);
          await copySaves(read, write);
        }),
      );
      // One file that can be copied as it is.
      await to.query('PRAGMA journal_mode = DELETE');
    } finally {
      await to.destroy();
    }
  } finally {
    await from.destroy();
  }
}
