import pg from 'pg';
import { StartFault } from '../start/StartFault.js';
import { databaseOptions, openDatabase } from './database.js';
import { serverMigrations } from './serverMigrations.js';
import { bytesDomain, connectedTo, schemaOf, shownAddress } from './postgres.js';
import type { ShopPlace } from './ShopPlace.js';

const known = serverMigrations.map(({ name }) => name);
/** Oldest that is tried. */
const leastVersion = 15;

/**
 * Brings the shop's schema in a PostgreSQL server to the shape of this version, all steps or none of them; it is made where it is missing.
 * Of several servers that start at once one does it and the others wait.
 *
 * @returns name of the schema that the rows of before are copied to; null where nothing had to be done, or there were none
 * @throws StartFault for a server that cannot be reached or is too old, and for a database that this version cannot open
 */
export async function bringServerUpToDate(place: ShopPlace & { url: string }): Promise<string | null> {
  const client = await connectedTo(place.url);
  try {
    await requireFit(client, place.url);
    const schema = schemaOf(place.url);
    // Given back with the connection, however this ends.
    await client.query('SELECT pg_advisory_lock(hashtext($1))', [`lone-heron start ${schema}`]);
    await makeSchema(client, schema);
    const applied = await appliedIn(client);
    requireNoneNewer(applied, place.url);
    const next = known[applied.length];
    if (next === undefined) return null;
    const aside = applied.length === 0 ? null : await setAside(client, schema, next);
    await migrate(place);
    await sortByCode(client);
    return aside;
  } catch (error) {
    throw error instanceof StartFault ? error : new StartFault(cannotBePrepared(place.url, error as Error));
  } finally {
    await client.end();
  }
}

async function requireFit(client: pg.Client, url: string): Promise<void> {
  const { rows } = await client.query<{ version: string; encoding: string }>(
    "SELECT current_setting('server_version_num') AS version, current_setting('server_encoding') AS encoding",
  );
  const [{ version, encoding } = { version: '0', encoding: '' }] = rows;
  if (Number(version) < leastVersion * 10_000)
    throw new StartFault(
      `The server of ${shownAddress(url)} is PostgreSQL ${Math.floor(Number(version) / 10_000)}; ${leastVersion} or later is needed.`,
    );
  if (encoding !== 'UTF8')
    throw new StartFault(
      `The database ${shownAddress(url)} is encoded in ${encoding}; it must be UTF8 (createdb --encoding=UTF8).`,
    );
}

/** What a name is in a statement; the address was looked at before. */
const quoted = (name: string): string => pg.escapeIdentifier(name);

async function makeSchema(client: pg.Client, schema: string): Promise<void> {
  await client.query(`CREATE SCHEMA IF NOT EXISTS ${quoted(schema)}`);
  const { rowCount } = await client.query(
    'SELECT 1 FROM pg_type JOIN pg_namespace ON pg_namespace.oid = typnamespace WHERE typname = $1 AND nspname = $2',
    [bytesDomain, schema],
  );
  if (rowCount === 0) await client.query(`CREATE DOMAIN ${quoted(bytesDomain)} AS bytea`);
}

async function appliedIn(client: pg.Client): Promise<readonly string[]> {
  const table = await client.query("SELECT to_regclass('migrations') AS oid");
  if ((table.rows[0] as { oid: unknown }).oid === null) return [];
  const { rows } = await client.query<{ name: string }>('SELECT name FROM migrations ORDER BY id');
  return rows.map(({ name }) => name);
}

function requireNoneNewer(applied: readonly string[], url: string): void {
  const newer = applied.filter((name) => !known.includes(name));
  if (newer.length === 0) return;
  throw new StartFault(
    `The database ${shownAddress(url)} was made by a newer version (${newer.join(', ')}). Start that version, or another HERON_DATABASE_URL.`,
  );
}

/** Copies the rows of every table to a schema of its own: without what binds them, to be read and put back by hand. */
async function setAside(client: pg.Client, schema: string, next: string): Promise<string | null> {
  const name = `${schema}_before_${next.toLowerCase()}`;
  const there = await client.query('SELECT 1 FROM pg_namespace WHERE nspname = $1', [name]);
  // A start that fails and is tried again does not copy again.
  if (there.rowCount !== 0) return name;
  const { rows } = await client.query<{ table: string }>(
    'SELECT tablename AS table FROM pg_tables WHERE schemaname = $1',
    [schema],
  );
  await client.query('BEGIN');
  await client.query(`CREATE SCHEMA ${quoted(name)}`);
  for (const { table } of rows)
    await client.query(`CREATE TABLE ${quoted(name)}.${quoted(table)} AS TABLE ${quoted(table)}`);
  await client.query('COMMIT');
  return name;
}

async function migrate(place: ShopPlace): Promise<void> {
  const source = await openDatabase({
    ...databaseOptions(place),
    // What fails is told once, in one line.
    logger: 'debug',
  });
  try {
    await source.runMigrations({ transaction: 'all' });
  } finally {
    await source.destroy();
  }
}

/** Text sorts and compares letter code by letter code, as in a file, whatever the server's language is: lists have one order. */
async function sortByCode(client: pg.Client): Promise<void> {
  const { rows } = await client.query<{ table: string; columns: string }>(`
    SELECT table_name AS table,
      string_agg(format('ALTER COLUMN %I TYPE %s COLLATE "C"', column_name, data_type), ', ') AS columns
    FROM information_schema.columns
    WHERE table_schema = current_schema() AND data_type IN ('text', 'character varying')
      AND coalesce(collation_name, (
        SELECT CASE WHEN datlocprovider = 'c' THEN datcollate ELSE '' END
        FROM pg_database WHERE datname = current_database()
      )) <> 'C'
    GROUP BY table_name`);
  for (const { table, columns } of rows) await client.query(`ALTER TABLE ${quoted(table)} ${columns}`);
}

function cannotBePrepared(url: string, { message }: Error): string {
  return `The database ${shownAddress(url)} could not be made ready (${message.split('\n')[0]}). It is as it was; start the version that it was served by until now.`;
}
