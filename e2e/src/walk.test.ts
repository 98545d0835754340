import type { Page } from 'puppeteer-core';
import { desk, openPage } from './support/browser.js';
import { openLogByKey } from './support/openLogByKey.js';
import {
  fill,
  named,
  pick,
  press,
  seeReading,
  seeText,
  signIn,
  textOf,
  toStation,
  valueOf,
} from './support/screen.js';
import { sampleShop } from './support/sampleShop.js';
import { goTo, reload } from './support/goTo.js';
import { countedCoupons, fittedWindow } from './support/counted.js';
import { coveredByToast } from './support/coveredByToast.js';

/** The main job, as a newcomer walks it: from a joint to a logged coupon, and through a window change to the next. */
describe('from a joint to a logged coupon', () => {
  const shop = sampleShop();
  let page: Page;
  /** The coupon that is logged first, and the window it is welded through. */
  let coupon: number;
  let through: number;

  beforeAll(async () => {
    page = await openPage(shop.browser, shop.heron.url, desk);
    coupon = (await countedCoupons(shop.heron.url)).newest + 1;
    through = await fittedWindow(shop.heron.url, 'barrow');
  });

  const odds = () => textOf(page, 'What to expect');
  const drawing = async () =>
    (await named(page, 'What it will look like')).$eval('title', (title) => title.textContent);

  it('opens on Dial and asks who is there', async () => {
    await seeText(page, 'Dial these');
    expect(page.url()).toContain('/dial');
    await signIn(page, 'Maren');
    await named(page, 'Maren is signed in');
  });

  it('understands the joint in any unit and shows what to dial', async () => {
    await pick(page, 'Metal', 'lowCarbonSteel');
    await fill(page, 'Thickness of the first sheet', '16 ga');
    await seeText(page, '= 1.52 mm');
    await fill(page, 'Thickness of the second sheet', '.063');
    await seeText(page, '= 1.6 mm');
    await fill(page, 'Gap', '0,2 mm');
    await pick(page, 'Wire', 'none');
    await pick(page, 'Machine', 'barrow');
    await seeText(page, 'Dial these on the barrow unit');
    expect(await drawing()).toContain('1.52 mm to 1.6 mm butt, gap 0.2 mm');
    expect(await odds()).toMatch(/\d+\s%\s+through without a hole/);
    expect(Number(await valueOf(page, 'Power, W'))).toBeGreaterThan(400);
  });

  it('follows another aim, and wire', async () => {
    const before = await valueOf(page, 'Power, W');
    await pick(page, 'Aim', 'least-heat');
    await page.waitForFunction(
      (old) => document.querySelector<HTMLInputElement>('[aria-label="Power, W"]')?.value !== old,
      {},
      before,
    );
    await pick(page, 'Aim', 'reach');
    await pick(page, 'Wire', '1');
    await named(page, 'Wire, m/min');
    await seeReading(page, 'Dial these', 'Travel');
  });

  it('keeps the joint in the address', async () => {
    await reload(page);
    expect(await valueOf(page, 'Thickness of the first sheet')).toBe('16 ga');
    expect(await valueOf(page, 'Machine')).toBe('barrow');
  });

  it('lets a knob be turned, and drawing, depth and odds follow', async () => {
    const [drawnBefore, oddsBefore, powerBefore] = [
      await drawing(),
      await odds(),
      Number(await valueOf(page, 'Power, W')),
    ];
    for (let i = 0; i < 12; i++) await press(page, 'More Power');
    expect(Number(await valueOf(page, 'Power, W'))).toBe(powerBefore + 120);
    expect(await drawing()).not.toBe(drawnBefore);
    expect(await odds()).not.toBe(oddsBefore);
    await (await named(page, 'Power, W')).focus();
    await page.keyboard.press('ArrowDown');
    expect(Number(await valueOf(page, 'Power, W'))).toBe(powerBefore + 110);
    await press(page, 'Back to computed');
    expect(Number(await valueOf(page, 'Power, W'))).toBe(powerBefore);
    expect(await drawing()).toBe(drawnBefore);
    await fill(page, 'Power, W', '0,9 kW');
    expect(await valueOf(page, 'Power, W')).toBe('900');
  });

  it('logs a coupon with L, the back, the time and the length, so that real travel follows', async () => {
    await page.keyboard.press('Escape');
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await openLogByKey(page);
    await seeText(page, 'What did the back look like?');
    await page.keyboard.press('3');
    await fill(page, 'Light on if known', '12,5');
    await fill(page, 'Length of run if known', '4 in');
    await seeText(page, '8.1 mm/s');
    await fill(page, 'Remark', 'first on the new rail');
    await press(page, 'Save coupon');
    await seeText(page, `Coupon ${coupon} is logged, through window ${through}.`);
    await seeText(page, `No ${coupon}`);
    expect(await coveredByToast(page)).toEqual([]);
    await seeReading(page, 'Coupons of this joint', 'even line');
  });

  it('keeps it under Coupons with setting, machine, person, window and time', async () => {
    await press(page, `Coupons ${coupon} logged`, 'link');
    await seeText(page, 'first on the new rail');
    // Names come with the people, a moment after the coupons.
    await page.waitForFunction(() =>
      document.querySelector<HTMLElement>('tbody tr')?.innerText.includes('Maren'),
    );
    const row = await page.$eval('tbody tr', (element) => (element as HTMLElement).innerText);
    for (const part of [
      String(coupon),
      'low-carbon steel 1.52 mm to 1.6 mm butt, gap 0.2 mm',
      '900 W',
      '1.0 mm wire',
      'even line',
      '8.1 mm/s',
      '101.6 mm in 12.5 s',
      'the barrow unit',
      `window ${through}`,
      'Maren',
      'today',
    ]) {
      expect(row).toContain(part);
    }
  });

  it('records a window change, and the next coupon carries the new window', async () => {
    await toStation(page, '/optics');
    const card = await named(page, 'Window of the barrow unit');
    await (await card.waitForSelector('button'))?.click();
    await seeText(page, 'What was seen on the old one?');
    await press(page, 'A new window is in');
    await seeText(page, 'Say what was seen');
    await (await page.waitForSelector('input[value="paleSpecks"]'))?.click();
    await fill(page, 'Note', 'gun too upright');
    await press(page, 'A new window is in');
    await seeText(page, `Window ${through + 1} is in. The next coupon carries it.`);
    await seeReading(page, 'Windows that came out', 'gun too upright');
    await goTo(page, `${shop.heron.url}/dial?machine=barrow`);
    await openLogByKey(page);
    await seeText(page, 'What did the back look like?');
    await page.keyboard.press('2');
    await page.keyboard.press('Enter');
    await seeText(page, `Coupon ${coupon + 1} is logged, through window ${through + 1}.`);
  });

  it('takes a coupon back from the toast', async () => {
    await press(page, 'Undo');
    await seeText(page, `Coupon ${coupon + 1} was taken back.`);
    await press(page, `Coupons ${coupon} logged`, 'link');
    await page.waitForSelector('tbody th');
    const numbers = await page.$$eval('tbody th', (cells) => cells.map((cell) => cell.textContent));
    expect(numbers).not.toContain(String(coupon + 1));
    expect(numbers).toContain(String(coupon));
  });

  it('tried nothing on the way that the page’s own policy refuses', async () => {
    const measured = await (await fetch(`${shop.heron.url}/api/metrics`)).text();
    expect(measured).toContain('heron_csp_reports_total 0');
  });
});
