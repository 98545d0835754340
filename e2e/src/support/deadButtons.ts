import type { Page } from 'puppeteer-core';

/** What can be seen to be at its end: nothing to undo, nothing less, the first of a list, the last of its pages. */
const atItsEnd = /^(Undo|Do it again|Newer|Older|One less)\b|step \d+ (up|down)$/;

/**
 * Buttons of a page that take no press, are not busy, and do not say why, by a text that describes them. Found and asked
 * in one call: `$$eval` finds in one and asks in another, and a button that was busy in between is not dead.
 */
export async function deadButtons(page: Page): Promise<string[]> {
  const dead = await page.evaluate(() =>
    [...document.querySelectorAll<HTMLButtonElement>('main button:disabled')]
      .filter((button) => button.checkVisibility() && button.ariaBusy !== 'true')
      .filter((button) => {
        const about = document.getElementById(button.getAttribute('aria-describedby') ?? '');
        return (about?.textContent ?? '').trim() === '';
      })
      .map((button) => button.getAttribute('aria-label') ?? button.innerText),
  );
  return dead.filter((name) => !atItsEnd.test(name));
}
