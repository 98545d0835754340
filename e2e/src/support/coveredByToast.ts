import type { Page } from 'puppeteer-core';

/** How long what is said takes to move off what came up under it, ms; a machine that others use too takes longer. */
const settlesWithin = 10_000;

/** What can be pressed and lies under what is said, once that has had the time to move: its words, or its name. */
export async function coveredByToast(page: Page): Promise<string[]> {
  await page.waitForSelector('[data-sonner-toast][data-mounted="true"]');
  const until = Date.now() + settlesWithin;
  for (;;) {
    const covered = await coveredNow(page);
    if (covered.length === 0 || Date.now() > until) return covered;
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
