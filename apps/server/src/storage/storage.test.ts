import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { startFileServer, startSampleServer } from '../testing/sampleServer.js';
import { fileOptions } from './database.js';
import { migrations } from './migrations/index.js';
import { setAsideBeforeMigrating } from './setAside.js';
import { WriteQueue } from './writeQueue.js';

const folder = mkdtempSync(join(tmpdir(), 'heron-storage-'));
afterAll(() => rmSync(folder, { recursive: true }));

describe('the database', () => {
  it('is in WAL, writes through to the disk, and holds foreign keys', async () => {
    const server = await startFileServer();
    const dataSource = server.app.get(DataSource);
    const pragma = async (name: string) =>
      Object.values((await dataSource.query<[object]>(`PRAGMA ${name}`))[0])[0] as unknown;
    expect(await pragma('journal_mode')).toBe('wal');
    expect(await pragma('synchronous')).toBe(2);
    expect(await pragma('foreign_keys')).toBe(1);
    expect(await dataSource.query('PRAGMA foreign_key_check')).toEqual([]);
    await server.stop();
  });

  it('has the shape that the entities describe, from migrations alone', async () => {
    const dataSource = await new DataSource(fileOptions(join(folder, 'shape.sqlite'))).initialize();
    const drift = await dataSource.driver.createSchemaBuilder().log();
    expect(drift.upQueries.map(({ query }) => query)).toEqual([]);
    for (let left = migrations.length; left > 0; left--) await dataSource.undoLastMigration();
    expect(await dataSource.query("SELECT name FROM sqlite_master WHERE name = 'coupon'")).toEqual([]);
    await dataSource.destroy();
  });

  it('keeps nothing of a write that failed half-way', async () => {
    const server = await startSampleServer();
    const count = async () =>
      (await server.app.get(DataSource).query<[{ n: number }]>('SELECT COUNT(*) AS n FROM person'))[0].n;
    const before = await count();
    const failing = server.app.get(WriteQueue).run(async (manager) => {
      await manager.query("INSERT INTO person (id, name, role) VALUES ('x', 'X', 'lead')");
      throw new Error('half-way');
    });
    await expect(failing).rejects.toThrow('half-way');
    expect(await count()).toBe(before);
    await server.stop();
  });
});

describe('before migrating', () => {
  const file = (name: string) => join(folder, name);

  it('does nothing for a new or an up-to-date database', async () => {
    expect(await setAsideBeforeMigrating(file('none.sqlite'))).toBeNull();
    const dataSource = await new DataSource(fileOptions(file('current.sqlite'))).initialize();
    await dataSource.destroy();
    expect(await setAsideBeforeMigrating(file('current.sqlite'))).toBeNull();
  });

  it('sets a whole copy aside for an older database', async () => {
    const older = new Database(file('older.sqlite'));
    older.exec("CREATE TABLE kept (word TEXT); INSERT INTO kept VALUES ('still here')");
    older.close();
    const copy = await setAsideBeforeMigrating(file('older.sqlite'));
    expect(copy).toMatch(/older\.sqlite\.before-Beginnings/);
    expect(existsSync(copy as string)).toBe(true);
    const opened = new Database(copy as string);
    expect(opened.prepare('SELECT word FROM kept').get()).toEqual({ word: 'still here' });
    opened.close();
  });

  it('refuses a database of a newer version and leaves it as it is', async () => {
    const newer = new Database(file('newer.sqlite'));
    newer.exec(
      "CREATE TABLE migrations (id INTEGER, timestamp INTEGER, name TEXT); INSERT INTO migrations VALUES (1, 1, 'Tomorrow2')",
    );
    newer.close();
    const bytes = readFileSync(file('newer.sqlite'));
    await expect(setAsideBeforeMigrating(file('newer.sqlite'))).rejects.toThrow(
      /made by a newer version \(Tomorrow2\)/,
    );
    expect(readFileSync(file('newer.sqlite'))).toEqual(bytes);
  });

  it('refuses a file that is no database', async () => {
    writeFileSync(file('notes.sqlite'), 'buy argon '.repeat(200));
    await expect(setAsideBeforeMigrating(file('notes.sqlite'))).rejects.toThrow(
      /cannot be opened \(file is not a database\)\. It is damaged, or no database at all\./,
    );
  });
});
