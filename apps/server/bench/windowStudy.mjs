import 'reflect-metadata';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';

/** Windows of a shop over many years, as the page of their lives asks for them: kept since the last write, and added up anew. */
export async function windowStudyTime() {
  const folder = mkdtempSync(join(tmpdir(), 'heron-bench-'));
  const databaseFile = join(folder, 'heron.sqlite');
  const [{ createApp }, { seedWorkshop }, { WindowLivesService }, { WriteQueue }] = await Promise.all(
    ['createApp', 'demo/seedWorkshop', 'windows/windowLives.service', 'storage/writeQueue'].map(
      (name) => import(new URL(`../dist/${name}.js`, import.meta.url).href),
    ),
  );
  const app = await createApp({ databaseFile, webFolder: null, isOnNetwork: false, tls: null });
  await seedWorkshop(app, 'months');
  const windows = multiplyWindows(databaseFile, 2000);
  const lives = app.get(WindowLivesService);
  const writes = app.get(WriteQueue);
  const asked = [
    { measure: 'worn' },
    { measure: 'light', machineId: 'barrow' },
    { measure: 'worn', factor: 'batch' },
    { measure: 'days', factor: 'gunAngle' },
  ];
  const [cold, warm] = [[], []];
  for (let round = 0; round < 13; round++) {
    for (const query of asked) {
      for (const times of [cold, warm]) {
        const isCold = times === cold;
        if (isCold) await writes.run(async () => undefined);
        const start = performance.now();
        await lives.study(query);
        if (round > 0) times.push(performance.now() - start);
      }
    }
  }
  await app.close();
  rmSync(folder, { recursive: true });
  const p95 = (times) => times.toSorted((a, b) => a - b)[Math.floor(times.length * 0.95)];
  return {
    what: `lives of ${windows.toLocaleString('en')} windows`,
    times: [
      { name: 'p95', ms: p95(warm), most: 3.8 },
      { name: 'at once after a write, p95', ms: p95(cold), most: 9.6 },
    ],
  };
}

/** Copies the windows that came out, with the light through them, until there are so many. */
function multiplyWindows(databaseFile, wanted) {
  const database = new Database(databaseFile);
  const columnsOf = (table) =>
    database
      .prepare('SELECT name FROM pragma_table_info(?)')
      .all(table)
      .map(({ name }) => name);
  const one = (sql) => Object.values(database.prepare(sql).get())[0];
  const sample = one('SELECT COUNT(*) FROM protective_window WHERE removed_at IS NOT NULL');
  const copies = Math.ceil(wanted / sample);
  const numbers = `WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < ${copies})`;
  const copy = (table, changed, where) => {
    const columns = columnsOf(table);
    const values = columns.map((name) => changed[name] ?? `t.${name}`);
    database.exec(
      `${numbers} INSERT INTO ${table} (${columns.join(', ')}) SELECT ${values.join(', ')} FROM ${table} t, n WHERE ${where}`,
    );
  };
  const anew = (column) => `t.${column} || '-' || n.i`;
  copy(
    'protective_window',
    { id: anew('id'), previous_id: 'NULL', number: 't.number + 1000 * n.i' },
    't.removed_at IS NOT NULL',
  );
  const out = 't.window_id IN (SELECT id FROM protective_window WHERE removed_at IS NOT NULL)';
  copy('light_entry', { id: anew('id'), window_id: anew('window_id') }, out);
  copy('coupon', { id: anew('id'), window_id: anew('window_id'), number: 't.number + 1000 * n.i' }, out);
  const windows = one('SELECT COUNT(*) FROM protective_window');
  database.close();
  return windows;
}
