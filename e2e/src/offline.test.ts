import type { Page } from 'puppeteer-core';
import { openInstallable } from './support/browser.js';
import { goTo } from './support/goTo.js';
import { sampleShop } from './support/sampleShop.js';
import { patienceMs, press, seeText, signIn, textOf, toStation } from './support/screen.js';

/** What each station shows with the server gone, after no other page than Dial was ever opened. */
const stations = [
  ['/ready', 'Shut down'],
  ['/coupons', 'What they say'],
  ['/cards', 'Pass on'],
  ['/jobs', 'Jobs'],
  ['/optics', 'Protective window on the bench unit'],
  ['/shop', 'the barrow unit'],
] as const;

/** What is asked for last of what every station shows first. */
const lastKept = '/api/coupons?machineId=barrow&limit=1';

describe('without the server', () => {
  const shop = sampleShop();
  let page: Page;

  beforeAll(async () => {
    page = await openInstallable(shop.browser);
    await goTo(page, `${shop.heron.url}/dial`);
    await signIn(page, 'Ines');
    await page.waitForFunction(
      async (path) => (await caches.match(path)) !== undefined,
      { polling: 200, timeout: patienceMs },
      lastKept,
    );
    await shop.heron.stop();
  });

  it('opens anew, says how old what it shows is, and answers a joint by the coupons that it kept', async () => {
    await page.goto(`${shop.heron.url}/dial?first=2+mm&second=2+mm`);
    await seeText(page, 'The server does not answer. This is as it was today');
    await seeText(page, 'Dial these');
    await seeText(page, 'coupons');
    expect(await textOf(page, 'What to expect')).not.toContain('From the model alone');
  });

  it.each(stations)('has %s', async (path, shown) => {
    await toStation(page, path);
    await seeText(page, shown);
    expect(await page.evaluate(() => document.body.innerText)).not.toMatch(
      /This screen failed|Could not fetch/,
    );
  });

  it('logs a coupon, which is stored when the server is back', async () => {
    await toStation(page, '/dial');
    await seeText(page, 'Dial these');
    await press(page, 'Log coupon L');
    await seeText(page, 'What did the back look like?');
    await page.keyboard.press('3');
    await page.keyboard.press('Enter');
    await seeText(page, 'waits');
    await shop.startAgain();
    await seeText(page, 'The server is back: 1 that waited is stored.');
    await page.waitForFunction(() => !document.body.innerText.includes('The server does not answer'), {
      timeout: patienceMs,
    });
  });
});
