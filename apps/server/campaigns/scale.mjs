import { addressOf, call } from './calls.mjs';
import { databaseUrl, keepInPostgres, postgres } from './engine.mjs';
import { growFirm } from './firm.mjs';
import { pgbench } from './pgbench.mjs';
import { campaignFolder, sampleShop, saveCoupon, serveShop, signedIn } from './servedShop.mjs';

/** What people of one workshop ask for, and how many transactions of pgbench by one client each may take. */
const asked = {
  machines: { path: 'machines', most: 600 },
  'newest coupons': { path: 'coupons?limit=100', most: 600 },
  'coupons of a machine': { path: 'coupons?limit=100&machineId=MACHINE', most: 400 },
  'coupons of a metal and a look': { path: 'coupons?limit=100&metal=stainless304&back=even', most: 1200 },
  'words in remarks': { path: 'coupons?limit=100&words=nobody+wrote+this', most: 6000 },
  'a page far back': { path: 'coupons?limit=100&offset=20000', most: 800 },
  'coupons by metal': { path: 'coupons/groups?by=metal', most: 2000 },
  'coupons that speak to a joint': {
    path: 'coupons/relevant?machineId=MACHINE&metal=stainless304&kind=butt&thicknessMm=1.5&machine=any',
    most: 2000,
  },
  windows: { path: 'windows', most: 3000 },
  'lives of windows': { path: 'windows/study?measure=worn', most: 1000 },
  upkeep: { path: 'upkeep', most: 1000 },
  days: { path: 'days', most: 200 },
  'spells of a machine': { path: 'spells/of/MACHINE', most: 200 },
};
/** Times that each is asked for once it was asked for the first time. */
const again = 5;

/**
 * A firm of many workshops on PostgreSQL: how long what is asked for takes, and what its rows take on the disk.
 *
 * @param rounds workshops
 */
export async function scale({ rounds }) {
  if (postgres() === null) await keepInPostgres();
  const folder = campaignFolder();
  await sampleShop(folder);
  const began = performance.now();
  const grown = await growFirm(databaseUrl(folder), rounds);
  console.log(`  ${rounds} workshops were made in ${((performance.now() - began) / 60_000).toFixed(1)} min`);
  for (const { table, rows, bytes, heap } of grown)
    console.log(
      `  ${table}: ${rows} rows, ${(bytes / 1e9).toFixed(2)} GB, ${Math.round(bytes / Math.max(1, rows))} bytes each, ${Math.round(heap / Math.max(1, rows))} of them the row`,
    );
  const { meanMs } = pgbench(postgres(), 1);
  const shop = await serveShop(folder);
  // Somebody of one workshop in the middle of them.
  const place = `${Math.ceil(rounds / 2)}-1`;
  const headers = await signedIn(shop.url, `p-${place}`);
  const slow = [];
  for (const [name, { path, most }] of Object.entries(asked)) {
    const first = await timed(() => ask(shop.url, headers, path.replace('MACHINE', `m-${place}`)));
    const times = [];
    for (let i = 0; i < again; i++)
      times.push(await timed(() => ask(shop.url, headers, path.replace('MACHINE', `m-${place}`))));
    const middle = times.sort((a, b) => a - b)[Math.floor(again / 2)];
    if (first / meanMs > most) slow.push(name);
    console.log(
      `  ${name}: ${first.toFixed(0)} ms at first, then ${middle.toFixed(0)}; ${(first / meanMs).toFixed(0)} transactions of ${most}`,
    );
  }
  const saves = [];
  for (let i = 0; i < 20; i++)
    saves.push(
      await timed(async () =>
        requireTaken(await saveCoupon(shop.url, headers, { from: addressOf(i), machineId: `m-${place}` })),
      ),
    );
  const save = saves.sort((a, b) => a - b)[10];
  await shop.stop();
  return {
    figures: `${rounds} workshops; a save ${save.toFixed(0)} ms, a transaction of pgbench ${meanMs.toFixed(2)} ms; ${slow.length === 0 ? 'everything within its bound' : `too slow: ${slow.join(', ')}`}`,
    isWell: slow.length === 0,
  };
}

async function ask(url, headers, path) {
  const { status, text } = await call(`${url}/api/${path}`, { headers });
  if (status !== 200) throw new Error(`${path} answers ${status} ${text.slice(0, 300)}`);
}

function requireTaken({ status }) {
  if (status !== 201) throw new Error(`a save was answered with ${status}`);
}

async function timed(act) {
  const began = performance.now();
  await act();
  return performance.now() - began;
}
