import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { shopIn } from '../storage/ShopPlace.js';
import { fileOptions } from '../storage/database.js';
import { openDataFolder } from './dataFolder.js';
import { lockFolder } from './folderLock.js';
import { openShop } from './openShop.js';
import { StartFault } from './StartFault.js';

const folder = mkdtempSync(join(tmpdir(), 'heron-open-'));
afterAll(() => rmSync(folder, { recursive: true }));

/** Opens the shop in a folder and closes it again. */
async function openOnce(databaseFile: string): Promise<string[]> {
  const said: string[] = [];
  const lock = await openShop(shopIn(dirname(databaseFile)), (line) => said.push(line));
  lock.release();
  return said;
}

async function whyNot(databaseFile: string): Promise<string> {
  const fault = await openOnce(databaseFile).catch((error: unknown) => error);
  expect(fault).toBeInstanceOf(StartFault);
  return (fault as StartFault).message;
}

const emptyFolder = () => join(mkdtempSync(join(folder, 'shop-')), 'heron.sqlite');
async function shop(): Promise<string> {
  const file = emptyFolder();
  await (await new DataSource(fileOptions(file)).initialize()).destroy();
  return file;
}

describe('opening a shop', () => {
  it('is done by one process at a time, whoever comes second is told in one line', async () => {
    const file = await shop();
    const lock = lockFolder(dirname(file));
    expect(await whyNot(file)).toContain('is being served already. Stop that server');
    lock.release();
    expect(await openOnce(file)).toEqual([]);
  });

  it('sweeps what a killed process left', async () => {
    const file = await shop();
    const left = ['scratch', 'restoring-2026-11-25T18-00-00-000Z'].map((name) => join(dirname(file), name));
    for (const path of left) {
      mkdirSync(path);
      writeFileSync(join(path, 'half.zip'), 'half');
    }
    await openOnce(file);
    expect(left.filter(existsSync)).toEqual([]);
  });

  it.each([
    ['photos', 'photos/37/37a4'],
    ['backups', 'backups/heron-2026-11-25T18-00-00-000Z.zip'],
    ['a restore', 'before-restore-2026-11-25T18-00-00-000Z/heron.sqlite'],
    ['a copy of before an upgrade', 'heron.sqlite.before-Upkeep1764900000000'],
    ['what was not yet in the database', 'heron.sqlite-wal'],
  ])('does not begin a new one where %s lies and the database is missing or empty', async (_, name) => {
    const file = emptyFolder();
    const left = join(dirname(file), name);
    mkdirSync(dirname(left), { recursive: true });
    writeFileSync(left, 'kept');
    for (const state of ['missing', 'empty']) {
      if (state === 'empty') writeFileSync(file, '');
      const why = await whyNot(file);
      expect(why).toContain('its database is missing or empty. No new one is begun over it.');
      expect(why).toContain(name.split('/')[0]);
      expect(why.includes(`Restore the newest backup: ./heron restore ${left}`)).toBe(
        name.startsWith('backups'),
      );
      expect(readFileSync(left, 'utf8')).toBe('kept');
    }
  });

  it('begins one in an empty folder, also where folders for photos and backups are waiting', async () => {
    const file = emptyFolder();
    mkdirSync(join(dirname(file), 'photos'));
    mkdirSync(join(dirname(file), 'backups'));
    expect(await openOnce(file)).toEqual([]);
  });

  it('says of a damaged database what to do, and does not touch it', async () => {
    const file = await shop();
    const bytes = readFileSync(file);
    bytes.fill(7, 0, 100);
    writeFileSync(file, bytes);
    expect(await whyNot(file)).toContain('It is damaged, or no database at all. Leave it as it is');
    expect(readFileSync(file)).toEqual(bytes);
  });

  it('whose upgrade fails is as it was, and the copy is named; trying again makes no other', async () => {
    const file = emptyFolder();
    const older = new Database(file);
    // The first migration makes this table too, and fails on it.
    older.exec("CREATE TABLE machine (word TEXT); INSERT INTO machine VALUES ('still here')");
    older.exec(
      'CREATE TABLE migrations (id INTEGER PRIMARY KEY AUTOINCREMENT, timestamp BIGINT, name VARCHAR)',
    );
    older.close();
    const copy = `${file}.before-Beginnings1763900000000`;
    for (let time = 0; time < 2; time++) {
      const why = await whyNot(file);
      expect(why).toContain('could not be brought up to date (');
      expect(why).toContain(
        `It is as it was, and a copy of it is ${copy}. Start the version that it was served by until now.`,
      );
      expect(why).not.toContain('\n');
    }
    const after = new Database(file, { readonly: true });
    expect(after.prepare('SELECT word FROM machine').get()).toEqual({ word: 'still here' });
    after.close();
    const copies = readdirSync(dirname(file)).filter((name) => name.includes('.before-'));
    expect(copies).toEqual(['heron.sqlite.before-Beginnings1763900000000']);
  });
});

describe('the folder of a shop', () => {
  it('is nobody’s but whose server it is', () => {
    const open = join(folder, 'open');
    mkdirSync(open);
    chmodSync(open, 0o755);
    openDataFolder(open);
    expect(statSync(open).mode & 0o777).toBe(0o700);
  });
});
