import { mkdtemp, rm } from 'node:fs/promises';
import { join } from 'node:path';
import pg from 'pg';
import { moveShop } from '../move/face/moveShop.js';
import { connectedTo, schemaOf } from '../storage/postgres.js';
import { scratchFolder } from '../storage/scratchFolder.js';
import { whileNobodyServes } from '../storage/servedLock.js';
import { shopIn, type ShopPlace } from '../storage/ShopPlace.js';
import { fileStamp } from '../time/fileStamp.js';
import { unpackInto } from './restoreBackup.js';

/**
 * Puts a backup in the place of a shop whose rows a server keeps. It is put beside that shop first and looked through there; then both change
 * names in one step. What was there is kept whole under another name.
 *
 * @returns the schema that the state before is kept in
 * @throws StartFault where the shop is being served, BrokenBackup where the backup is not whole
 */
export async function restoreToServer(
  file: string,
  place: ShopPlace & { readonly url: string },
  now: Date,
): Promise<string> {
  const unpacked = await mkdtemp(join(await scratchFolder(place.folder), 'restore-'));
  try {
    await unpackInto(file, unpacked);
    return await whileNobodyServes(place.url, async () => {
      const beside = `${schemaOf(place.url)}_restoring`;
      await dropped(place.url, beside);
      await moveShop(
        shopIn(unpacked),
        { ...place, url: withSchema(place.url, beside) },
        now,
        () => undefined,
      );
      const aside = `${schemaOf(place.url)}_before_restore_${fileStamp(now).replaceAll(/\W/g, '').toLowerCase()}`;
      await exchanged(place.url, beside, aside);
      return aside;
    });
  } finally {
    await rm(unpacked, { recursive: true });
  }
}

function withSchema(url: string, schema: string): string {
  const other = new URL(url);
  other.searchParams.set('schema', schema);
  return other.toString();
}

/** What a restore that was cut short had put there. */
const dropped = (url: string, schema: string): Promise<void> =>
  inOneStep(url, [`DROP SCHEMA IF EXISTS ${pg.escapeIdentifier(schema)} CASCADE`]);

/** What machines said since the backup stays: backups leave it out. */
function exchanged(url: string, beside: string, aside: string): Promise<void> {
  const [now, next, before] = [schemaOf(url), beside, aside].map((name) => pg.escapeIdentifier(name));
  return inOneStep(url, [
    `INSERT INTO ${next}.heard_spell SELECT * FROM ${now}.heard_spell`,
    `ALTER SCHEMA ${now} RENAME TO ${before}`,
    `ALTER SCHEMA ${next} RENAME TO ${now}`,
  ]);
}

async function inOneStep(url: string, statements: readonly string[]): Promise<void> {
  const client = await connectedTo(url);
  try {
    await client.query('BEGIN');
    for (const statement of statements) await client.query(statement);
    await client.query('COMMIT');
  } finally {
    await client.end();
  }
}
