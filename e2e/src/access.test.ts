import type { Browser, Page } from 'puppeteer-core';
import { desk, openBrowser, openPage } from './support/browser.js';
import { freshFolder, removeFolder, startHeron, type RunningHeron } from './support/heron.js';
import { named, press, seeText, signIn, valueOf } from './support/screen.js';

const folder = freshFolder();
let heron: RunningHeron;
let browser: Browser;

beforeAll(async () => {
  heron = await startHeron(folder);
  browser = await openBrowser();
});
afterAll(async () => {
  await browser.close();
  await heron.stop();
  removeFolder(folder);
});

describe('on a desk', () => {
  let page: Page;
  beforeAll(async () => {
    page = await openPage(browser, `${heron.url}/dial`);
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
    await page.keyboard.press('l');
    await seeText(page, 'What did the back look like?');
    await page.keyboard.press('3');
    await page.keyboard.press('Enter');
    await seeText(page, 'is logged');
  });

  it('says where nothing is, and what is still to come', async () => {
    await page.goto(`${heron.url}/nowhere`, { waitUntil: 'networkidle0' });
    await seeText(page, 'There is no page /nowhere.');
    await page.goto(`${heron.url}/jobs`, { waitUntil: 'networkidle0' });
    await seeText(page, 'This station is not built yet.');
  });

  it('draws depth against power, with its table', async () => {
    await page.goto(`${heron.url}/dial`, { waitUntil: 'networkidle0' });
    await press(page, 'Depth by knob');
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
    await page.goto(`${heron.url}/coupons`, { waitUntil: 'networkidle0' });
    await seeText(page, 'Could not fetch the coupons. The server does not answer.');
    page.off('request', refuse);
    await page.setRequestInterception(false);
    await press(page, 'Try again');
    await seeText(page, 'Real travel');
  });
});
