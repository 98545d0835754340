import { tmpdir } from 'node:os';
import pg from 'pg';
import { v7 as uuid } from 'uuid';
import { bringServerUpToDate } from '../storage/bringServerUpToDate.js';
import { serverMigrations } from '../storage/serverMigrations.js';
import { shopIn } from '../storage/ShopPlace.js';

/** Databases that a test is done with. */
const free: TestDatabase[] = [];

/** An empty shop's database in a server, up to date. Emptying one that a test is done with takes a tenth of making another. */
export class TestDatabase {
  /** Which rows it keeps a copy of beside the shop's tables; null where none. */
  private keeps: string | null = null;

  private constructor(
    private readonly server: string,
    private readonly name: string,
  ) {}

  static async empty(server: string): Promise<TestDatabase> {
    return free.pop() ?? (await TestDatabase.made(server));
  }

  private static async made(server: string): Promise<TestDatabase> {
    const newest = serverMigrations.at(-1)?.name.toLowerCase() ?? '';
    const template = `heron_${serverMigrations.length}_${newest}`;
    const name = `t_${uuid().replaceAll('-', '')}`;
    await connected(server, async (client) => {
      // Tests run side by side: one makes the template, and no two copy it at once.
      await client.query('SELECT pg_advisory_lock(1)');
      const there = await client.query('SELECT 1 FROM pg_database WHERE datname = $1', [template]);
      if (there.rowCount === 0) await makeTemplate(client, server, template);
      await client.query(`CREATE DATABASE ${name} TEMPLATE ${template}`);
    });
    return new TestDatabase(server, name);
  }

  get url(): string {
    return addressOf(this.server, this.name);
  }

  /** As it was made: without rows, and without connections of a shop that a test has left. */
  async letGo(): Promise<void> {
    await connected(this.url, async (client) => {
      await client.query(
        'SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = current_database() AND pid <> pg_backend_pid()',
      );
      await inOneCall(client, [
        asOwner,
        // A test leaves few rows: taking out the files of every table and its indexes takes twenty times as long.
        ...(await tables(client)).map((table) => `DELETE FROM heron.${table}`),
        nextChange('0'),
        'UPDATE heron.saves SET count = 0',
        'COMMENT ON SCHEMA heron IS NULL',
      ]);
    });
    free.push(this);
  }

  /** Keeps the rows that it holds now. @returns gives a database that holds the same */
  async kept(): Promise<() => Promise<TestDatabase>> {
    const key = uuid();
    await connected(this.url, async (client) => {
      await client.query('DROP SCHEMA IF EXISTS kept CASCADE; CREATE SCHEMA kept');
      for (const table of [...(await tables(client)), 'saves'])
        await client.query(`CREATE TABLE kept.${table} AS TABLE heron.${table}`);
    });
    this.keeps = key;
    const source = this.name;
    return async () => {
      const at = free.findIndex(({ keeps }) => keeps === key);
      const [database] = at < 0 ? [await TestDatabase.copied(this.server, source)] : free.splice(at, 1);
      if (database === undefined) throw new Error('a database that was free is gone');
      database.keeps = key;
      await connected(database.url, putBack);
      return database;
    };
  }

  /** Another beside one that is in use: whoever is connected to that is not disturbed, for its rows are read and not its files. */
  private static async copied(server: string, source: string): Promise<TestDatabase> {
    const database = await TestDatabase.made(server);
    await connected(addressOf(server, source), (from) =>
      connected(database.url, async (to) => {
        await to.query('CREATE SCHEMA kept');
        for (const table of [...(await tables(from)), 'saves']) {
          await to.query(`CREATE TABLE kept.${table} (LIKE heron.${table})`);
          const { rows } = await from.query<{ row: string }>(
            `SELECT row_to_json(it) AS row FROM kept.${table} it`,
          );
          await to.query(
            `INSERT INTO kept.${table} SELECT * FROM json_populate_recordset(NULL::kept.${table}, $1)`,
            [JSON.stringify(rows.map(({ row }) => row))],
          );
        }
      }),
    );
    return database;
  }
}

async function putBack(client: pg.Client): Promise<void> {
  await inOneCall(client, [
    asOwner,
    ...(await tables(client)).map((table) => `INSERT INTO heron.${table} SELECT * FROM kept.${table}`),
    'UPDATE heron.saves SET count = (SELECT count FROM kept.saves)',
    nextChange('(SELECT coalesce(max(id), 0) FROM heron.change)'),
  ]);
}

/** The owner of a test's server may put rows in, and take them out, whatever they refer to. */
const asOwner = "SET session_replication_role = 'replica'";
/** @param last number of the newest line of the history, as a statement says it */
const nextChange = (last: string) =>
  `SELECT setval(pg_get_serial_sequence('heron.change', 'id'), ${last} + 1, false)`;

/** All or none of them. */
async function inOneCall(client: pg.Client, statements: readonly string[]): Promise<void> {
  await client.query(statements.join(';\n'));
}

/** Those that hold rows of a shop, quoted. */
async function tables(client: pg.Client): Promise<readonly string[]> {
  const { rows } = await client.query<{ name: string }>(
    "SELECT format('%I', tablename) AS name FROM pg_tables WHERE schemaname = 'heron' AND tablename NOT IN ('migrations', 'saves')",
  );
  return rows.map(({ name }) => name);
}

async function makeTemplate(client: pg.Client, server: string, template: string): Promise<void> {
  const part = `${template}_part`;
  await client.query(`DROP DATABASE IF EXISTS ${part}`);
  await client.query(`CREATE DATABASE ${part}`);
  await bringServerUpToDate({ ...shopIn(tmpdir()), url: addressOf(server, part) });
  await client.query(`ALTER DATABASE ${part} RENAME TO ${template}`);
}

function addressOf(server: string, name: string): string {
  const url = new URL(server);
  url.pathname = `/${name}`;
  return url.toString();
}

async function connected<Result>(
  address: string,
  act: (client: pg.Client) => Promise<Result>,
): Promise<Result> {
  const client = new pg.Client({ connectionString: address, options: '-c search_path=heron' });
  await client.connect();
  try {
    return await act(client);
  } finally {
    await client.end();
  }
}
