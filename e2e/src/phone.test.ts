import type { Page } from 'puppeteer-core';
import { openPage, phone } from './support/browser.js';
import { goTo } from './support/goTo.js';
import { sampleShop } from './support/sampleShop.js';
import { named, press, seeText, signIn, valueOf } from './support/screen.js';

/** Dial on a phone in a glove: what one sets, the odds and the log are on the first screen. */
describe('Dial on a phone', () => {
  const shop = sampleShop();
  let page: Page;

  beforeAll(async () => {
    page = await openPage(shop.browser, `${shop.heron.url}/dial`, phone);
    await signIn(page, 'Maren');
  });

  beforeEach(async () => {
    await goTo(page, `${shop.heron.url}/dial`);
    await named(page, 'Other ways');
  });

  /** Where something lies on the screen, px, and what is over its middle. */
  const placeOf = async (name: string) =>
    (await named(page, name)).evaluate((element) => {
      const { left, top, right, bottom, height } = element.getBoundingClientRect();
      const over = document.elementFromPoint((left + right) / 2, (top + bottom) / 2);
      return { top, bottom, left, right, height, isSeen: over !== null && element.contains(over) };
    });

  it('shows every number, the odds and the log without scrolling', async () => {
    for (const name of [
      'Power, %',
      'Duty, %',
      'Wobble width, mm',
      'Wobble rate, Hz',
      'Wire, cm/min',
      'Log',
    ]) {
      const place = await placeOf(name);
      expect({ name, ...place }).toMatchObject({ isSeen: true });
      expect(place.bottom).toBeLessThan(phone.height);
    }
    await seeText(page, 'an even line');
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(phone.width);
  });

  it('has no target under 48 px among what is pressed there', async () => {
    const small = await page.$$eval(
      'main button, main a, main input, main select, .foot-bar button',
      (targets) =>
        targets
          .filter((target) => target.getClientRects().length > 0)
          .map((target) => ({
            name: target.getAttribute('aria-label') ?? (target as HTMLElement).innerText,
            height: target.getBoundingClientRect().height,
          }))
          .filter(({ height }) => height < 48),
    );
    expect(small).toEqual([]);
  });

  it('opens the sentence at a touch of its line, and keeps it open while a word is wrong', async () => {
    const line = await page.$('button[aria-controls]');
    expect(await line?.evaluate((button) => button.innerText)).toContain(
      '304 stainless 1.5 mm butt, gap 0.1 mm',
    );
    await line?.tap();
    await (await named(page, 'Joint')).select('lap');
    await page.waitForFunction(() => location.search.includes('kind=lap'));
    expect(await line?.evaluate((button) => button.innerText)).toContain('lap');
    await line?.tap();
    await page.waitForFunction(
      () => document.querySelector('button[aria-expanded="true"][aria-controls]') === null,
    );
    await goTo(page, `${shop.heron.url}/dial?first=thick`);
    expect(await valueOf(page, 'Thickness of the first sheet')).toBe('thick');
  });

  it.each(['dial', 'dial/clean'])(
    'at the end of %s hides nothing under the bar with the log',
    async (path) => {
      await goTo(page, `${shop.heron.url}/${path}`);
      await named(page, 'Log');
      await page.waitForSelector('main section:last-of-type kbd');
      const hidden = await page.evaluate(() => {
        window.scrollTo(0, document.body.scrollHeight);
        const top = document.querySelector('.foot-bar')?.getBoundingClientRect().top ?? -1;
        return [...document.querySelectorAll<HTMLElement>('main button, main a')]
          .filter(
            (target) => target.closest('.foot-bar') === null && target.getBoundingClientRect().bottom > top,
          )
          .map((target) => target.innerText);
      });
      expect(hidden).toEqual([]);
    },
  );

  it('turns to the drawing and back', async () => {
    await press(page, 'Drawing');
    await page.waitForFunction(
      () => (document.getElementById('dial-drawing')?.getBoundingClientRect().left ?? Infinity) < 40,
    );
    await press(page, 'Numbers');
    await page.waitForFunction(
      () => (document.getElementById('dial-numbers')?.getBoundingClientRect().left ?? -Infinity) > 0,
    );
  });

  it('logs from wherever one is', async () => {
    await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
    await press(page, 'Log');
    await seeText(page, 'What did the back look like?');
    await page.keyboard.press('Escape');
  });
});
