import { AxePuppeteer } from '@axe-core/puppeteer';
import type { Browser, Page } from 'puppeteer-core';
import { desk, openBrowser, openPage, phone, tablet } from './support/browser.js';
import { freshFolder, removeFolder, startHeron, type RunningHeron } from './support/heron.js';
import { press, seeText, signIn } from './support/screen.js';

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

/** Faults that keep somebody from using a screen. */
async function seriousFaults(page: Page, rules: string[] | null): Promise<string[]> {
  await stands(page);
  const axe = new AxePuppeteer(page);
  const { violations } = await (rules === null ? axe : axe.withRules(rules)).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .flatMap(({ id, nodes }) =>
      nodes.map(({ target, failureSummary }) => `${id}: ${target.join(' ')} ${failureSummary ?? ''}`),
    );
}

/** Waits until every fade has ended: on a slow machine the colours of two themes are else measured half way. */
async function stands(page: Page): Promise<void> {
  await page.evaluate(async () => {
    const fades = document.getAnimations().filter((animation) => animation instanceof CSSTransition);
    await Promise.allSettled(fades.map(({ finished }) => finished));
  });
}

/** Pages that hold every kind of part between them: they are looked at in the dusk and by every rule on a phone. */
const wholeKit = [
  'coupons',
  'coupons/cut',
  'cards/signed',
  'ready?machine=barrow',
  'ready/scrap/bench',
  'dial',
  'optics',
  'shop/supply',
  'shop/machines/barrow/safety',
];

/** Dial is looked at by every rule in both themes at every size. */
const dialPages = ['dial', 'dial?kind=tee&run=stitched&bevel=60&secondMetal=lowCarbonSteel'];

const pages = [
  'ready?machine=barrow',
  'ready?machine=bench',
  'ready/scrap/bench',
  'ready/template/bench',
  'ready/record/bench',
  'dial',
  'dial?machine=barrow',
  'dial?kind=tee&run=stitched&bevel=60&secondMetal=lowCarbonSteel',
  'dial?first=10+mm&second=10+mm',
  'coupons',
  'coupons?group=metal',
  'coupons/files',
  'coupons/evidence',
  'coupons/ladders',
  'coupons/cut',
  'coupons/cut/measure',
  'coupons/cut/tint',
  'coupons/cut/pressure',
  'coupons/ladders/new?from=cut',
  'optics',
  'optics/wrong?machine=bench&yes=powerFades&no=focusLine',
  'optics/lives?by=batch',
  'optics/drawer',
  'optics/upkeep',
  'optics/upkeep/year',
  'optics/upkeep/plan/bench',
  'optics/guide/window',
  'optics/glass?machine=barrow',
  'cards',
  'cards?find=304+1.2+butt',
  'cards/signed',
  'cards/signed/change',
  'cards/signed/carry',
  'cards/signed/procedure',
  'cards/chart',
  'cards/slots',
  'cards/slots/compare?machine=bench&slot=4',
  'cards/exchange',
  'shop',
  'shop/supply',
  'shop/people',
  'shop/acceptance',
  'shop/practice',
  'shop/units',
  'shop/stock',
  'shop/training',
  'shop/history',
  'shop/backup',
  'shop/machines/barrow',
  'shop/machines/barrow/safety',
];

/**
 * A page as it stands once its data has come; "cut" is the newest coupon that has a section and a photo of it, and
 * "signed" a card that is.
 */
async function show(page: Page, path: string): Promise<void> {
  const address = path.replace(/\bcut\b/, await cutCoupon()).replace(/\bsigned\b/, await signedCard());
  await page.goto(`${heron.url}/${address}`, { waitUntil: 'networkidle0' });
  await page.waitForSelector('main h1, main h2');
}

async function cutCoupon(): Promise<string> {
  const answer = await fetch(`${heron.url}/api/coupons?limit=200`);
  const { coupons } = (await answer.json()) as { coupons: { id: string; section: object | null }[] };
  return coupons.find(({ section }) => section !== null)?.id ?? 'none';
}

async function signedCard(): Promise<string> {
  const cards = (await (await fetch(`${heron.url}/api/cards`)).json()) as {
    id: string;
    versions: { signedAt: string | null }[];
  }[];
  return cards.find(({ versions }) => versions[0]?.signedAt !== null)?.id ?? 'none';
}

/** How far a page reaches beyond its window, sideways. */
function overhang(page: Page): Promise<number> {
  return page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
}

/** Faults of the dusk's colours, which no size changes; the page is then in the light again. */
async function dimFaults(page: Page): Promise<string[]> {
  const wear = (theme: string) =>
    page.evaluate((name) => {
      document.documentElement.dataset.theme = name;
    }, theme);
  await wear('dusk');
  const faults = await seriousFaults(page, ['color-contrast']);
  await wear('marsh');
  return faults;
}

/** Where the desk's parts are all looked at by every rule, the other sizes have the same parts in another width. */
const sizes = [
  { name: 'a desk', viewport: desk, ruled: pages, dimmed: wholeKit },
  { name: 'a tablet', viewport: tablet, ruled: dialPages, dimmed: ['dial'] },
  { name: 'a phone', viewport: phone, ruled: [...wholeKit, ...dialPages], dimmed: ['dial'] },
];

/** A desk is one load of a page and what is touched another: turning a tablet into a phone only takes width away. */
const kinds = [
  { kind: 'a desk', sizes: sizes.slice(0, 1) },
  { kind: 'what is touched', sizes: sizes.slice(1) },
];

describe.each(kinds)('on $kind', ({ sizes }) => {
  const [first] = sizes;
  let page: Page;
  beforeAll(async () => {
    page = await openPage(browser, `${heron.url}/dial`, first?.viewport);
    // The browser's pages share one session.
    if ((await page.$('::-p-aria([name="Sign in"])')) !== null) await signIn(page, 'Ines');
  });
  afterAll(async () => {
    await page.close();
  });

  /** What is wrong with what is shown, at each size. */
  async function wrongAtEachSize(path: string | null): Promise<object[]> {
    const wrong: object[] = [];
    for (const { name, viewport, ruled, dimmed } of sizes) {
      await page.setViewport(viewport);
      const faults = path === null || ruled.includes(path) ? await seriousFaults(page, null) : [];
      const dim = path === null || dimmed.includes(path) ? await dimFaults(page) : [];
      const overhangPx = await overhang(page);
      if (overhangPx > 0 || faults.length + dim.length > 0) wrong.push({ name, overhangPx, faults, dim });
    }
    return wrong;
  }

  it.each(pages)('%s has no serious fault and no sideways scrolling', async (path) => {
    await page.setViewport(first?.viewport ?? desk);
    await show(page, path);
    expect(await wrongAtEachSize(path)).toEqual([]);
  });

  it('the log of a coupon neither', async () => {
    await page.setViewport(first?.viewport ?? desk);
    await show(page, 'dial');
    await press(page, 'Log coupon L');
    await seeText(page, 'What did the back look like?');
    expect(await wrongAtEachSize(null)).toEqual([]);
    await page.keyboard.press('Escape');
  });
});
