import type { Page } from 'puppeteer-core';
import { named } from './screen.js';

/** Opens the log with its key, once Dial shows what there is to log: before that the key does nothing, as it should. */
export async function openLogByKey(page: Page): Promise<void> {
  await named(page, 'Log coupon L', 'button');
  await page.keyboard.press('l');
}
