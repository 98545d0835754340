import type { Page } from 'puppeteer-core';
import { openPage } from './support/browser.js';
import { countedCoupons } from './support/counted.js';
import { goTo, reload } from './support/goTo.js';
import { sampleShop } from './support/sampleShop.js';
import { named, press, seeNoText, seeText, signIn, valueOf } from './support/screen.js';

/** Somebody in a hurry on Dial: a key acts on what the eye is on and on nothing else, and no number moves by itself. */
describe('in a hurry, keys', () => {
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

  it('say gas, machine and wire too, as they are spoken of', async () => {
    await page.keyboard.type('/16 ga 304 outside corner with 0.035 wire 40 CFH argon on the bench unit');
    await seeText(page, '40 cfh: the flow is worked out');
    await seeNoText(page, 'Not understood');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => location.search.includes('kind=outsideCorner'));
    const search = await page.evaluate(() => new URLSearchParams(location.search).toString());
    for (const said of ['wire=0.889', 'gas=argon', 'machine=bench', 'first=16ga'])
      expect(search).toContain(said);
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

  it('log what the panel was set to, coupon after coupon, until the new numbers are taken', async () => {
    await goTo(
      page,
      `${shop.heron.url}/dial?metal=stainless304&first=1.2+mm&second=1.2+mm&kind=butt&wire=none`,
    );
    await named(page, 'Other ways');
    const shown = () => valueOf(page, 'Power, %');
    const before = await shown();
    const logHot = async (number: number) => {
      await page.keyboard.press('l');
      await logOpens();
      await page.keyboard.press('5');
      await page.keyboard.press('Enter');
      await seeText(page, `Coupon ${number} is logged`);
    };
    const { newest } = await countedCoupons(shop.heron.url);
    for (const next of [1, 2, 3, 4]) await logHot(newest + next);
    await seeText(page, 'Your coupons now say power');
    expect(await shown()).toBe(before);
    await reload(page);
    await seeText(page, 'Your coupons now say power');
    expect(await shown()).toBe(before);
    const logged = await newestPowers(4);
    expect(new Set(logged).size).toBe(1);
    await press(page, 'Take it');
    await seeText(page, 'Set the panel to it.');
    expect(Number(await shown())).toBeLessThan(Number(before));
    await press(page, 'Undo');
    await page.waitForFunction(() => document.body.innerText.includes('Your coupons now say'));
    expect(await shown()).toBe(before);
  });

  /** Power of the newest coupons, W. */
  async function newestPowers(count: number): Promise<number[]> {
    const answer = await fetch(`${shop.heron.url}/api/coupons?limit=${count}`);
    const { coupons } = (await answer.json()) as { coupons: { setting: { powerW: number } }[] };
    return coupons.map(({ setting }) => setting.powerW);
  }
});
