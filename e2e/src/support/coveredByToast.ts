import { setTimeout } from 'node:timers/promises';
import type { Page } from 'puppeteer-core';

/**
 * How long what is said takes to move off what came up under it, ms: long for a machine that others use too, and half of what
 * it stays in these tests, so that staying is told from moving.
 */
const settlesWithin = 30_000;
/** Looked at no more often: without a pause the page would not come to move anything. */
const lookEvery = 200;

/** What can be pressed and lies under what is said, once that has had the time to move: its words, or its name. */
export async function coveredByToast(page: Page): Promise<string[]> {
  await page.waitForSelector('[data-sonner-toast][data-mounted="true"]');
  const until = Date.now() + settlesWithin;
  for (;;) {
    const covered = await coveredNow(page);
    if (covered.length === 0 || Date.now() > until) return covered;
    await setTimeout(lookEvery);
  }
}

function coveredNow(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const toasts = [...document.querySelectorAll('[data-sonner-toast]')].map((toast) =>
      toast.getBoundingClientRect(),
    );
    const pressable = document.querySelectorAll<HTMLElement>(
      'main button, header button, a[href], input, select',
    );
    return [...pressable]
      .filter((element) => element.closest('[data-sonner-toaster]') === null)
      .filter((element) => {
        const { left, right, top, bottom, width } = element.getBoundingClientRect();
        return (
          width > 0 &&
          toasts.some(
            (toast) => left < toast.right && toast.left < right && top < toast.bottom && toast.top < bottom,
          )
        );
      })
      .map((element) => element.getAttribute('aria-label') ?? element.innerText);
  });
}
