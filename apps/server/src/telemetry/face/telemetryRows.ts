import type BetterSqlite from 'better-sqlite3';
import { rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { DataSource, type DataSourceOptions } from 'typeorm';
import { openDatabase } from '../../storage/database.js';
import { sourceIn } from '../../storage/postgres.js';
import type { ShopPlace } from '../../storage/ShopPlace.js';
import { HeardSpells1765700000000 } from '../1765700000000-HeardSpells.js';
import { HeardSpellEntity } from '../heardSpell.entity.js';

/** What keeps spells: how it is opened, and how another is begun where it cannot be. */
export interface TelemetryRows {
  readonly open: () => Promise<DataSource>;
  /** What there is is set aside; it fails where that cannot be. */
  readonly beginAnew: () => Promise<DataSource>;
}

/** The file beside a shop's that holds what machines said. */
export const telemetryFileIn = (folder: string): string => join(folder, 'telemetry.sqlite');

/** A file of its own beside the shop's, or a table in the shop's database where a server keeps that. */
export function telemetryRows({ folder, url }: ShopPlace): TelemetryRows {
  return url === null ? inFile(telemetryFileIn(folder)) : inServer(url);
}

function inFile(file: string): TelemetryRows {
  const open = () => openDatabase(fileOptions(file));
  return {
    open,
    beginAnew: async () => {
      await rename(file, `${file}.unreadable-${Date.now()}`);
      for (const beside of ['-wal', '-shm']) await rm(`${file}${beside}`, { force: true });
      return open();
    },
  };
}

/** A power cut may cost the last seconds of it, and not the file: light alone is not worth a flush of the disk for each spell. */
function fileOptions(file: string): DataSourceOptions {
  return {
    type: 'better-sqlite3',
    database: file,
    entities: [HeardSpellEntity],
    migrations: [HeardSpells1765700000000],
    migrationsRun: true,
    synchronize: false,
    enableWAL: true,
    prepareDatabase: (database: BetterSqlite.Database) => {
      database.pragma('synchronous = NORMAL');
      database.pragma('busy_timeout = 2000');
    },
  };
}

/** Over a few connections of its own, so that nobody who saves something waits for what machines say. */
function inServer(url: string): TelemetryRows {
  return {
    open: () => openDatabase({ ...sourceIn(url), poolSize: 2, entities: [HeardSpellEntity] }),
    beginAnew: () => Promise.reject(new Error('whoever looks after the database server sees to it')),
  };
}
