import type { Page } from 'puppeteer-core';

/** Opens an address and waits until the page has fetched what it shows. */
export async function goTo(page: Page, url: string): Promise<void> {
  await page.goto(url, { waitUntil: 'networkidle0' });
}

/** Loads a page anew and waits until it has fetched what it shows. */
export async function reload(page: Page): Promise<void> {
  await page.reload({ waitUntil: 'networkidle0' });
}
