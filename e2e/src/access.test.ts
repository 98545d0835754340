import type { Page } from 'puppeteer-core';
import { desk, openPage } from './support/browser.js';
import { openLogByKey } from './support/openLogByKey.js';
import { named, press, seeText, signIn, valueOf } from './support/screen.js';
import { sampleShop } from './support/sampleShop.js';
import { goTo } from './support/goTo.js';

const shop = sampleShop();

describe('on a desk', () => {
  let page: Page;
  beforeAll(async () => {
    page = await openPage(shop.browser, `${shop.heron.url}/dial`);
    await signIn(page, 'Ines');
  });

  it('shows the whole main task without scrolling', async () => {
    const height = await page.evaluate(() => document.documentElement.scrollHeight);
    expect(height).toBeLessThanOrEqual(desk.height);
  });

  it('can be worked with the keyboard alone, from the sentence to a logged coupon', async () => {
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press('/');
    const focused = () => page.evaluate(() => document.activeElement?.getAttribute('aria-label'));
    await named(page, 'Say the joint at once');
    await page.keyboard.press('Escape');
    expect(await focused()).toBe('The joint');
    await page.keyboard.press('ArrowRight');
    expect(await focused()).toBe('What is done');
    await page.keyboard.press('ArrowRight');
    expect(await focused()).toBe('Metal');
    await page.keyboard.press('ArrowRight');
    expect(await focused()).toBe('Thickness of the first sheet');
    await page.keyboard.type('1/16 in');
    await page.keyboard.press('ArrowRight');
    expect(await focused()).toBe('Thickness of the second sheet');
    await page.keyboard.press('ArrowLeft');
    expect(await focused()).toBe('Thickness of the first sheet');
    await page.keyboard.press('ArrowRight');
    expect(await valueOf(page, 'Thickness of the first sheet')).toBe('1/16 in');
    await (await named(page, 'Wobble rate, Hz')).focus();
    await page.keyboard.press('PageUp');
    expect(await valueOf(page, 'Wobble rate, Hz')).toBe('70');
    await page.keyboard.press('Tab');
    await openLogByKey(page);
    await seeText(page, 'What did the back look like?');
    await page.keyboard.press('3');
    await page.keyboard.press('Enter');
    await seeText(page, 'is logged');
  });

  it('says where nothing is', async () => {
    await goTo(page, `${shop.heron.url}/nowhere`);
    await seeText(page, 'There is no page /nowhere.');
  });

  it('draws depth against power, with its table', async () => {
    await goTo(page, `${shop.heron.url}/dial`);
    await press(page, 'By knob');
    await page.waitForSelector('svg path[stroke]');
    await (await page.waitForSelector('::-p-text(The same as a table)'))?.click();
    expect(await page.$$eval('table tbody tr', (rows) => rows.length)).toBeGreaterThan(20);
  });

  it('says when the server is away, and comes back with it', async () => {
    await page.setRequestInterception(true);
    const refuse = (request: {
      url: () => string;
      abort: () => Promise<void>;
      continue: () => Promise<void>;
    }) => void (request.url().includes('/api/coupons') ? request.abort() : request.continue());
    page.on('request', refuse);
    await goTo(page, `${shop.heron.url}/coupons`);
    await seeText(page, 'Could not fetch the coupons. The server does not answer.');
    page.off('request', refuse);
    await page.setRequestInterception(false);
    await press(page, 'Try again');
    await seeText(page, 'Real travel');
  });
});
