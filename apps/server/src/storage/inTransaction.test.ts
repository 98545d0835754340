import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { inTransaction } from './inTransaction.js';

const folder = mkdtempSync(join(tmpdir(), 'heron-transaction-'));
const file = join(folder, 'test.sqlite');
let dataSource: DataSource;
beforeAll(async () => {
  dataSource = await new DataSource({
    type: 'better-sqlite3',
    database: file,
    enableWAL: true,
  }).initialize();
  await dataSource.query('CREATE TABLE line (words TEXT NOT NULL)');
});
afterAll(async () => {
  await dataSource.destroy();
  rmSync(folder, { recursive: true });
});

const write = (words: string | null) =>
  inTransaction(dataSource, (manager) => manager.query('INSERT INTO line VALUES (?)', [words]));

/** What another process would find: what is really stored. */
function stored(): unknown[] {
  const database = new Database(file, { readonly: true });
  const lines = database.prepare('SELECT words FROM line ORDER BY rowid').pluck().all();
  database.close();
  return lines;
}

/** As SQLite does where the disk refuses a commit: it rolls back by itself, and the commit fails. */
const refusedCommit = () =>
  inTransaction(dataSource, async (manager) => {
    await manager.query("INSERT INTO line VALUES ('refused')");
    await manager.query('ROLLBACK');
  });

describe('a transaction', () => {
  it('is stored for everybody when it ends', async () => {
    await write('first');
    expect(stored()).toEqual(['first']);
  });

  it('leaves nothing where it fails, and what comes after it is stored', async () => {
    await expect(write(null)).rejects.toThrow(/NOT NULL/);
    await write('second');
    expect(stored()).toEqual(['first', 'second']);
  });

  it('is told where the commit fails, twice as well, and what comes after it is stored', async () => {
    for (let i = 0; i < 2; i++) await expect(refusedCommit()).rejects.toThrow(/no transaction is active/);
    await write('third');
    expect(stored()).toEqual(['first', 'second', 'third']);
  });

  it('that is still open refuses what would not be kept', async () => {
    await dataSource.query('BEGIN');
    await expect(write('lost')).rejects.toThrow(/within a transaction/);
    await dataSource.query('ROLLBACK');
    await write('fourth');
    expect(stored()).toEqual(['first', 'second', 'third', 'fourth']);
  });
});
