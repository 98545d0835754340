import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

/** Rows of pgbench's own tables: 100,000 accounts for each. */
const scale = 10;
/** How long it runs, s. */
const seconds = 10;

/**
 * What a PostgreSQL server does by its own measure: pgbench's usual transaction (three updates, a read and an insert), by so many at once.
 *
 * @param waits `false`: a commit does not wait for the disk, so that only what the machine computes is measured
 * @returns its mean time, ms, and how many were done in a second
 */
export function pgbench({ url, programs }, clients, { waits = true } = {}) {
  const env = { ...process.env, ...(waits ? {} : { PGOPTIONS: '-c synchronous_commit=off' }) };
  const run = (...args) => {
    const { status, stdout, stderr } = spawnSync(join(programs, 'pgbench'), [...args, url], {
      encoding: 'utf8',
      env,
    });
    if (status !== 0) throw new Error(`pgbench failed: ${stdout}${stderr}`);
    return stdout;
  };
  run('-i', '-q', '-s', String(scale));
  const said = run('-c', String(clients), '-j', '2', '-T', String(seconds));
  return {
    meanMs: figureIn(said, /latency average = ([\d.]+) ms/),
    aSecond: figureIn(said, /tps = ([\d.]+)/),
  };
}

function figureIn(text, pattern) {
  const [, figure] = pattern.exec(text) ?? [];
  if (figure === undefined) throw new Error(`pgbench says no ${pattern}: ${text}`);
  return Number(figure);
}
