import type { Page } from 'puppeteer-core';
import { openPage } from './support/browser.js';
import { countedCoupons } from './support/counted.js';
import { goTo } from './support/goTo.js';
import { sampleShop } from './support/sampleShop.js';
import { named, seeNoText, seeText, signIn, valueOf } from './support/screen.js';

/** Keys of somebody in a hurry: each acts on what the eye is on, and on nothing else. */
describe('keys on Dial', () => {
  const shop = sampleShop();
  let page: Page;

  beforeAll(async () => {
    page = await openPage(shop.browser, `${shop.heron.url}/dial`);
    await signIn(page, 'Maren');
  });

  beforeEach(async () => {
    await goTo(page, `${shop.heron.url}/dial`);
    await named(page, 'Other ways');
  });

  const isOpen = (selector: string) =>
    page.evaluate((wanted) => document.querySelector(wanted) !== null, selector);
  const logOpens = () => seeText(page, 'What did the back look like?');

  it('after a slash are written into the box, however fast they come, and Enter waits for the offers', async () => {
    const { newest } = await countedCoupons(shop.heron.url);
    await page.keyboard.type('/lap 3 steel');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => location.search.includes('kind=lap'));
    expect(await valueOf(page, 'Metal')).toBe('lowCarbonSteel');
    expect(await isOpen('dialog[open]')).toBe(false);
    expect((await countedCoupons(shop.heron.url)).newest).toBe(newest);
  });

  it('work after a joint was said, where the focus was', async () => {
    await (await named(page, 'Metal')).focus();
    await page.keyboard.type('/304 2 to 2 butt\n');
    await page.waitForFunction(() => location.search.includes('first=2'));
    await page.keyboard.type('/');
    await named(page, 'Say the joint at once');
    await page.keyboard.press('Escape');
    await page.keyboard.press('l');
    await logOpens();
    expect(await page.evaluate(() => location.search)).toContain('metal=stainless304');
    await page.keyboard.press('Escape');
  });

  it('work from a list and from a figure that nobody types over', async () => {
    for (const name of ['Metal', 'Thickness of the first sheet', 'Power, %']) {
      await (await named(page, name)).focus();
      await page.keyboard.press('l');
      await logOpens();
      await page.keyboard.press('Escape');
      await page.waitForFunction(() => document.querySelector('dialog[open]') === null);
    }
    expect(await valueOf(page, 'Metal')).toBe('stainless304');
  });

  it('belong to a text once it is begun', async () => {
    await (await named(page, 'Thickness of the first sheet')).focus();
    await page.keyboard.type('2 l');
    expect(await valueOf(page, 'Thickness of the first sheet')).toBe('2 l');
    expect(await isOpen('dialog[open]')).toBe(false);
    await page.keyboard.press('Escape');
  });

  it('keep what was written into the box when it is left', async () => {
    await page.keyboard.type('/tube 3 m');
    await page.mouse.click(640, 790);
    await seeNoText(page, 'Not understood');
    await page.keyboard.press('/');
    expect(await valueOf(page, 'Say the joint at once')).toBe('tube 3 m');
    await page.keyboard.press('Escape');
  });
});
