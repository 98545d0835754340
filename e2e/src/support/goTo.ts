import type { Page } from 'puppeteer-core';

/** Opens an address and waits until the page has fetched what it shows. */
export async function goTo(page: Page, url: string): Promise<void> {
  await page.goto(url, { waitUntil: 'networkidle0' });
}

/** Loads a page anew and waits until it has fetched what it shows. */
export async function reload(page: Page): Promise<void> {
  await page.reload({ waitUntil: 'networkidle0' });
}

/** An address that leads nowhere, between two pages: what one held is put away before the other opens. */
const between = '/nowhere-between';

/**
 * Goes to an address of the application that is open already, as a link in it does: a third of the work of loading it anew.
 * Waits until the page has fetched what it shows.
 */
export async function goWithin(page: Page, url: string): Promise<void> {
  await push(page, between);
  await page.waitForFunction(() => document.querySelector('main h1')?.textContent === 'Nothing here');
  await push(page, url);
  await page.waitForFunction(
    () => (document.querySelector('main h1, main h2')?.textContent ?? 'Nothing here') !== 'Nothing here',
  );
  await page.waitForNetworkIdle({ idleTime: 100 });
}

async function push(page: Page, url: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    window.dispatchEvent(new PopStateEvent('popstate'));
  }, url);
}
