import type { Page } from 'puppeteer-core';
import { whileQuiet } from './whileQuiet.js';

/** So long nothing is asked for any more once a page has loaded, or has changed, ms. */
const loaded = 500;
const gone = 100;

/** Opens an address and waits until the page has fetched what it shows. */
export async function goTo(page: Page, url: string): Promise<void> {
  await whileQuiet(page, loaded, () => page.goto(url, { waitUntil: 'load' }));
}

/** Loads a page anew and waits until it has fetched what it shows. */
export async function reload(page: Page): Promise<void> {
  await whileQuiet(page, loaded, () => page.reload({ waitUntil: 'load' }));
}

/** An address that leads nowhere, between two pages: what one held is put away before the other opens. */
const between = '/nowhere-between';

/**
 * Goes to an address of the application that is open already, as a link in it does: a third of the work of loading it anew.
 * Waits until the page has fetched what it shows.
 */
export async function goWithin(page: Page, url: string): Promise<void> {
  await whileQuiet(page, gone, async () => {
    await push(page, between);
    await page.waitForFunction(() => document.querySelector('main h1')?.textContent === 'Nothing here');
    await push(page, url);
    await page.waitForFunction(
      () => (document.querySelector('main h1, main h2')?.textContent ?? 'Nothing here') !== 'Nothing here',
    );
  });
}

async function push(page: Page, url: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    window.dispatchEvent(new PopStateEvent('popstate'));
  }, url);
}
