/** Shops that are killed while people save, and what is left of what was acknowledged. */
import { setTimeout as pause } from 'node:timers/promises';
import { addressOf, call } from './calls.mjs';
import { saveCoupon, serveShop } from './servedShop.mjs';

/** Who saves at once. */
const clients = 4;

/**
 * Serves a shop, has coupons saved by several at once, and kills it after some of them.
 *
 * @param env what the server is started with
 * @returns ids of coupons that were acknowledged, how many were refused, and what the shop printed
 */
export async function saveAndKill(folder, headers, draws, env = {}) {
  const shop = await serveShop(folder, env);
  const acknowledged = [];
  const refused = [];
  let isOver = false;
  const saving = Array.from({ length: clients }, async (_, client) => {
    while (!isOver) {
      const { id, status } = await saveCoupon(shop.url, headers, { from: addressOf(client) });
      if (status === 201) acknowledged.push(id);
      else if (status === null) return;
      else refused.push(status);
    }
  });
  // By answers and not by the clock: a busy machine saves as many. A moment more, to kill between two of them.
  const enough = draws.whole(1, 40);
  while (acknowledged.length + refused.length < enough && !shop.hasEnded()) await pause(2);
  await pause(draws.whole(0, 20));
  if (shop.hasEnded()) throw new Error(`the server ended by itself: ${shop.printed()}`);
  await shop.stop('SIGKILL');
  isOver = true;
  await Promise.all(saving);
  return { acknowledged, refused, printed: shop.printed() };
}

/** Which of these coupons a shop that was started again does not have. */
export async function missing(folder, headers, ids) {
  const shop = await serveShop(folder);
  const lost = [];
  for (const [i, id] of ids.entries()) {
    const { status } = await call(`${shop.url}/api/coupons/${id}`, { headers, from: addressOf(i) });
    if (status !== 200) lost.push(id);
  }
  await shop.stop();
  return { lost, printed: shop.printed() };
}
