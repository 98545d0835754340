import { existsSync } from 'node:fs';
import { mkdir, rename, rm } from 'node:fs/promises';
import type { DataSource, DataSourceOptions } from 'typeorm';
import { copyPhotos } from '../copyPhotos.js';
import { markMoved, movedFromFile, requireNotMoved, unmarkMoved } from './movedMark.js';
import { fileStamp } from '../../time/fileStamp.js';
import { lockFolder } from '../../start/folderLock.js';
import { StartFault } from '../../start/StartFault.js';
import { atOneMoment } from '../../storage/atOneMoment.js';
import { bringServerUpToDate } from '../../storage/bringServerUpToDate.js';
import { copyRows, copySaves, type CopiedTable } from '../../storage/copyRows.js';
import { databaseOptions, fileOptions, openDatabase } from '../../storage/database.js';
import { inTransaction } from '../../storage/inTransaction.js';
import { fileOntoDisk, folderOntoDisk } from '../../storage/ontoDisk.js';
import { whileNobodyServes } from '../../storage/servedLock.js';
import { nextMigration } from '../../storage/setAside.js';
import { databaseFileIn, type ShopPlace } from '../../storage/ShopPlace.js';
import { shownAddress } from '../../storage/postgres.js';
import { telemetryFileIn } from '../../telemetry/face/telemetryRows.js';
import { moveSpells } from '../../telemetry/face/moveSpells.js';

/** What was carried over. */
export interface MovedShop {
  readonly tables: readonly CopiedTable[];
  /** null where both places keep them in the same folder. */
  readonly photos: number | null;
  readonly spells: number;
}

/**
 * Carries a whole shop to another place, whatever keeps its rows here and there. Nothing of the old one is changed but for a mark that
 * says where it went; what arrived was read back and held against what was sent before that mark is made.
 *
 * @param tell is told what is done as it is done
 * @throws StartFault where the shop is being served, is not up to date, or the new place has one already
 */
export async function moveShop(
  from: ShopPlace,
  to: ShopPlace,
  now: Date,
  tell: (line: string) => void,
): Promise<MovedShop> {
  return whileAlone(from, async () => {
    await requireNotMoved(from);
    requireUpToDate(from);
    const target = await prepared(to, now, tell);
    const tables = await carryRows(from, target, ({ table, rows }) => tell(`${table}: ${rows}`));
    const photos = await copyPhotos(from, to);
    const spells = await moveSpells(from, to);
    await target.settle();
    await markMoved(from, to, now);
    return { tables, photos, spells };
  });
}

/** Nobody serves it from a folder, nor from a server. */
async function whileAlone<Result>({ folder, url }: ShopPlace, act: () => Promise<Result>): Promise<Result> {
  if (url !== null) return whileNobodyServes(url, act);
  if (!existsSync(databaseFileIn(folder))) throw new StartFault(`There is no shop in ${folder}.`);
  const lock = lockFolder(folder);
  try {
    return await act();
  } finally {
    lock.release();
  }
}

/** Opening an older one would change it. */
function requireUpToDate({ folder, url }: ShopPlace): void {
  if (url !== null || nextMigration(databaseFileIn(folder)) === null) return;
  throw new StartFault(
    `The shop in ${folder} is of an earlier version: serve it once with this one, then move it.`,
  );
}

/** Where rows go to, and what makes it a shop once all of them are there. */
interface Target {
  readonly options: DataSourceOptions;
  readonly settle: () => Promise<void>;
}

async function prepared(to: ShopPlace, now: Date, tell: (line: string) => void): Promise<Target> {
  const { url } = to;
  if (url !== null) {
    await bringServerUpToDate({ ...to, url });
    return { options: databaseOptions(to), settle: () => Promise.resolve() };
  }
  await mkdir(to.folder, { recursive: true, mode: 0o700 });
  const file = databaseFileIn(to.folder);
  await setLeftAside(file, to.folder, now, tell);
  const part = `${file}.part`;
  await rm(part, { force: true });
  const settle = async () => {
    await fileOntoDisk(part);
    await rename(part, file);
    await folderOntoDisk(to.folder);
  };
  return { options: fileOptions(part), settle };
}

/** A shop that comes back finds the file that it was moved out of; any other one is not touched. */
async function setLeftAside(
  file: string,
  folder: string,
  now: Date,
  tell: (line: string) => void,
): Promise<void> {
  if (!existsSync(file)) return;
  if (movedFromFile(folder) === null)
    throw new StartFault(
      `There is a shop in ${folder} already; nothing is overwritten. Name an empty folder.`,
    );
  const stamp = fileStamp(now);
  for (const each of [file, telemetryFileIn(folder)]) {
    if (!existsSync(each)) continue;
    await rename(each, `${each}.before-move-${stamp}`);
    for (const beside of ['-wal', '-shm']) await rm(`${each}${beside}`, { force: true });
  }
  await unmarkMoved(folder);
  tell(`What was left there is kept as ${file}.before-move-${stamp}`);
}

async function carryRows(
  from: ShopPlace,
  { options }: Target,
  tell: (copied: CopiedTable) => void,
): Promise<readonly CopiedTable[]> {
  const source = await openDatabase({ ...databaseOptions(from), migrationsRun: false, logger: 'debug' });
  try {
    const target = await openDatabase({ ...options, logger: 'debug' });
    try {
      return await atOneMoment(source, (read) =>
        inTransaction(target, async (write) => {
          const copied = await copyRows(read, write, tell).catch((fault: unknown) => {
            throw toldFault(fault, options);
          });
          await copySaves(read, write);
          return copied;
        }),
      );
    } finally {
      await closed(target);
    }
  } finally {
    await source.destroy();
  }
}

/** A file that is one, and not one with a log beside it. */
async function closed(target: DataSource): Promise<void> {
  if (target.options.type !== 'postgres') await target.query('PRAGMA journal_mode = DELETE');
  await target.destroy();
}

function toldFault(fault: unknown, options: DataSourceOptions): unknown {
  const at = options.type === 'postgres' ? shownAddress(options.url ?? '') : String(options.database);
  return fault instanceof Error && /already$/.test(fault.message)
    ? new StartFault(
        `${at} holds a shop already (${fault.message}); nothing is overwritten. Name an empty one.`,
      )
    : fault;
}
