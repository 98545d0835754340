import { AxePuppeteer } from '@axe-core/puppeteer';
import type { Browser } from 'puppeteer-core';
import { desk, openBrowser, openPage, phone, tablet, type CheckedPage } from './support/browser.js';
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

/** Faults that keep somebody from using a screen. */
async function seriousFaults(page: CheckedPage, rules: string[] | null): Promise<string[]> {
  const axe = new AxePuppeteer(page);
  const { violations } = await (rules === null ? axe : axe.withRules(rules)).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .flatMap(({ id, nodes }) =>
      nodes.map(({ target, failureSummary }) => `${id}: ${target.join(' ')} ${failureSummary ?? ''}`),
    );
}

/** Pages that hold every kind of part between them: they are looked at in the dusk and by every rule on a phone. */
const wholeKit = [
  'coupons',
  'coupons/cut',
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
  'coupons/cut/pressure',
  'coupons/ladders/new?from=cut',
  'optics',
  'cards',
  'shop',
  'shop/supply',
  'shop/people',
  'shop/acceptance',
  'shop/practice',
  'shop/units',
  'shop/stock',
  'shop/training',
  'shop/history',
  'shop/machines/barrow',
  'shop/machines/barrow/safety',
];

/** A page as it stands once its data has come; "cut" is the newest coupon that has a section and a photo of it. */
async function show(page: CheckedPage, path: string): Promise<void> {
  const address = path.replace(/\bcut\b/, await cutCoupon());
  await page.goto(`${heron.url}/${address}`, { waitUntil: 'networkidle0' });
  await page.waitForSelector('main h1, main h2');
}

async function cutCoupon(): Promise<string> {
  const answer = await fetch(`${heron.url}/api/coupons?limit=200`);
  const { coupons } = (await answer.json()) as { coupons: { id: string; section: object | null }[] };
  return coupons.find(({ section }) => section !== null)?.id ?? 'none';
}

/** How far a page reaches beyond its window, sideways. */
function overhang(page: CheckedPage): Promise<number> {
  return page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
}

/** Every rule on a desk; the other sizes have the same parts in another width. */
const sizes = [
  { name: 'a desk', viewport: desk, ruled: pages, dimmed: wholeKit },
  { name: 'a tablet', viewport: tablet, ruled: dialPages, dimmed: ['dial'] },
  { name: 'a phone', viewport: phone, ruled: [...wholeKit, ...dialPages], dimmed: ['dial'] },
];

describe.each(sizes)('on $name', ({ viewport, ruled, dimmed }) => {
  let page: CheckedPage;
  beforeAll(async () => {
    page = await openPage(browser, `${heron.url}/dial`, viewport);
    // The browser's pages share one session.
    if ((await page.$('::-p-aria([name="Sign in"])')) !== null) await signIn(page, 'Ines');
  });
  afterAll(async () => {
    expect(page.broken).toEqual([]);
    await page.close();
  });

  it.each(pages)('%s has no serious fault and no sideways scrolling', async (path) => {
    await show(page, path);
    expect(await overhang(page)).toBeLessThanOrEqual(0);
    if (ruled.includes(path)) expect(await seriousFaults(page, null)).toEqual([]);
    if (dimmed.includes(path)) expect(await dimFaults(page)).toEqual([]);
  });

  it('the log of a coupon neither', async () => {
    await show(page, 'dial');
    await press(page, 'Log coupon L');
    await seeText(page, 'What did the back look like?');
    expect(await overhang(page)).toBeLessThanOrEqual(0);
    if (ruled.length > 0) expect(await seriousFaults(page, null)).toEqual([]);
    if (dimmed.length > 0) expect(await dimFaults(page)).toEqual([]);
    await page.keyboard.press('Escape');
  });
});

/** Faults of the dusk's colours, which no size changes; the page is then in the light again. */
async function dimFaults(page: CheckedPage): Promise<string[]> {
  const wear = (theme: string) =>
    page.evaluate((name) => {
      document.documentElement.dataset.theme = name;
    }, theme);
  await wear('dusk');
  const faults = await seriousFaults(page, ['color-contrast']);
  await wear('marsh');
  return faults;
}

describe('on a desk', () => {
  let page: CheckedPage;
  beforeAll(async () => {
    page = await openPage(browser, `${heron.url}/dial`);
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
    for (const station of ['cards', 'jobs']) {
      await page.goto(`${heron.url}/${station}`, { waitUntil: 'networkidle0' });
      await seeText(page, 'This station is not built yet.');
    }
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
