import type BetterSqlite from 'better-sqlite3';
import { dirname } from 'node:path';
import { DataSource, type DataSourceOptions } from 'typeorm';
import { entities } from './entities.js';
import { migrations } from './migrations/index.js';
import { serverMigrations } from './serverMigrations.js';
import { bytesDomain, sourceIn } from './postgres.js';
import { isReadOnly } from './readOnlyMark.js';
import { databaseFileIn, type ShopPlace } from './ShopPlace.js';

/** The rows of a shop, wherever they are kept. */
export function databaseOptions({ folder, url }: ShopPlace): DataSourceOptions {
  return url === null
    ? fileOptions(databaseFileIn(folder))
    : { ...sourceIn(url), entities, migrations: serverMigrations };
}

/**
 * The database in one file: WAL, every acknowledged write on disk before the answer (synchronous FULL), foreign keys
 * on, and migrations as the only way its shape changes.
 */
export function fileOptions(file: string): DataSourceOptions {
  return {
    type: 'better-sqlite3',
    database: file,
    entities,
    migrations,
    migrationsRun: true,
    synchronize: false,
    enableWAL: true,
    prepareDatabase: (database: BetterSqlite.Database) => {
      database.pragma('synchronous = FULL');
      database.pragma('foreign_keys = ON');
      database.pragma('busy_timeout = 5000');
      if (isReadOnly(dirname(file))) database.pragma('query_only = ON');
    },
  };
}

/** Opens the rows of a shop. */
export function openDatabase(options: DataSourceOptions): Promise<DataSource> {
  const source = new DataSource(options);
  // One list of entities serves both engines: what a file calls a blob is a domain of that name in a server.
  if (options.type === 'postgres') source.driver.supportedDataTypes.push(bytesDomain);
  return source.initialize();
}
