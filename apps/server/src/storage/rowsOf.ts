import { createHash } from 'node:crypto';
import type { EntityManager, EntityMetadata } from 'typeorm';
import type { ColumnMetadata } from 'typeorm/metadata/ColumnMetadata.js';
import { bytesDomain } from './postgres.js';

/** A value as both engines understand it. */
type Value = string | number | boolean | Buffer | null;
/** The values of a row, in the order of its table's columns. */
export type TableRow = readonly Value[];

/** Rows that are read at once. */
const atOnce = 1000;

/** Every row of a table in the order of its key, as either engine has them, so many at a time. */
export async function* rowsOf(manager: EntityManager, table: EntityMetadata): AsyncGenerator<TableRow[]> {
  const { columns, primaryColumns, tableName } = table;
  const names = columns.map(({ databaseName }) => quoted(databaseName)).join(', ');
  const key = primaryColumns.map(({ databaseName }) => quoted(databaseName)).join(', ');
  const parameter = (_: unknown, at: number) => manager.dataSource.driver.createParameter('', at);
  const keyAt = primaryColumns.map((column) => columns.indexOf(column));
  const rest = `ORDER BY ${key} LIMIT ${atOnce}`;
  const after = `WHERE (${key}) > (${primaryColumns.map(parameter).join(', ')})`;
  let last: TableRow | null = null;
  for (;;) {
    const found: Record<string, unknown>[] =
      last === null
        ? await manager.query(`SELECT ${names} FROM ${quoted(tableName)} ${rest}`)
        : await manager.query(
            `SELECT ${names} FROM ${quoted(tableName)} ${after} ${rest}`,
            keyAt.map((at) => last?.[at]),
          );
    const rows = found.map((row) => columns.map((column) => valueOf(row[column.databaseName], column)));
    if (rows.length > 0) yield rows;
    if (rows.length < atOnce) return;
    last = rows.at(-1) ?? null;
  }
}

/** A file has no truth values but 0 and 1. */
function valueOf(raw: unknown, { type }: ColumnMetadata): Value {
  if (raw === null || raw === undefined) return null;
  if (type === Boolean || type === 'boolean') return Boolean(raw);
  return raw as Value;
}

/** Counts rows, and makes one hash over all of them. */
export class RowSum {
  private readonly hash = createHash('sha256');
  private counted = 0;

  add(rows: readonly TableRow[]): void {
    for (const row of rows) this.hash.update(`${JSON.stringify(row.map(said))}\n`);
    this.counted += rows.length;
  }

  end(): { readonly rows: number; readonly hash: string } {
    return { rows: this.counted, hash: this.hash.digest('hex') };
  }
}

const said = (value: Value) => (Buffer.isBuffer(value) ? { [bytesDomain]: value.toString('base64') } : value);

export const quoted = (name: string): string => `"${name}"`;
