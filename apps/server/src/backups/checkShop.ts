import { existsSync } from 'node:fs';
import { readdir } from 'node:fs/promises';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { BrokenBackup } from './BrokenBackup.js';
import { checkBackup } from './checkBackup.js';
import { contentsInWords } from './contentsInWords.js';
import { lostPhotosOf } from './lostPhotos.js';
import { photosNamed } from './photosNamed.js';
import { brokenLink, type HistoryLine } from '../changes/face/historyChain.js';
import { photoFilesOf } from '../photos/face/photoFilesOf.js';
import { freeBytesOn, leastFree } from '../storage/diskRoom.js';
import { readSavesNote } from '../storage/savesNote.js';
import { databaseFileIn, type ShopPlace } from '../storage/ShopPlace.js';
import { snapshotToFile } from '../storage/snapshotToFile.js';
import { nextMigration } from '../storage/setAside.js';
import { adviceFor, storageTrouble } from '../storage/storageFault.js';

/** One thing that was looked at. */
export interface Finding {
  readonly of: 'database' | 'version' | 'photos' | 'backup' | 'clock' | 'history' | 'saves' | 'disk';
  readonly isWell: boolean;
  readonly words: string;
}

/**
 * Looks through a whole shop, also while it is served: nothing is changed.
 *
 * @param scratch folder that backups are unpacked in meanwhile
 */
export async function* checkShop(place: ShopPlace, scratch: string, now: Date): AsyncGenerator<Finding> {
  const { folder } = place;
  const file = place.url === null ? databaseFileIn(folder) : join(scratch, 'heron.sqlite');
  const database = (await cannotBeCopied(place, file)) ?? openOrFind(file);
  if (database instanceof Database) {
    try {
      yield wholeDatabase(database);
      yield version(file);
      yield clock(database, now);
      yield history(database);
      yield saves(database, folder);
      yield await photos(database, place);
    } finally {
      database.close();
    }
  } else yield database;
  yield* backups(folder, scratch);
  yield await disk(folder);
}

/** What a server keeps is read whole, row by row, into a file that is looked through as another is. */
async function cannotBeCopied(place: ShopPlace, file: string): Promise<Finding | null> {
  if (place.url === null) return null;
  try {
    await snapshotToFile(place, file);
    return null;
  } catch (fault) {
    return { of: 'database', isWell: false, words: `it cannot be read whole: ${told(fault)}` };
  }
}

function openOrFind(file: string): Database.Database | Finding {
  if (!existsSync(file)) return { of: 'database', isWell: false, words: `${file} is not there` };
  try {
    const database = new Database(file, { readonly: true });
    database.prepare('SELECT count(*) FROM sqlite_master').get();
    return database;
  } catch (fault) {
    return { of: 'database', isWell: false, words: told(fault) };
  }
}

function wholeDatabase(database: Database.Database): Finding {
  try {
    const faults = database.pragma('integrity_check(5)') as { integrity_check: string }[];
    const said = faults.map((each) => each.integrity_check).join('; ');
    if (said !== 'ok') return { of: 'database', isWell: false, words: `${said}. ${adviceFor('damaged')}` };
    const dangling = (database.pragma('foreign_key_check') as unknown[]).length;
    const words =
      dangling === 0
        ? 'whole, and every reference leads somewhere'
        : `${dangling} references to what is not there`;
    return { of: 'database', isWell: dangling === 0, words };
  } catch (fault) {
    return { of: 'database', isWell: false, words: told(fault) };
  }
}

function version(file: string): Finding {
  try {
    const next = nextMigration(file);
    const words =
      next === null
        ? 'up to date'
        : `of an earlier version: the next start brings it up to date (from ${next})`;
    return { of: 'version', isWell: true, words };
  } catch (fault) {
    return { of: 'version', isWell: false, words: (fault as Error).message };
  }
}

/** The last line of the history is of a time to come where the clock was set back. */
function clock(database: Database.Database, now: Date): Finding {
  const has = database.prepare("SELECT 1 FROM sqlite_master WHERE name = 'change'").get() !== undefined;
  const last = has
    ? (database.prepare('SELECT at FROM change ORDER BY id DESC LIMIT 1').get() as { at: string } | undefined)
    : undefined;
  const isBack = last !== undefined && last.at > now.toISOString();
  const words = isBack
    ? `it shows ${now.toISOString()}, and the last entry is of ${last.at}: it was set back`
    : 'not behind the last entry';
  return { of: 'clock', isWell: !isBack, words };
}

/** Every line of the history bears a hash over itself and the one before. */
function history(database: Database.Database): Finding {
  const columns = database.pragma('table_info(change)') as { name: string }[];
  if (!columns.some(({ name }) => name === 'hash'))
    return { of: 'history', isWell: true, words: 'of an earlier version, which did not seal its lines' };
  const lines = database
    .prepare(
      'SELECT at, person_id AS personId, noun, subject_id AS subjectId, what, hash FROM change ORDER BY id',
    )
    .iterate() as IterableIterator<HistoryLine & { hash: string }>;
  const broken = brokenLink(lines);
  if (broken !== null) {
    const words = `line ${broken} is not what was written, or one before it was taken away: somebody changed the file`;
    return { of: 'history', isWell: false, words };
  }
  const { count } = database.prepare('SELECT count(*) AS count FROM change').get() as { count: number };
  return { of: 'history', isWell: true, words: `all ${count} lines as they were written` };
}

/** A database that is whole may still be older than it was. */
function saves(database: Database.Database, dataFolder: string): Finding {
  const note = readSavesNote(dataFolder);
  const counts = database.prepare("SELECT 1 FROM sqlite_master WHERE name = 'saves'").get() !== undefined;
  if (note === null || !counts) return { of: 'saves', isWell: true, words: 'not noted yet' };
  const { count } = database.prepare('SELECT count FROM saves').get() as { count: number };
  const isWell = count >= note.saves;
  const words = isWell
    ? `all ${note.saves} that were noted`
    : `${note.saves - count} that were acknowledged until ${note.at} are missing`;
  return { of: 'saves', isWell, words };
}

async function photos(database: Database.Database, place: ShopPlace): Promise<Finding> {
  const named = photosNamed(database);
  const lost = await lostPhotosOf(photoFilesOf(place), named);
  const words =
    lost.size === 0
      ? `all ${named.length} there and unchanged`
      : `${lost.size} of ${named.length} gone or damaged: ${[...lost].join(', ')}`;
  return { of: 'photos', isWell: lost.size === 0, words };
}

async function* backups(dataFolder: string, scratch: string): AsyncGenerator<Finding> {
  const folder = join(dataFolder, 'backups');
  const names = existsSync(folder) ? (await readdir(folder)).filter((name) => name.endsWith('.zip')) : [];
  if (names.length === 0) yield { of: 'backup', isWell: false, words: 'there is none: ./heron backup' };
  for (const name of names.toSorted().toReversed()) {
    try {
      yield {
        of: 'backup',
        isWell: true,
        words: `${name} holds ${contentsInWords(await checkBackup(join(folder, name), scratch))}`,
      };
    } catch (fault) {
      if (!(fault instanceof BrokenBackup)) throw fault;
      yield { of: 'backup', isWell: false, words: `${name}: ${fault.message}` };
    }
  }
}

async function disk(dataFolder: string): Promise<Finding> {
  const free = await freeBytesOn(dataFolder);
  return { of: 'disk', isWell: free >= leastFree, words: `${Math.round(free / 1024 ** 2)} MB free` };
}

function told(fault: unknown): string {
  const trouble = storageTrouble(fault);
  return `${(fault as Error).message}${trouble === null ? '' : `. ${adviceFor(trouble)}`}`;
}
