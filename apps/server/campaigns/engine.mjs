/** What keeps the rows of a campaign's shop: a file in its folder, or a schema of its own in a PostgreSQL server. */
import { basename } from 'node:path';
import { startPostgres } from '../../../tools/postgres.mjs';

let server = null;

/** Has every shop of this campaign kept by a PostgreSQL server, which is started for it and writes as durably as any. */
export async function keepInPostgres() {
  // Room for two servers, their threads, and whoever looks; memory as a small machine gives it.
  server = await startPostgres({
    ...{ max_connections: 200, shared_buffers: '1GB', maintenance_work_mem: '512MB', max_wal_size: '8GB' },
  });
  process.once('exit', () => server.stop());
  return server;
}

/** The server that keeps them; null where files do. */
export const postgres = () => server;

/** Where the rows of a folder's shop are, as `HERON_DATABASE_URL` says it; null where they lie in the folder. */
export function databaseUrl(folder) {
  if (server === null) return null;
  const schema = basename(folder).toLowerCase().replaceAll(/\W/g, '_');
  return `${server.url}?schema=${schema}`;
}

/** What a command or a server is told of that. */
export function engineEnv(folder) {
  const url = databaseUrl(folder);
  return url === null ? {} : { HERON_DATABASE_URL: url };
}
