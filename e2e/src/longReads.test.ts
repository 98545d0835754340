import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const server = resolve(__dirname, '../../apps/server');
const folder = mkdtempSync(join(tmpdir(), 'heron-reads-'));
afterAll(() => rmSync(folder, { recursive: true }));

/** Counts so far that a thread that serves could not do anything else meanwhile. */
const long =
  'WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 3000000) SELECT COUNT(*) AS n FROM n';

const script = `
import Database from ${JSON.stringify(require.resolve('better-sqlite3', { paths: [server] }))};
import { LongReadsInThread } from ${JSON.stringify(join(server, 'dist/storage/longReadsInThread.js'))};
const file = ${JSON.stringify(join(folder, 'heron.sqlite'))};
const database = new Database(file);
database.exec('PRAGMA journal_mode = WAL; CREATE TABLE coupon (n INTEGER); INSERT INTO coupon VALUES (1), (2), (3)');
const reads = new LongReadsInThread(file);
let turns = 0;
const turning = setInterval(() => (turns += 1), 1);
const counted = await reads.rows(${JSON.stringify(long)});
clearInterval(turning);
const above = await reads.rows('SELECT n FROM coupon WHERE n > ? ORDER BY n', [1]);
const wrong = await reads.rows('SELECT m FROM coupon').catch((fault) => fault.message);
const writing = await reads.rows('DELETE FROM coupon RETURNING n').catch((fault) => fault.code);
database.exec('INSERT INTO coupon VALUES (4)');
const stored = await reads.rows('SELECT COUNT(*) AS n FROM coupon');
const cut = reads.rows(${JSON.stringify(long)}).catch((fault) => fault.message);
await reads.onModuleDestroy();
const anew = [await cut, await reads.rows('SELECT MAX(n) AS n FROM coupon')];
const old = reads.thread;
old.emit("error", new Error("out of memory"));
const after = reads.rows('SELECT MIN(n) AS n FROM coupon');
await old.terminate();
const beside = await after;
await reads.onModuleDestroy();
console.log(JSON.stringify({ turns, counted, above, wrong, writing, stored, anew, beside }));
`;

describe('reads over many rows', () => {
  it('go on beside what is served, see what was stored, write nothing, and are begun anew', () => {
    const file = join(folder, 'reads.mjs');
    writeFileSync(file, script);
    const { stdout, stderr } = spawnSync(process.execPath, [file], { encoding: 'utf8' });
    expect(stderr).toBe('');
    const said = JSON.parse(stdout) as { turns: number };
    expect(said).toMatchObject({
      counted: [{ n: 3_000_000 }],
      above: [{ n: 2 }, { n: 3 }],
      wrong: 'no such column: m',
      writing: 'SQLITE_READONLY',
      stored: [{ n: 4 }],
      // The end of a thread is nothing to the one that was begun after it.
      beside: [{ n: 1 }],
      anew: ['the thread that reads has ended', [{ n: 4 }]],
    });
    expect(said.turns).toBeGreaterThan(0);
  });
});
