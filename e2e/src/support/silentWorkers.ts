import type { Page } from 'puppeteer-core';

/**
 * Workers that the page starts from now on are never told what to work on, and so work for as long as a test likes: how long real work
 * takes depends on the machine.
 *
 * @returns puts it right again, for workers that are started after
 */
export async function silentWorkers(page: Page): Promise<() => Promise<void>> {
  await page.evaluate(() => {
    const Real = window.Worker;
    const kept = window as unknown as { realWorker: typeof Worker };
    kept.realWorker = Real;
    window.Worker = class extends Real {
      override postMessage(): void {
        // Nobody hears it.
      }
    };
  });
  return () =>
    page.evaluate(() => {
      window.Worker = (window as unknown as { realWorker: typeof Worker }).realWorker;
    });
}
