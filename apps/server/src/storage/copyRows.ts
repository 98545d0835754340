import type { EntityManager, EntityMetadata } from 'typeorm';
import { isInServer } from './postgres.js';
import { quoted, RowSum, rowsOf, type TableRow } from './rowsOf.js';
import { tableOrder } from './tableOrder.js';

/** What was carried over of one table. */
export interface CopiedTable {
  readonly table: string;
  readonly rows: number;
  /** SHA-256 over all of them, the same whatever keeps them. */
  readonly hash: string;
}

/** Values in one statement: under what SQLite takes (32,766) and PostgreSQL (65,535). */
const mostValues = 20_000;

/**
 * Copies every row of the tables that a database has from another, whatever keeps either, into one that has none. What arrived is read
 * back and held against what was sent, table by table, by count and by hash.
 *
 * @param from sees one moment of the shop from beginning to end
 * @param to is in a transaction of its own, which the caller ends
 * @param tell is told of each table once it is over
 * @throws where the target holds rows already, or a table did not arrive as it was sent
 */
export async function copyRows(
  from: EntityManager,
  to: EntityManager,
  tell: (copied: CopiedTable) => void = () => undefined,
): Promise<readonly CopiedTable[]> {
  const tables = tableOrder(to.dataSource);
  await requireEmpty(to, tables);
  const copied: CopiedTable[] = [];
  for (const table of tables) {
    const sent = await copyTable(from, to, table);
    const arrived = new RowSum();
    for await (const rows of rowsOf(to, table)) arrived.add(rows);
    const { rows, hash } = arrived.end();
    if (rows !== sent.rows || hash !== sent.hash)
      throw new Error(`${table.tableName} did not arrive as it was sent: ${rows} of ${sent.rows} rows`);
    const one = { table: table.tableName, rows, hash };
    copied.push(one);
    tell(one);
  }
  return copied;
}

async function requireEmpty(to: EntityManager, tables: readonly EntityMetadata[]): Promise<void> {
  for (const { tableName } of tables) {
    const found = await to.query<unknown[]>(`SELECT 1 FROM ${quoted(tableName)} LIMIT 1`);
    if (found.length > 0) throw new Error(`there are rows in ${tableName} already`);
  }
}

async function copyTable(
  from: EntityManager,
  to: EntityManager,
  table: EntityMetadata,
): Promise<ReturnType<RowSum['end']>> {
  const sum = new RowSum();
  const toItself = ownReferences(table);
  for await (const rows of rowsOf(from, table)) {
    sum.add(rows);
    // What a row refers to in its own table may come later.
    await putIn(to, table, toItself.length === 0 ? rows : rows.map((row) => without(row, toItself)));
  }
  if (toItself.length > 0)
    for await (const rows of rowsOf(from, table)) await putReferences(to, table, rows, toItself);
  await numberOn(to, table);
  return sum.end();
}

/** Places of the columns that refer to a table's own rows. */
function ownReferences(table: EntityMetadata): readonly number[] {
  const keys = table.foreignKeys.filter(({ referencedEntityMetadata }) => referencedEntityMetadata === table);
  return keys.flatMap(({ columns }) => columns.map((column) => table.columns.indexOf(column)));
}

const without = (row: TableRow, places: readonly number[]): TableRow =>
  row.map((value, at) => (places.includes(at) ? null : value));

async function putIn(
  to: EntityManager,
  { tableName, columns }: EntityMetadata,
  rows: readonly TableRow[],
): Promise<void> {
  const names = columns.map(({ databaseName }) => quoted(databaseName)).join(', ');
  const { driver } = to.dataSource;
  const atOnce = Math.floor(mostValues / columns.length);
  for (let begin = 0; begin < rows.length; begin += atOnce) {
    const some = rows.slice(begin, begin + atOnce);
    const values = some.map(
      (row, at) =>
        `(${row.map((_, column) => driver.createParameter('', at * row.length + column)).join(', ')})`,
    );
    await to.query(
      `INSERT INTO ${quoted(tableName)} (${names}) VALUES ${values.join(', ')}`,
      some.flatMap((row) => row.map((value) => asWritten(to, value))),
    );
  }
}

/** better-sqlite3 binds no truth values. */
function asWritten(to: EntityManager, value: TableRow[number]): TableRow[number] {
  return typeof value === 'boolean' && !isInServer(to.dataSource) ? Number(value) : value;
}

async function putReferences(
  to: EntityManager,
  { tableName, columns, primaryColumns }: EntityMetadata,
  rows: readonly TableRow[],
  places: readonly number[],
): Promise<void> {
  const keyAt = primaryColumns.map((column) => columns.indexOf(column));
  const named = [...places, ...keyAt].map(
    (at, nth) =>
      `${quoted(columns[at]?.databaseName ?? '')} = ${to.dataSource.driver.createParameter('', nth)}`,
  );
  const statement = `UPDATE ${quoted(tableName)} SET ${named.slice(0, places.length).join(', ')} WHERE ${named.slice(places.length).join(' AND ')}`;
  for (const row of rows)
    if (places.some((at) => row[at] !== null))
      await to.query(
        statement,
        [...places, ...keyAt].map((at) => row[at]),
      );
}

/** A table that numbers its rows goes on behind those that were put in with theirs. A file does by itself. */
async function numberOn(to: EntityManager, { tableName, generatedColumns }: EntityMetadata): Promise<void> {
  if (!isInServer(to.dataSource)) return;
  for (const { databaseName } of generatedColumns)
    await to.query(
      `SELECT setval(pg_get_serial_sequence('${quoted(tableName)}', '${databaseName}'), coalesce(max(${quoted(databaseName)}), 1), max(${quoted(databaseName)}) IS NOT NULL) FROM ${quoted(tableName)}`,
    );
}

/** How many saves there were belongs to the shop, and to no table of records. */
export async function copySaves(from: EntityManager, to: EntityManager): Promise<void> {
  const [row] = await from.query<{ count: number }[]>('SELECT count FROM saves');
  const place = to.dataSource.driver.createParameter('', 0);
  await to.query(`UPDATE saves SET count = ${place}`, [row?.count ?? 0]);
}
