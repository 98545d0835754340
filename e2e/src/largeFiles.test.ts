import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { exchangeSchema } from '@lone-heron/contract';
import type { ElementHandle, Page } from 'puppeteer-core';
import { openPage } from './support/browser.js';
import { sampleShop } from './support/sampleShop.js';
import { press, seeText, signIn } from './support/screen.js';

/** The largest file that is read, in the shop as it is served: with threads of its own for files. */
describe('a file of 20,000 coupons', () => {
  const shop = sampleShop();
  const count = 20_000;
  let page: Page;
  let before: number;
  let file: string;

  const total = async () =>
    ((await (await fetch(`${shop.heron.url}/api/coupons?limit=1`)).json()) as { total: number }).total;
  const choose = async () => {
    const input = (await page.waitForSelector(
      'section[aria-label="In"] input[type="file"]',
    )) as ElementHandle<HTMLInputElement>;
    await input.uploadFile(file);
  };

  beforeAll(async () => {
    file = join(shop.folder, 'notebook.csv');
    writeFileSync(file, manyCoupons(count));
    before = await total();
    page = await openPage(shop.browser, `${shop.heron.url}/coupons/files`);
    await signIn(page, 'Ines');
  });

  it('says how far it has come while others go on, and is broken off', async () => {
    await choose();
    await seeText(page, `of ${count}.`);
    for (let asked = 0; asked < 5; asked++) expect(await total()).toBe(before);
    await seeText(page, `of ${count}.`);
    await press(page, 'Break off');
    await seeText(page, 'Broken off. Choose the file again');
    expect(await total()).toBe(before);
  });

  it('is stored whole or not at all where the power fails', async () => {
    await choose();
    await press(page, `Store ${count} coupons`);
    await seeText(page, 'Storing: ');
    await shop.heron.stop('SIGKILL');
    await shop.startAgain();
    expect([before, before + count]).toContain(await total());
  });

  it('is stored once, and goes out again as coupons and with the machines they are of', async () => {
    await page.goto(`${shop.heron.url}/coupons/files`);
    await choose();
    await press(page, `Store ${count} coupons`);
    await seeText(page, `Stored: ${count} coupons.`);
    expect(await total()).toBe(before + count);
    const csv = await (await fetch(`${shop.heron.url}/api/coupon-files/csv`)).text();
    expect(csv.trim().split('\n').length).toBeGreaterThan(before + count);
    const exchange = exchangeSchema.parse(await (await fetch(`${shop.heron.url}/api/exchange/json`)).json());
    expect(exchange.coupons).toHaveLength(before + count);
    expect(exchange.machines.length).toBeGreaterThan(1);
  });
});

const head =
  'welded_at;machine;joint;metal;first_mm;second_mm;gap_mm;power_w;duty_percent;wobble;pace;travel_mm_s;gas;gas_l_min;back';

function manyCoupons(count: number): string {
  const rows = Array.from({ length: count }, (_, i) => {
    const weldedAt = new Date(Date.UTC(2026, 8, 1) + i * 1000).toISOString();
    return `${weldedAt};bench;butt;stainless304;1,5;1,5;0,1;800;100;none;hand;8,5;argon;15;even`;
  });
  return [head, ...rows].join('\n');
}
