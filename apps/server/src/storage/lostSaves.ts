import { existsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { z } from 'zod';
import { readJsonFile } from './readJsonFile.js';
import { connectedTo } from './postgres.js';
import { databaseFileIn, type ShopPlace } from './ShopPlace.js';
import { readSavesNote, writeSavesNote } from './savesNote.js';

const foundFile = 'lost-saves.json';

/** Saves that were acknowledged once and are in the database no more. */
const lostSchema = z.strictObject({
  missing: z.int().positive(),
  /** When the last of them was acknowledged, ISO 8601. */
  lastAt: z.iso.datetime(),
  foundAt: z.iso.datetime(),
});
export type LostSaves = z.infer<typeof lostSchema>;

/**
 * Holds a database against what the shop had acknowledged: a log that was cut, a disk that lied about having written, and an
 * older file that was put back by hand all leave a database that is whole and older than it was. What is found is written down
 * beside it and told for a while.
 *
 * @param place up to date
 * @returns what is missing; null where nothing is
 */
export async function lookForLostSaves(place: ShopPlace, now: Date): Promise<LostSaves | null> {
  const { folder } = place;
  const note = readSavesNote(folder);
  const saves = note === null ? null : await savesAt(place);
  if (note === null || saves === null || saves >= note.saves) return null;
  const lost: LostSaves = { missing: note.saves - saves, lastAt: note.at, foundAt: now.toISOString() };
  writeFileSync(join(folder, foundFile), JSON.stringify(lost));
  // Told once: from here on the count goes on from what there is.
  await writeSavesNote(folder, { saves, at: lost.foundAt });
  return lost;
}

/** What was found missing in the last weeks; null where nothing was. */
export function readLostSaves(folder: string, now: Date): LostSaves | null {
  const lost = readJsonFile(join(folder, foundFile), lostSchema);
  return lost === null || now.getTime() - Date.parse(lost.foundAt) > toldFor ? null : lost;
}

/** Long enough for everybody to hear of it, ms. */
const toldFor = 14 * 24 * 3600 * 1000;

/** null where there is no shop yet. */
function savesAt({ folder, url }: ShopPlace): Promise<number | null> {
  const file = databaseFileIn(folder);
  if (url !== null) return savesInServer(url);
  return Promise.resolve(existsSync(file) ? savesInFile(file) : null);
}

async function savesInServer(url: string): Promise<number> {
  const client = await connectedTo(url);
  try {
    const { rows } = await client.query<{ count: number }>('SELECT count FROM saves');
    return rows[0]?.count ?? 0;
  } finally {
    await client.end();
  }
}

function savesInFile(databaseFile: string): number {
  const database = new Database(databaseFile, { readonly: true });
  try {
    return (database.prepare('SELECT count FROM saves').get() as { count: number }).count;
  } finally {
    database.close();
  }
}
