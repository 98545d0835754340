/**
 * A PostgreSQL server for as long as a command runs, in a folder of its own:
 *
 *   node tools/postgres.mjs COMMAND ARGUMENTS...   with its address in HERON_TEST_POSTGRES
 *
 * It listens to this machine alone, at a port that is free, and forgets everything when the command has ended.
 */
import { spawn, spawnSync } from 'node:child_process';
import { chownSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const oldest = 15;
const debian = '/usr/lib/postgresql';

/** Folder of the newest server's programs that is installed; null where none is new enough. */
export function postgresPrograms() {
  const versions = existsSync(debian) ? readdirSync(debian).map(Number) : [];
  const newest = Math.max(...versions.filter((version) => existsSync(`${debian}/${version}/bin/initdb`)), 0);
  if (newest >= oldest) return `${debian}/${newest}/bin`;
  const { stdout, status } = spawnSync('pg_config', ['--bindir'], { encoding: 'utf8' });
  const folder = stdout?.trim() ?? '';
  return status === 0 && existsSync(join(folder, 'initdb')) ? folder : null;
}

/**
 * Starts a server.
 *
 * @param settings of postgresql.conf beside the usual ones
 * @returns its address as its owner, its programs, and how it is stopped; it can be stopped hard and started again
 */
export async function startPostgres(settings = {}) {
  const programs = postgresPrograms();
  if (programs === null)
    throw new Error(`PostgreSQL ${oldest} or later is needed: apt-get install postgresql`);
  const folder = mkdtempSync(join(tmpdir(), 'heron-postgres-'));
  const owner = ownerOf();
  if (owner !== null) chownSync(folder, owner.uid, owner.gid);
  const call = (program, args) => {
    const { status, stdout, stderr } = spawnSync(join(programs, program), args, {
      ...owner,
      cwd: folder,
      encoding: 'utf8',
    });
    if (status !== 0) throw new Error(`${program} failed: ${stdout}${stderr}`);
  };
  const data = join(folder, 'data');
  // A language of its own, in which text does not sort letter code by letter code.
  const locale = ['--encoding=UTF8', '--locale=C.UTF-8', '--locale-provider=icu', '--icu-locale=en'];
  call('initdb', ['-D', data, '-U', 'heron', '-A', 'trust', '--no-sync', ...locale]);
  const port = await freePort();
  const all = {
    listen_addresses: '127.0.0.1',
    port,
    unix_socket_directories: folder,
    max_connections: 200,
    ...settings,
  };
  const options = Object.entries(all).map(([name, value]) => `-c ${name}=${value}`);
  const start = () =>
    call('pg_ctl', ['-D', data, '-w', '-l', join(folder, 'log'), '-o', options.join(' '), 'start']);
  const halt = (mode) => call('pg_ctl', ['-D', data, '-w', '-m', mode, 'stop']);
  start();
  return {
    url: `postgres://heron@127.0.0.1:${port}/postgres`,
    programs,
    start,
    halt,
    stop: () => {
      try {
        halt('immediate');
      } finally {
        rmSync(folder, { recursive: true, force: true });
      }
    },
  };
}

/** A server does not run as root: there it runs as whom Debian made for it. */
function ownerOf() {
  if (process.getuid?.() !== 0) return null;
  const numberOf = (flag) => Number(spawnSync('id', [flag, 'postgres'], { encoding: 'utf8' }).stdout);
  return { uid: numberOf('-u'), gid: numberOf('-g') };
}

function freePort() {
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.once('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });
}

/** What a test's server may do without: its data are gone with it. */
export const forTests = { fsync: 'off', full_page_writes: 'off', synchronous_commit: 'off' };

async function runWith([command, ...args]) {
  const server = await startPostgres(forTests);
  const child = spawn(command, args, {
    stdio: 'inherit',
    env: { ...process.env, HERON_TEST_POSTGRES: server.url },
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  const status = await new Promise((resolve) => {
    child.once('error', (error) => {
      console.error(error.message);
      resolve(1);
    });
    child.once('close', (code) => resolve(code ?? 1));
  });
  server.stop();
  process.exit(status);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await runWith(process.argv.slice(2));
