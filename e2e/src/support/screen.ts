import type { ElementHandle, Page } from 'puppeteer-core';
import { pressThere } from './pressThere.js';

/** What a person does on the screen, by the names a screen reader would say. */

/**
 * How long a screen is waited for, ms. Long, because nothing that is promised in seconds is measured by it and
 * other tenants of a machine can stop it for half a minute.
 */
export const patienceMs = 60_000;

/** The element with an accessible name, once it is there. */
export async function named(page: Page, name: string, role?: string): Promise<ElementHandle<HTMLElement>> {
  const found = await page.waitForSelector(byName(name, role), { timeout: patienceMs });
  return found as ElementHandle<HTMLElement>;
}

/** Presses what has a name, where it lies once it rests: a sheet grows while it opens, a way back moves off a button. */
export async function press(page: Page, name: string, role = 'button'): Promise<void> {
  await pressThere(page, page.locator(byName(name, role)).setWaitForEnabled(false).setTimeout(patienceMs));
}

/** {@link press} once it takes presses: a key that waits a moment, so that no second tap meets it. */
export async function pressOnceReady(page: Page, name: string, role = 'button'): Promise<void> {
  await pressThere(page, page.locator(byName(name, role)).setTimeout(patienceMs));
}

function byName(name: string, role?: string): string {
  return `::-p-aria([name="${name}"]${role === undefined ? '' : `[role="${role}"]`})`;
}

/** Unfolds a part of a page by the words of its head, where it is not open. */
export async function unfold(page: Page, title: string): Promise<void> {
  const head = await page.waitForSelector(
    `::-p-xpath(//details[not(@open)]/summary[contains(., "${title}")])`,
  );
  await head?.click();
  // So that nothing of it lies under the bar at the foot.
  await head?.evaluate((element) => element.scrollIntoView({ block: 'start' }));
}

/** Types over what a field holds and leaves it. */
export async function fill(page: Page, name: string, text: string): Promise<void> {
  const field = await named(page, name);
  await field.click();
  await field.evaluate((element) => (element as HTMLInputElement).select());
  await page.keyboard.press('Backspace');
  await page.keyboard.type(text);
  await page.keyboard.press('Tab');
}

/** Picks from a drop-down by the value behind the word. */
export async function pick(page: Page, name: string, value: string): Promise<void> {
  await (await named(page, name)).select(value);
}

export async function valueOf(page: Page, name: string): Promise<string> {
  return (await named(page, name)).evaluate((element) => (element as HTMLInputElement).value);
}

/** Waits until the screen shows a text; fails with what it shows instead. */
export async function seeText(page: Page, text: string): Promise<void> {
  try {
    await page.waitForFunction(
      (wanted) => document.body.innerText.includes(wanted),
      { timeout: patienceMs },
      text,
    );
  } catch {
    const shown = await page.evaluate(() => document.body.innerText);
    throw new Error(`“${text}” is not on the screen, which shows:\n${shown}`);
  }
}

/** Waits until the text of a part of the screen has these words, or reads so; fails with what it reads instead. */
export async function seeReading(page: Page, name: string, words: string | RegExp): Promise<void> {
  const part = await named(page, name);
  try {
    await page.waitForFunction(
      (element, wanted, source) =>
        wanted === null ? new RegExp(source).test(element.innerText) : element.innerText.includes(wanted),
      { timeout: patienceMs },
      part,
      typeof words === 'string' ? words : null,
      typeof words === 'string' ? '' : words.source,
    );
  } catch {
    throw new Error(`${String(words)} is not what “${name}” reads:\n${await textOf(page, name)}`);
  }
}

export async function seeNoText(page: Page, text: string): Promise<void> {
  await page.waitForFunction(
    (unwanted) => !document.body.innerText.includes(unwanted),
    { timeout: patienceMs },
    text,
  );
}

/** The text of a part of the screen by its accessible name. */
export async function textOf(page: Page, name: string): Promise<string> {
  return (await named(page, name)).evaluate((element) => element.innerText);
}

/** Signs somebody of the sample workshop in, at the door in the corner. */
export async function signIn(page: Page, name: string, pin = '2468'): Promise<void> {
  await press(page, 'Sign in');
  await press(page, name);
  await page.waitForSelector('::-p-aria([name="PIN, 0 digits typed"])');
  await page.keyboard.type(pin);
  await page.keyboard.press('Enter');
  await seeText(page, `${name} is signed in.`);
}

/** Goes to a station over the waterline, whatever its state says. */
export async function toStation(page: Page, path: string): Promise<void> {
  await (await page.waitForSelector(`nav[aria-label="Stations"] a[href^="${path}"]`))?.click();
}
