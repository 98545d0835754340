import type { Page } from 'puppeteer-core';
import { openPage } from './support/browser.js';
import { openDesk, type Desk } from './support/desk.js';
import { goTo } from './support/goTo.js';
import { sampleShop } from './support/sampleShop.js';
import { inches, millimetres } from './support/shopUnits.js';
import { fill, press, seeText, signIn } from './support/screen.js';

/** Units of one system that no page of a shop of the other may show. */
const foreign = {
  in: /\d\s?(mm|mm\/s|cm\/min|L\/min|bar|kg|m)\b|°C/,
  mm: /\d\s?(in|in\/min|CFH|psi|lb|ft)\b|°F|\$/,
} as const;

/** Wire is sold by its diameter, whatever the shop's units are. */
const wireByName = /\d(\.\d+)? (mm|in) wire/g;

/** The panel of a machine, whose knobs stay in its maker's units. */
const panel = '[aria-label="Dial these"]';

/** Slots are in the panel's units; spools and nozzles go by the size they are sold under. */
const pages = [
  'dial',
  'dial?kind=tee',
  'coupons',
  'cards',
  'ready?machine=bench',
  'ready/scrap/bench',
  'coupons/evidence',
  'cards/chart',
  'shop/supply',
  'shop/practice',
  'shop/acceptance',
  'coupons/ladders',
  'optics/lives',
  'optics',
] as const;

/** A shop speaks one system of units, and a number without a unit is in it. */
describe('units', () => {
  const shop = sampleShop();
  let page: Page;
  let ines: Desk;
  let revision = 0;

  beforeAll(async () => {
    page = await openPage(shop.browser, `${shop.heron.url}/dial`);
    await signIn(page, 'Ines');
    ines = await openDesk(shop.heron.url, 'ines');
  });

  const speak = async (units: object) => {
    revision += 1;
    expect((await ines.put(`house/units/${revision}`, units)).status).toBe(200);
    await goTo(page, `${shop.heron.url}/shop`);
  };

  /** Lines of a page with a unit of the other system. */
  const foreignLines = async (path: string, system: keyof typeof foreign) => {
    await goTo(page, `${shop.heron.url}/${path}`);
    await page.waitForSelector('main h1');
    const text = await page.$eval(
      'main',
      (main, ofMachine) => {
        main.querySelectorAll(ofMachine).forEach((part) => part.remove());
        const typed = [...main.querySelectorAll('input')].map(({ type, value }) =>
          type === 'text' ? value : '',
        );
        return [main.innerText, ...typed].join('\n');
      },
      panel,
    );
    const told = text.replace(wireByName, '');
    return told.split('\n').filter((line) => foreign[system].test(line));
  };

  describe.each([
    { system: 'in', units: inches },
    { system: 'mm', units: millimetres },
  ] as const)('of a shop in $system', ({ system, units }) => {
    beforeAll(() => speak(units));

    it.each(pages)('are alone on %s', async (path) => {
      expect(await foreignLines(path, system)).toEqual([]);
    });
  });

  it('make a bare number of a run inches where the shop says so, and question what no hand does', async () => {
    await speak(inches);
    await goTo(page, `${shop.heron.url}/dial`);
    await press(page, 'Log coupon L');
    await fill(page, 'Light on if known', '10');
    await fill(page, 'Length of run if known', '4');
    await seeText(page, '24 in/min');
    await fill(page, 'Length of run if known', '4 mm');
    await seeText(page, 'is no pace of a hand');
    await page.keyboard.press('Escape');
    await speak(millimetres);
  });
});
