import { couponPageSchema } from '@lone-heron/contract';
import Database from 'better-sqlite3';
import { join } from 'node:path';
import { v7 as uuid } from 'uuid';
import { multiplyCoupons } from '../bench/multiplyCoupons.mjs';
import { addressOf, call } from './calls.mjs';
import { Draws } from './draws.mjs';
import { campaignFolder, sampleShop, saveCoupon, serveShop } from './servedShop.mjs';

const clients = 8;
const wanted = 105_000;
/**
 * What clients ask for, and how many times a bare reading of the same page each may take, 19 of 20 times: eight that ask without a
 * pause wait for each other.
 */
const kinds = {
  list: { path: 'coupons?limit=100', most: 45 },
  filter: { path: 'coupons?limit=100&metal=stainless304&back=even&machineId=bench', most: 45 },
  save: { path: null, most: 45 },
};

/**
 * A shop of 105,000 coupons that eight devices ask and write at once.
 *
 * @param rounds calls
 */
export async function load({ rounds, seed }) {
  const draws = new Draws(seed);
  const folder = campaignFolder();
  const headers = await sampleShop(folder);
  const file = join(folder, 'heron.sqlite');
  multiplyCoupons(file, wanted);
  const bareBefore = barePage(file);
  const shop = await serveShop(folder);
  for (const { path } of Object.values(kinds)) if (path !== null) await requireWhole(shop.url, headers, path);
  const times = Object.fromEntries(Object.keys(kinds).map((kind) => [kind, []]));
  const refused = [];
  let made = 0;
  const work = async (_, client) => {
    while (made < rounds) {
      made += 1;
      const kind = draws.oneOf(Object.keys(kinds));
      const from = addressOf(client + clients * Math.floor(made / 400));
      const began = performance.now();
      const { status } =
        kind === 'save'
          ? await saveCoupon(shop.url, headers, from)
          : await call(`${shop.url}/api/${kinds[kind].path}`, { headers, from });
      times[kind].push(performance.now() - began);
      if (status !== 200 && status !== 201) refused.push(status);
    }
  };
  await Promise.all(Array.from({ length: clients }, work));
  await shop.stop();
  const bare = (bareBefore + barePage(file)) / 2;
  const told = Object.entries(kinds).map(([kind, { most }]) => {
    const p95 = times[kind].sort((a, b) => a - b)[Math.floor(times[kind].length * 0.95)];
    return {
      words: `${kind} p95 ${p95.toFixed(0)} ms = ${(p95 / bare).toFixed(1)} bare pages of ${most}`,
      isWell: p95 / bare <= most,
    };
  });
  return {
    figures: `${made} calls by ${clients} devices over ${wanted} coupons: ${told.map(({ words }) => words).join(', ')}; a bare page ${bare.toFixed(2)} ms; ${refused.length} refused`,
    isWell: refused.length === 0 && told.every(({ isWell }) => isWell),
  };
}

/** What is answered fast must be the coupons themselves. */
async function requireWhole(url, headers, path) {
  const { text } = await call(`${url}/api/${path}`, { headers });
  const page = JSON.parse(text);
  // Those that were multiplied have ids of the campaign's own.
  const named = page.coupons.map((coupon) => ({ ...coupon, id: uuid() }));
  const { coupons } = couponPageSchema.parse({ ...page, coupons: named });
  if (coupons.length !== 100) throw new Error(`${path} answers ${coupons.length} coupons`);
}

/** What reading one page and nothing else takes, ms: the rows, and their JSON taken apart. */
function barePage(file) {
  const database = new Database(file, { readonly: true });
  const page = database.prepare(
    'SELECT * FROM coupon WHERE withdrawn_at IS NULL ORDER BY number DESC LIMIT 100',
  );
  const times = [];
  for (let i = 0; i < 200; i++) {
    const began = performance.now();
    for (const row of page.all()) {
      JSON.parse(row.joint);
      JSON.parse(row.setting);
    }
    times.push(performance.now() - began);
  }
  database.close();
  return times.sort((a, b) => a - b)[100];
}
