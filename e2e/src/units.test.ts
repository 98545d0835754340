import type { Page } from 'puppeteer-core';
import { openPage } from './support/browser.js';
import { openDesk, type Desk } from './support/desk.js';
import { goTo, goWithin } from './support/goTo.js';
import { sampleShop } from './support/sampleShop.js';
import { pages, show } from './support/screenAudit.js';
import { inches, millimetres } from './support/shopUnits.js';
import { fill, press, seeNoText, seeText, signIn, valueOf } from './support/screen.js';

/** Units of one system that no page of a shop of the other may show. */
const foreign = {
  in: /(\d\s?|^)(mm|mm\/s|cm\/min|L\/min|bar|kg|m)\b|(\d |^)L\b|°C|J\/mm|kJ\/m\b/,
  mm: /(\d\s?|^)(in|in\/min|CFH|psi|lb|ft|ft³|gal)(?![\w³ ])|°F|\$|kJ\/in/,
} as const;

/** Wire is sold by its diameter, whatever the shop's units are. */
const wireByName = /\d(\.\d+)? (mm|in) wire/g;
const soldSizes = /^(0\.\d+|\d\.\d|1\/16) (mm|in)$/;

/** What keeps units of its own on a page, by whose they are; everything else is the shop's. */
const panelOfMachine = /^(.*[ ,])?(mm|mm\/s|cm\/min|in\/min|m\/min)\b/;
const named = { spare: /^.*(Nozzle with groove, 4 mm|Liner 3 m)/, card: /(Sink surround|Galley worktop)/ };
const keepsItsOwn: Readonly<Record<string, RegExp>> = {
  'coupons/sectioned': panelOfMachine,
  'cards/signed/change': panelOfMachine,
  'cards/signed/carry': panelOfMachine,
  'cards/slots': panelOfMachine,
  'cards/slots/compare?machine=bench&slot=4': panelOfMachine,
  shop: panelOfMachine,
  'shop/machines/barrow': panelOfMachine,
  'cards?find=304+1.2+butt': named.card,
  'optics/drawer': named.spare,
  // Somebody's own words about what they measured.
  'optics/upkeep': /, 4\.1 mm\. Round, clean/,
  'optics/upkeep/plan/bench': /^mm of bore$/,
  // Said so in the address.
  'dial?first=10+mm&second=10+mm': /^10 mm$/,
  // Somebody's own number of a drawing.
  'jobs/half/head': /^L-204 B$/,
  'shop/history': /changed the units of the house/,
  // The pupil of the standard.
  'shop/machines/barrow/safety': /power over a 7 mm pupil/,
};

/** The panel of a machine, whose knobs stay in its maker's units. */
const panel = '[aria-label="Dial these"]';

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
    await show(page, shop.heron.url, path, goWithin);
    const text = await page.$eval(
      'main',
      (main, ofMachine) => {
        for (const part of main.querySelectorAll<HTMLElement>(`${ofMachine}, kbd`))
          part.style.setProperty('display', 'none', 'important');
        const typed = [...main.querySelectorAll('input')].map(({ type, value }) =>
          type === 'text' ? value : '',
        );
        return [main.innerText, ...typed].join('\n');
      },
      panel,
    );
    const told = text.replace(wireByName, '');
    const own = keepsItsOwn[path];
    return told
      .split('\n')
      .filter((line) => foreign[system].test(line) && !soldSizes.test(line) && own?.test(line) !== true);
  };

  describe.each([
    { system: 'in', units: inches },
    { system: 'mm', units: millimetres },
  ] as const)('of a shop in $system', ({ system, units }) => {
    beforeAll(() => speak(units));

    // What the units are is told in both systems where they are chosen.
    it.each(pages.filter((path) => path !== 'shop/units'))('are alone on %s', async (path) => {
      expect(await foreignLines(path, system)).toEqual([]);
    });
  });

  it('are what a photo is measured by: a length shown as millimetres was read as inches', async () => {
    await speak(inches);
    await show(page, shop.heron.url, 'coupons/sectioned/measure');
    const { couponId = '' } = /coupons\/(?<couponId>[^/]+)\//.exec(page.url())?.groups ?? {};
    const coupon = (await (await fetch(`${shop.heron.url}/api/coupons/${couponId}`)).json()) as {
      joint: { firstThicknessMm: number };
    };
    const known = 'Known length, such as the sheet’s thickness';
    expect(Number(await valueOf(page, known)) * 25.4).toBeCloseTo(coupon.joint.firstThicknessMm, 1);
    await fill(page, known, '1.5');
    await seeText(page, 'allowed is');
    await fill(page, known, '1.5 mm');
    await seeNoText(page, 'allowed is');
    await speak(millimetres);
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
