import { AxePuppeteer } from '@axe-core/puppeteer';
import type { Page } from 'puppeteer-core';
import { desk, openPage, phone, tablet } from './browser.js';
import { patienceMs, press, seeText, signIn } from './screen.js';
import { sampleShop } from './sampleShop.js';
import { goTo } from './goTo.js';
import { deadButtons } from './deadButtons.js';
import { twinNames } from './twinNames.js';

/** How a page is looked at: in one piece, which takes half the time, or in a tab beside it as well. */
type Audit = 'quick' | 'besides';

/**
 * Faults that keep somebody from using a screen. No frame of ours is from elsewhere, so that a page can be looked at in one
 * piece; under a sheet that lies open the browser draws no more frames after that, until another tab was in front.
 */
async function seriousFaults(page: Page, rules: string[] | null, audit: Audit): Promise<string[]> {
  await stands(page);
  // The names of all that is well are not wanted.
  const runOnly = rules === null ? {} : { runOnly: rules };
  const { violations } = await onceReady(() =>
    new AxePuppeteer(page)
      .setLegacyMode(audit === 'quick')
      .options({ resultTypes: ['violations'], ...runOnly })
      .analyze(),
  );
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .flatMap(({ id, nodes }) =>
      nodes.map(({ target, failureSummary }) => `${id}: ${target.join(' ')} ${failureSummary ?? ''}`),
    );
}

/**
 * Looks at a page as soon as it answers. The package gives a page one second to say that it is loaded, which is too little for
 * one that is working on a busy machine.
 */
async function onceReady<T>(look: () => Promise<T>): Promise<T> {
  const latest = Date.now() + patienceMs;
  for (;;) {
    try {
      return await look();
    } catch (fault) {
      const isBusy = fault instanceof Error && fault.message === 'Page/Frame is not ready';
      if (!isBusy || Date.now() > latest) throw fault;
    }
  }
}

/**
 * Waits until the page is drawn as it will stay: sizes of charts follow the screen a frame later, and while a fade runs the
 * colours of two themes are measured half way.
 */
async function stands(page: Page): Promise<void> {
  await page.evaluate(async () => {
    const frame = () => new Promise((drawn) => requestAnimationFrame(drawn));
    await frame();
    await frame();
    const fades = document.getAnimations().filter((animation) => animation instanceof CSSTransition);
    await Promise.allSettled(fades.map(({ finished }) => finished));
  });
}

/** Pages that hold every kind of part between them: they are looked at in the dusk and by every rule on a phone. */
const wholeKit = [
  'coupons',
  'coupons/sectioned',
  'cards/signed',
  'ready?machine=barrow',
  'ready/scrap/bench',
  'dial',
  'dial/clean',
  'dial/cut',
  'dial/seam',
  'coupons/trials',
  'optics',
  'jobs/half',
  'jobs/half/bench',
  'shop/supply',
  'shop/machines/barrow/safety',
];

/** Dial is looked at by every rule in both themes at every size. */
const dialPages = ['dial', 'dial?kind=tee&run=stitched&bevel=60&secondMetal=lowCarbonSteel'];

/** Every page of the sample shop; @see show for “sectioned” and “signed”. */
export const pages = [
  'ready?machine=barrow',
  'ready?machine=bench',
  'ready/scrap/bench',
  'ready/template/bench',
  'ready/record/bench',
  'ready/switch/bench/cut',
  'dial',
  'dial?machine=barrow',
  'dial?kind=tee&run=stitched&bevel=60&secondMetal=lowCarbonSteel',
  'dial?first=10+mm&second=10+mm',
  'dial/clean',
  'dial/cut',
  'dial/spot',
  'dial/seam',
  'coupons',
  'coupons?group=metal',
  'coupons/trials',
  'coupons/files',
  'coupons/evidence',
  'coupons/ladders',
  'coupons/sectioned',
  'coupons/sectioned/measure',
  'coupons/sectioned/tint',
  'coupons/sectioned/pressure',
  'coupons/ladders/new?from=sectioned',
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
  'cards/modes/spotted',
  'cards/slots',
  'cards/slots/compare?machine=bench&slot=4',
  'cards/exchange',
  'jobs',
  'jobs/new',
  'jobs/half',
  'jobs/half/head',
  'jobs/half/welds',
  'jobs/half/bench',
  'jobs/half/judge',
  'jobs/half/pictures',
  'jobs/half/papers',
  'shop',
  'shop/supply',
  'shop/people',
  'shop/workshops',
  'shop/acceptance',
  'shop/practice',
  'shop/units',
  'shop/stock',
  'shop/training',
  'shop/history',
  'shop/backup',
  'shop/machines/bench/link',
  'shop/machines/barrow',
  'shop/machines/barrow/safety',
];

/**
 * A page as it stands once its data has come, loaded anew unless told otherwise; "sectioned" is the newest coupon that has a
 * section and a photo of it, "signed" a card that is, "spotted" one of another mode, and "half" a job that is at the bench.
 */
export async function show(page: Page, url: string, path: string, go = goTo): Promise<void> {
  const address = path
    .replace(/\bsectioned\b/, await cutCoupon(url))
    .replace(/\bsigned\b/, await signedCard(url))
    .replace(/\bspotted\b/, await modeCard(url))
    .replace(/\bhalf\b/, await halfDoneJob(url));
  await go(page, `${url}/${address}`);
  await page.waitForSelector('main h1, main h2');
}

async function cutCoupon(url: string): Promise<string> {
  const answer = await fetch(`${url}/api/coupons?limit=200`);
  const { coupons } = (await answer.json()) as { coupons: { id: string; section: object | null }[] };
  return coupons.find(({ section }) => section !== null)?.id ?? 'none';
}

async function signedCard(url: string): Promise<string> {
  const cards = (await (await fetch(`${url}/api/cards`)).json()) as {
    id: string;
    versions: { signedAt: string | null }[];
  }[];
  return cards.find(({ versions }) => versions[0]?.signedAt !== null)?.id ?? 'none';
}

async function modeCard(url: string): Promise<string> {
  const cards = (await (await fetch(`${url}/api/mode-cards`)).json()) as { id: string }[];
  return cards[0]?.id ?? 'none';
}

async function halfDoneJob(url: string): Promise<string> {
  const jobs = (await (await fetch(`${url}/api/jobs`)).json()) as { id: string; state: string }[];
  return jobs.find(({ state }) => state === 'released')?.id ?? 'none';
}

/** Charts follow a screen that got narrower once they have been told. */
const followMs = 2000;

/** How far a page reaches beyond its window, sideways, once everything has followed its size. */
async function overhang(page: Page): Promise<number> {
  const beyond = () => document.documentElement.scrollWidth - document.documentElement.clientWidth;
  try {
    await page.waitForFunction(`(${String(beyond)})() <= 0`, { timeout: followMs });
    return 0;
  } catch {
    return page.evaluate(beyond);
  }
}

/** Faults of the dusk's colours, which no size changes; the page is then in the light again. */
async function dimFaults(page: Page, audit: Audit): Promise<string[]> {
  const wear = (theme: string) =>
    page.evaluate((name) => {
      document.documentElement.dataset.theme = name;
    }, theme);
  await wear('dusk');
  const faults = await seriousFaults(page, ['color-contrast'], audit);
  await wear('marsh');
  return faults;
}

/** A size, with the pages that are looked at by every rule there and those whose dusk is. */
export interface AuditedSize {
  readonly name: string;
  readonly viewport: typeof desk;
  readonly ruled: readonly string[];
  readonly dimmed: readonly string[];
}

/** Where the desk's parts are all looked at by every rule, the other sizes have the same parts in another width. */
export const deskSize: AuditedSize = { name: 'a desk', viewport: desk, ruled: pages, dimmed: wholeKit };
/** One load of a page for both: turning a tablet into a phone only takes width away. */
export const touchedSizes: readonly AuditedSize[] = [
  { name: 'a tablet', viewport: tablet, ruled: dialPages, dimmed: ['dial'] },
  { name: 'a phone', viewport: phone, ruled: [...wholeKit, ...dialPages], dimmed: ['dial'] },
];

/** Looks at every page, and at the log of a coupon, at some sizes: faults by the rules, and scrolling sideways. */
export function auditAt(sizes: readonly AuditedSize[]): void {
  const shop = sampleShop();
  const [first] = sizes;
  let page: Page;
  beforeAll(async () => {
    page = await openPage(shop.browser, `${shop.heron.url}/dial`, first?.viewport);
    await signIn(page, 'Ines');
  });

  /** What is wrong with what is shown, at each size. */
  async function wrongAtEachSize(path: string | null): Promise<object[]> {
    const wrong: object[] = [];
    const audit = path === null ? 'besides' : 'quick';
    for (const { name, viewport, ruled, dimmed } of sizes) {
      await page.setViewport(viewport);
      const faults = path === null || ruled.includes(path) ? await seriousFaults(page, null, audit) : [];
      const dim = path === null || dimmed.includes(path) ? await dimFaults(page, audit) : [];
      const overhangPx = await overhang(page);
      // A sheet that lies open lends its names to nothing behind it.
      const twins = path === null ? [] : await twinNames(page);
      const dead = path === null ? [] : await deadButtons(page);
      if (overhangPx > 0 || faults.length + dim.length + twins.length + dead.length > 0)
        wrong.push({ name, overhangPx, faults, dim, twins, dead });
    }
    return wrong;
  }

  it.each(pages)('%s has no serious fault and no sideways scrolling', async (path) => {
    await page.setViewport(first?.viewport ?? desk);
    await show(page, shop.heron.url, path);
    expect(await wrongAtEachSize(path)).toEqual([]);
  });

  it('the log of a coupon has neither', async () => {
    await page.setViewport(first?.viewport ?? desk);
    await show(page, shop.heron.url, 'dial');
    await press(page, 'Log coupon L');
    await seeText(page, 'What did the back look like?');
    expect(await wrongAtEachSize(null)).toEqual([]);
    await page.keyboard.press('Escape');
  });
}
