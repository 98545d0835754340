import { setTimeout as pause } from 'node:timers/promises';
import { v7 as uuid } from 'uuid';
import { addressOf, call } from './calls.mjs';
import { checked } from './crash.mjs';
import { Draws } from './draws.mjs';
import { keepInPostgres, postgres } from './engine.mjs';
import { campaignFolder, coupon, couponRows, sampleShop, serveShop } from './servedShop.mjs';

/** Who saves at once, over both servers. */
const clients = 8;
/** Of so many rounds one takes the database away instead of a server. */
const databaseEvery = 5;
/** A save that nobody takes for so long is a fault, ms. */
const longestWait = 120_000;

/**
 * Two servers over one database, under load: one of them is killed again and again, and the database stopped hard and started. Who saves
 * sends the same save again, to the other server, until it is acknowledged. In the end every save is there once, under a number of its own.
 *
 * @param rounds kills, of servers or of the database
 */
export async function servers({ rounds, seed }) {
  if (postgres() === null) await keepInPostgres();
  const draws = new Draws(seed);
  const folder = campaignFolder();
  const headers = await sampleShop(folder);
  const shared = { HERON_PHOTOS: `${folder}/photos` };
  const second = campaignFolder();
  const start = (which) => serveShop(folder, { ...shared, HERON_DATA: which === 0 ? folder : second });
  const up = await Promise.all([start(0), start(1)]);
  const load = { acknowledged: [], resent: 0, saidAway: 0, refused: [], isOver: false };
  const saving = Array.from({ length: clients }, (_, client) => keepSaving(load, up, headers, client));
  for (let round = 0; round < rounds; round++) {
    const before = load.acknowledged.length;
    const enough = draws.whole(1, 60);
    while (load.acknowledged.length - before < enough) await pause(2);
    if (round % databaseEvery === databaseEvery - 1) await takeDatabaseAway(draws);
    else {
      const which = draws.whole(0, 1);
      await up[which].stop('SIGKILL');
      up[which] = await start(which);
    }
  }
  load.isOver = true;
  await Promise.all(saving);
  const there = await couponRows(up[0].url, headers);
  for (const shop of up) await shop.stop();
  const { lost, twice } = heldAgainst(there, load.acknowledged);
  return {
    figures: `${rounds} kills, one in ${databaseEvery} of the database, ${load.acknowledged.length} saves acknowledged, ${load.resent} of them sent again, ${load.saidAway} times told that the database is away, ${load.refused.length} refused; ${lost} lost, ${twice} numbers twice; ${checked(folder)}`,
    isWell: lost === 0 && twice === 0 && load.refused.length === 0 && load.saidAway > 0 && load.resent > 0,
  };
}

async function keepSaving(load, up, headers, client) {
  while (!load.isOver) {
    const [id, body] = [uuid(), JSON.stringify(coupon())];
    const since = Date.now();
    for (let tries = 0; ; tries++) {
      const { url } = up[(client + tries) % up.length];
      const from = addressOf(client + clients * (load.acknowledged.length % 20));
      const { status, text } = await call(`${url}/api/coupons/${id}`, { method: 'PUT', headers, body, from });
      if (status === 201 || status === 200) {
        load.acknowledged.push(id);
        load.resent += tries > 0 ? 1 : 0;
        break;
      }
      if (status === 503 && /database/i.test(text)) load.saidAway += 1;
      else if (status !== null) load.refused.push(`${status} ${text}`);
      if (Date.now() - since > longestWait) throw new Error(`nobody took a save: ${status} ${text}`);
      await pause(20);
    }
  }
}

async function takeDatabaseAway(draws) {
  postgres().halt('immediate');
  await pause(draws.whole(100, 1500));
  postgres().start();
}

function heldAgainst(rows, acknowledged) {
  const ids = new Set(rows.map(({ id }) => id));
  const numbers = new Set(rows.map(({ number }) => number));
  return {
    lost: acknowledged.filter((id) => !ids.has(id)).length,
    twice: rows.length - numbers.size,
  };
}
