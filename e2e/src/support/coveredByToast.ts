import type { Page } from 'puppeteer-core';

/** What can be pressed and lies under what is said just now: its words, or its name. */
export async function coveredByToast(page: Page): Promise<string[]> {
  await page.waitForSelector('[data-sonner-toast][data-mounted="true"]');
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
