import type { Page } from 'puppeteer-core';
import { openPage, phone } from './support/browser.js';
import { goTo } from './support/goTo.js';
import { sampleShop } from './support/sampleShop.js';
import { fill, named, press, seeText } from './support/screen.js';

const tourTitles = [
  'Say the joint',
  'The numbers for your panel',
  'How sure it is',
  'Coupons teach it',
  'Cards keep what worked',
  'Glass and upkeep',
];

describe('help', () => {
  const shop = sampleShop();
  let page: Page;

  beforeAll(async () => {
    page = await openPage(shop.browser, `${shop.heron.url}/coupons/ladders`);
  });

  it('of a page is a press away: two things to know, its keys, and the chapter', async () => {
    await press(page, 'Help for this page');
    await seeText(page, 'A ladder changes one knob in steps');
    await press(page, 'In the handbook', 'link');
    await seeText(page, 'Coupons: scrap that teaches');
    // Its picture comes a moment after its words.
    await page.waitForFunction(() =>
      [...document.querySelectorAll<HTMLImageElement>('article img')].every((one) => one.complete),
    );
    expect(await page.$$eval('article img', (all) => all.map((one) => one.naturalWidth > 0))).toEqual([true]);
  });

  it('is found in by words, and opens where they stand', async () => {
    await fill(page, 'Look for in the handbook', 'fingerprint');
    await press(page, 'Phones, and when the server is away', 'link');
    await seeText(page, 'PINs cross the network readable');
  });

  it('walks through the stations, forth and back, and ends with Escape', async () => {
    await goTo(page, `${shop.heron.url}/dial`);
    await seeText(page, 'Dial these');
    await page.keyboard.press('?');
    await press(page, 'A short tour');
    await seeText(page, 'Say the joint');
    for (const title of ['The numbers for your panel', 'How sure it is', 'Coupons teach it']) {
      await press(page, 'Next');
      await seeText(page, title);
    }
    expect(new URL(page.url()).pathname).toBe('/coupons');
    await press(page, 'Back');
    await seeText(page, 'Odds, not a promise');
    expect(new URL(page.url()).pathname).toBe('/dial');
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.querySelector('.driver-popover') === null);
  });

  it('points at what is on the screen of a phone too, and lies within it', async () => {
    const small = await openPage(shop.browser, `${shop.heron.url}/dial`, phone);
    await press(small, 'Help for this page');
    await press(small, 'A short tour');
    for (const title of tourTitles) {
      await seeText(small, title);
      // Both come to their places in a moment.
      await small.waitForFunction(() => {
        const boxes = ['.driver-active-element', '.driver-popover'].map((name) =>
          document.querySelector(name)?.getBoundingClientRect(),
        );
        return boxes.every(
          (box) =>
            box !== undefined &&
            box.width > 40 &&
            box.left >= 0 &&
            box.right <= innerWidth &&
            box.top < innerHeight,
        );
      });
      await press(small, title === tourTitles.at(-1) ? 'Done' : 'Next');
    }
    await small.waitForFunction(() => document.querySelector('.driver-popover') === null);
    await small.close();
  });

  it('is read on a phone without sideways scrolling, chapter by chapter', async () => {
    const small = await openPage(shop.browser, `${shop.heron.url}/help`, phone);
    await (await named(small, 'Chapter')).select('3-dial');
    await seeText(small, 'Dial: what to set');
    const overflow = await small.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(overflow).toBeLessThanOrEqual(0);
    await small.close();
  });
});
