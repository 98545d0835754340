import type { Browser, Page } from 'puppeteer-core';
import { v7 as uuid } from 'uuid';
import { broken, openBrowser, openPage } from './support/browser.js';
import { goTo } from './support/goTo.js';
import { sampleShop } from './support/sampleShop.js';
import { seeText, signIn } from './support/screen.js';
import { waitUntil } from './support/waitFor.js';

/** Two benches, each with a browser of its own: what one stores the other sees by itself. */
const shop = sampleShop();
let elsewhere: Browser;
let page: Page;
let bench: Page;

beforeAll(async () => {
  elsewhere = await openBrowser();
  page = await openPage(shop.browser, `${shop.heron.url}/coupons`);
  await signIn(page, 'Ines');
  bench = await openPage(elsewhere, `${shop.heron.url}/coupons`);
});
afterAll(() => elsewhere.close());

const total = async () =>
  ((await (await fetch(`${shop.heron.url}/api/coupons?limit=1`)).json()) as { total: number }).total;

/** The newest coupon once more, as the first bench's page stores it. */
async function logOne(): Promise<void> {
  const status = await page.evaluate(async (id) => {
    const { coupons } = (await (await fetch('/api/coupons?limit=1')).json()) as {
      coupons: Record<string, unknown>[];
    };
    const { machineId, joint, setting, back, lightOnS, runLengthMm } = coupons[0] ?? {};
    const draft = { machineId, joint, setting, back, lightOnS, runLengthMm, remark: '' };
    const body = JSON.stringify({ ...draft, weldedAt: new Date().toISOString() });
    const headers = { 'Content-Type': 'application/json', 'X-Lone-Heron': 'by hand' };
    return (await fetch(`/api/coupons/${id}`, { method: 'PUT', headers, body })).status;
  }, uuid());
  expect(status).toBe(201);
}

/** How many lines of news a page holds open now. */
const lines = (of: Page) =>
  of.evaluate(
    () => performance.getEntriesByType('resource').filter(({ name }) => name.includes('/api/news')).length,
  );

describe('two benches', () => {
  it('see what the other logged, without asking again and again', async () => {
    const before = await total();
    await seeText(bench, `${before} logged`);
    await logOne();
    await seeText(bench, `${before + 1} logged`);
    // The page that did it by other means than its own forms sees it too.
    await seeText(page, `${before + 1} logged`);
  });

  it('go on once the server is there again, and see what they missed', async () => {
    const before = await total();
    await shop.heron.stop('SIGKILL');
    await shop.startAgain();
    await logOne();
    await seeText(bench, `${before + 1} logged`);
  });

  it('have one line for all tabs of a browser, which the next takes over', async () => {
    const second = await openPage(elsewhere, `${shop.heron.url}/coupons`);
    const third = await openPage(elsewhere, `${shop.heron.url}/coupons`);
    const before = await total();
    await logOne();
    for (const tab of [bench, second, third]) await seeText(tab, `${before + 1} logged`);
    expect(await lines(second)).toBe(0);
    await bench.close();
    await logOne();
    // Whoever has it now tells the other.
    for (const tab of [second, third]) await seeText(tab, `${before + 2} logged`);
    await waitUntil(
      async () => (await lines(second)) + (await lines(third)),
      (held) => held <= 1,
    );
    await goTo(third, `${shop.heron.url}/optics`);
    expect(broken).toEqual([]);
  });
});
