import 'reflect-metadata';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { multiplyCoupons } from './multiplyCoupons.mjs';

/** The list of a hundred thousand coupons, filtered, sorted and gathered in the ways the screen asks, on a real file. */
export async function couponListTime() {
  const folder = mkdtempSync(join(tmpdir(), 'heron-bench-'));
  const databaseFile = join(folder, 'heron.sqlite');
  const [{ createApp }, { seedWorkshop }, { CouponsService }] = await Promise.all(
    ['createApp', 'demo/seedWorkshop', 'coupons/coupons.service'].map(
      (name) => import(new URL(`../dist/${name}.js`, import.meta.url).href),
    ),
  );
  const app = await createApp({ databaseFile, webFolder: null, isOnNetwork: false, tls: null });
  await seedWorkshop(app, 'months');
  multiplyCoupons(databaseFile, 100_000);
  const coupons = app.get(CouponsService);
  const page = { sort: 'number', order: 'down', offset: 0, limit: 100 };
  const asked = [
    {},
    { machineId: 'barrow' },
    { metal: 'aluminium5052' },
    { metal: 'stainless304', machineId: 'bench', back: 'even' },
    { kind: 'lap', slips: 'no' },
    { personId: 'tobias', sort: 'powerW', order: 'up' },
    { thinnestMm: 1.4, thickestMm: 1.6, sort: 'weldedAt' },
    { slips: 'only', offset: 1000 },
    { words: 'locker' },
    { offset: 90_000 },
  ];
  const times = [];
  for (let round = 0; round < 21; round++) {
    for (const query of asked) {
      const start = performance.now();
      await coupons.list({ ...page, ...query });
      if (round > 0) times.push(performance.now() - start);
    }
  }
  await app.close();
  rmSync(folder, { recursive: true });
  times.sort((a, b) => a - b);
  const p95 = times[Math.floor(times.length * 0.95)];
  return {
    what: 'list of 100,000 coupons',
    times: [{ name: 'p95', ms: p95, most: 1.9 }],
    note: `median ${times[times.length >> 1].toFixed(1)} ms`,
  };
}
