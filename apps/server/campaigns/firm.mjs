import { randomUUID } from 'node:crypto';
import pg from 'pg';

/** What a generated firm has of each. */
const perWorkshop = {
  machines: 2,
  people: 4,
  windowsAMachine: 60,
  couponsAMachine: 5000,
  spellsAMachine: 50_000,
};

/** From when on it was welded, a window of a machine after the other: three years. */
const since = Date.parse('2023-12-01T07:00:00Z');
const lasts = 3 * 365 * 86_400_000;

/**
 * Turns the sample workshop in a PostgreSQL server into a firm: machines, people, windows, coupons and spells of light are copies of the
 * sample's, spread over its workshops and three years.
 *
 * @param url of the shop's schema
 * @returns rows and bytes of each table that grew
 */
export async function growFirm(url, workshops) {
  const client = new pg.Client({ connectionString: url.split('?')[0] });
  await client.connect();
  try {
    await client.query(`SET search_path TO ${pg.escapeIdentifier(new URL(url).searchParams.get('schema'))}`);
    // What is copied refers to what was copied before it: that need not be looked up millions of times.
    await client.query('SET synchronous_commit TO off');
    await client.query('SET session_replication_role TO replica');
    await growPlaces(client, workshops);
    await growWindows(client);
    await withoutIndexes(client, 'coupon', () => growCoupons(client));
    await withoutIndexes(client, 'heard_spell', () => growSpells(client));
    await client.query('VACUUM ANALYZE');
    return await sizes(client);
  } finally {
    await client.end();
  }
}

async function columnsOf(client, table) {
  const { rows } = await client.query(
    'SELECT column_name AS name FROM information_schema.columns WHERE table_schema = current_schema() AND table_name = $1 ORDER BY ordinal_position',
    [table],
  );
  return rows.map(({ name }) => name);
}

/** Copies rows of a table, some columns made anew. @param from what stands behind FROM, the row to be copied being t */
async function copyRows(client, table, anew, from) {
  const columns = await columnsOf(client, table);
  const quoted = columns.map((name) => pg.escapeIdentifier(name));
  const values = columns.map((name) => anew[name] ?? `t.${pg.escapeIdentifier(name)}`);
  await client.query(`INSERT INTO ${table} (${quoted.join(', ')}) SELECT ${values.join(', ')} FROM ${from}`);
}

async function growPlaces(client, workshops) {
  const ids = Array.from({ length: workshops }, () => randomUUID());
  await client.query(
    'INSERT INTO workshop (id, name) SELECT id, $2 || n FROM unnest($1::text[]) WITH ORDINALITY AS w(id, n)',
    [ids, 'Workshop '],
  );
  const placed = (table) =>
    `${table} t, (SELECT id, row_number() OVER (ORDER BY name) AS place FROM workshop) AS w, generate_series(1, ${table === 'machine' ? perWorkshop.machines : perWorkshop.people}) AS n(i) WHERE t.id = '${table === 'machine' ? 'bench' : 'maren'}'`;
  const name = (what) => `'${what} ' || w.place || '-' || n.i`;
  const id = (what) => `'${what}-' || w.place || '-' || n.i`;
  await copyRows(
    client,
    'person',
    { id: id('p'), name: name('Person'), workshop_id: 'w.id' },
    placed('person'),
  );
  await copyRows(
    client,
    'machine',
    { id: id('m'), name: name('unit'), workshop_id: 'w.id', position: '(w.place * 10 + n.i)::int' },
    placed('machine'),
  );
  await copyRows(
    client,
    'machine_revision',
    { machine_id: 'm.id', name: 'm.name' },
    "machine_revision t JOIN machine m ON m.id LIKE 'm-%' AND t.machine_id = 'bench' AND t.revision = m.revision",
  );
}

const moment = (ms) =>
  `to_char(to_timestamp((${ms}) / 1000.0) AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`;
const grown =
  "(SELECT id, revision, row_number() OVER (ORDER BY id) AS place, COUNT(*) OVER () AS machines FROM machine WHERE id LIKE 'm-%') AS m";

async function growWindows(client) {
  const { windowsAMachine: windows } = perWorkshop;
  const step = lasts / windows;
  await copyRows(
    client,
    'protective_window',
    {
      ...{ id: "m.id || '-w' || n.i", machine_id: 'm.id', number: 'n.i', stock_id: 'NULL' },
      previous_id: "CASE WHEN n.i = 1 THEN NULL ELSE m.id || '-w' || (n.i - 1) END",
      fitted_at: moment(`${since} + (n.i - 1)::bigint * ${step}`),
      removed_at: `CASE WHEN n.i = ${windows} THEN NULL ELSE ${moment(`${since} + n.i::bigint * ${step}`)} END`,
      removed_reason: `CASE WHEN n.i = ${windows} THEN NULL ELSE 'darkSpecks' END`,
      ...{ removed_note: "''", removed_found: 'NULL', undone_at: 'NULL', undone_by: 'NULL' },
    },
    `(SELECT * FROM protective_window LIMIT 1) AS t, ${grown}, generate_series(1, ${windows}) AS n(i)`,
  );
}

async function growCoupons(client) {
  const { couponsAMachine: coupons, windowsAMachine: windows } = perWorkshop;
  const each = coupons / windows;
  const highest = Number((await client.query('SELECT MAX(number) AS number FROM coupon')).rows[0].number);
  const sample = Number(
    (await client.query("SELECT COUNT(*) AS sample FROM coupon WHERE machine_id = 'bench'")).rows[0].sample,
  );
  // Each copy of another of the sample's, so that metals, looks and settings stay as they are mixed there.
  await copyRows(
    client,
    'coupon',
    {
      id: "m.id || '-c' || n.i",
      number: `(${highest} + (n.i - 1) * m.machines + m.place)::int`,
      ...{ machine_id: 'm.id', machine_revision: 'm.revision' },
      person_id: "'p-' || split_part(m.id, '-', 2) || '-' || (1 + n.i % 4)",
      window_id: `m.id || '-w' || least(${windows}, 1 + floor((n.i - 1) / ${each}))`,
      welded_at: moment(`${since} + n.i::bigint * ${lasts / coupons}::bigint`),
      recorded_at: moment(`${since} + n.i::bigint * ${lasts / coupons}::bigint`),
      ...{ ladder_id: 'NULL', withdrawn_at: 'NULL' },
    },
    `${grown}, generate_series(1, ${coupons}) AS n(i) JOIN (SELECT *, row_number() OVER (ORDER BY number) - 1 AS place_of FROM coupon WHERE machine_id = 'bench') AS t ON t.place_of = (n.i * 7919) % ${sample}`,
  );
}

async function growSpells(client) {
  const { spellsAMachine: spells } = perWorkshop;
  const step = Math.floor(lasts / spells);
  const figures = JSON.stringify({ lit: 12.4, powerW: 870, flowLMin: 15, waterC: 22.1, headC: 24.6 });
  // As the store keeps them once they are a year old: figures without a curve.
  await client.query(
    `INSERT INTO heard_spell (id, machine_id, started_at, ended_at, source, figures, step_s, curve)
     SELECT m.id || ' ' || (${since} + n.i::bigint * ${step}), m.id, ${since} + n.i::bigint * ${step}, ${since} + n.i::bigint * ${step} + 12400, 'mqtt', $1, 0, NULL
     FROM ${grown}, generate_series(1, ${spells}) AS n(i)`,
    [figures],
  );
}

/** Millions of rows are put in many times faster where their indexes are made once behind them. */
async function withoutIndexes(client, table, grow) {
  const { rows } = await client.query(
    "SELECT indexname AS name, indexdef AS made FROM pg_indexes WHERE schemaname = current_schema() AND tablename = $1 AND indexdef NOT LIKE 'CREATE UNIQUE%'",
    [table],
  );
  for (const { name } of rows) await client.query(`DROP INDEX ${pg.escapeIdentifier(name)}`);
  await grow();
  for (const { made } of rows) await client.query(made);
}

async function sizes(client) {
  const { rows } = await client.query(
    `SELECT c.relname AS table, c.reltuples::bigint AS rows, pg_total_relation_size(c.oid) AS bytes, pg_relation_size(c.oid) AS heap
     FROM pg_class c JOIN pg_namespace n ON n.oid = c.relnamespace WHERE n.nspname = current_schema() AND c.relkind = 'r' ORDER BY bytes DESC LIMIT 4`,
  );
  return rows.map(({ table, rows: count, bytes, heap }) => ({
    ...{ table, rows: Number(count), bytes: Number(bytes), heap: Number(heap) },
  }));
}
