import { bodyOf, spoilt, uuidOf } from './bodies.mjs';
import { addressOf, call } from './calls.mjs';
import { checked } from './crash.mjs';
import { Draws } from './draws.mjs';
import { campaignFolder, coupon, sampleShop, serveShop } from './servedShop.mjs';

/** Calls that are under way at once. */
const atOnce = 8;
/** These end the shop, the session or the clients’ right to call, or copy everything: each has tests of its own. */
const left = [
  // It answers as long as somebody listens.
  /^GET \/api\/news$/,
  /\/restores\//,
  /^DELETE \/api\/session$/,
  /\/people\/\{id\}\/(pin|role|disabled)/,
  /^PUT \/api\/backups/,
  /first-lead/,
];
/** How much more memory may be taken at the end than after the first fifth: what is kept of each call would be more. */
const mostGrowth = 1.5;

/**
 * Calls every route of the API with bodies from its schemas, right ones and spoilt ones. Nothing may be answered with a fault of
 * ours, every refusal is a problem document, and memory stays.
 *
 * @param rounds calls
 */
export async function fuzz({ rounds, seed }) {
  const draws = new Draws(seed);
  const folder = campaignFolder();
  const headers = await sampleShop(folder);
  const shop = await serveShop(folder);
  const api = JSON.parse((await call(`${shop.url}/api/docs-json`)).text);
  const routes = routesOf(api);
  const known = await knownIds(shop.url, headers);
  const seen = { statuses: new Map(), faults: [], unreadable: 0, memory: [] };
  let made = 0;
  const work = async () => {
    while (made < rounds) {
      const number = made++;
      if (number % Math.ceil(rounds / 10) === 0) seen.memory.push(await memoryOf(shop.url));
      const asked = drawCall(draws.oneOf(routes), { api, draws, known });
      const answer = await call(`${shop.url}${asked.path}`, {
        ...{ method: asked.method, headers, body: asked.body, from: addressOf(number) },
      });
      note(seen, asked, answer);
    }
  };
  await Promise.all(Array.from({ length: atOnce }, work));
  seen.memory.push(await memoryOf(shop.url));
  await shop.stop();
  const [, , early = 0] = seen.memory;
  const growth = (seen.memory.at(-1) ?? 0) / early;
  const statuses = [...seen.statuses]
    .sort(([a], [b]) => a - b)
    .map(([status, count]) => `${status}: ${count}`);
  for (const fault of seen.faults.slice(0, 5)) console.log(`  ${fault}`);
  return {
    figures: `${made} calls of ${routes.length} routes (${statuses.join(', ')}), ${seen.faults.length} faults of ours, ${seen.unreadable} refusals that are none, memory ${seen.memory.map((each) => Math.round(each / 1e6)).join(' ')} MB; ${checked(folder)}`,
    isWell: seen.faults.length === 0 && seen.unreadable === 0 && (rounds < 5000 || growth < mostGrowth),
  };
}

function routesOf(api) {
  return Object.entries(api.paths)
    .flatMap(([path, methods]) =>
      Object.entries(methods).map(([method, about]) => ({ method: method.toUpperCase(), path, about })),
    )
    .filter(({ method, path }) => !left.some((pattern) => pattern.test(`${method} ${path}`)));
}

async function knownIds(url, headers) {
  const coupons = JSON.parse((await call(`${url}/api/coupons?limit=20`, { headers })).text).coupons;
  const cards = JSON.parse((await call(`${url}/api/cards`, { headers })).text);
  return ['bench', 'barrow', 'maren', ...coupons.map(({ id }) => id), ...cards.map(({ id }) => id)];
}

function drawCall({ method, path, about }, { api, draws, known }) {
  const value = (name) => {
    if (draws.next() < 0.1) return draws.oneOf(['', '..', '%00', '💧', 'null', '-1', 'a'.repeat(500)]);
    if (/revision|version|slot/.test(name)) return String(draws.whole(1, 4));
    return draws.next() < 0.5 ? draws.oneOf(known) : uuidOf(draws);
  };
  const filled = path.replaceAll(/\{(\w+)\}/g, (_, name) => encodeURIComponent(value(name)));
  const query = (about.parameters ?? [])
    .filter((each) => each.in === 'query' && draws.next() < 0.5)
    .map(({ name, schema }) => `${name}=${encodeURIComponent(String(bodyOf(schema, api, draws)))}`);
  const asked = { method, path: query.length === 0 ? filled : `${filled}?${query.join('&')}` };
  const schema = about.requestBody?.content?.['application/json']?.schema;
  if (method === 'GET' || method === 'DELETE') return asked;
  const right = /\/coupons\/\{id\}$/.test(path) && draws.next() < 0.3 ? coupon() : bodyOf(schema, api, draws);
  const text = JSON.stringify(draws.next() < 0.5 ? right : spoilt(right, draws)) ?? 'null';
  return { ...asked, body: draws.next() < 0.03 ? text.slice(1) : text };
}

function note(seen, { method, path, body }, { status, headers, text }) {
  seen.statuses.set(status ?? 0, (seen.statuses.get(status ?? 0) ?? 0) + 1);
  if (status === null || status >= 500)
    seen.faults.push(`${status} ${method} ${path} ${body ?? ''} -> ${text}`.slice(0, 600));
  else if (status >= 400 && !(headers['content-type'] ?? '').includes('application/problem+json')) {
    seen.unreadable += 1;
    console.log(`  no problem document: ${status} ${method} ${path} ${text.slice(0, 100)}`);
  }
}

async function memoryOf(url) {
  const { text } = await call(`${url}/api/metrics`);
  return Number(/^process_resident_memory_bytes (\S+)/m.exec(text)?.[1]);
}
