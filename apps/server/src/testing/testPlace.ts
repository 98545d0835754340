import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { shopIn, type ShopPlace } from '../storage/ShopPlace.js';
import { TestDatabase } from './TestDatabase.js';

/** Address of a PostgreSQL server that tests may make databases in; undefined where they run on files. */
const server = process.env['HERON_TEST_POSTGRES'];

/** A place for one test's shop. */
export interface TestPlace {
  readonly place: ShopPlace;
  readonly remove: () => Promise<void>;
  /** Keeps what it holds now, while no shop is open in it. @returns makes another place that holds the same */
  readonly kept: () => Promise<() => Promise<TestPlace>>;
}

/** Folders that outlive the test that made them, and go with its file. */
const keptFolders: string[] = [];
afterAll(() => {
  for (const folder of keptFolders.splice(0)) rmSync(folder, { recursive: true });
});

const newFolder = () => mkdtempSync(join(tmpdir(), 'heron-server-'));

/** An empty place in a folder of its own. */
export function folderPlace(from: string | null = null): TestPlace {
  const folder = newFolder();
  if (from !== null) cpSync(from, folder, { recursive: true });
  return {
    place: shopIn(folder),
    remove: () => rm(folder, { recursive: true }),
    kept: () => {
      const copy = keptCopy(folder);
      return Promise.resolve(() => Promise.resolve(folderPlace(copy)));
    },
  };
}

function keptCopy(folder: string): string {
  const copy = newFolder();
  keptFolders.push(copy);
  cpSync(folder, copy, { recursive: true });
  return copy;
}

/** An empty place on the engine that these tests run on: in a folder and, on a server, a database of its own. */
export async function testPlace(): Promise<TestPlace> {
  return server === undefined ? folderPlace() : databasePlace(await TestDatabase.empty(server), null);
}

function databasePlace(database: TestDatabase, from: string | null): TestPlace {
  const { place, remove } = folderPlace(from);
  return {
    place: { ...place, url: database.url },
    remove: async () => {
      await database.letGo();
      await remove();
    },
    kept: async () => {
      const copy = keptCopy(place.folder);
      const again = await database.kept();
      return async () => databasePlace(await again(), copy);
    },
  };
}
