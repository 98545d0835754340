import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from 'puppeteer-core';
import { waitFor } from './waitFor.js';

/** What a page hands to the browser to keep. */
export interface SavedFiles {
  /** Does something that saves a file, and gives its path once it is there whole. */
  readonly savedBy: (act: () => Promise<void>) => Promise<string>;
  readonly remove: () => void;
}

/** Has a page's files land in a folder of their own, one of the same name beside another. */
export async function keepSavedFiles(page: Page): Promise<SavedFiles> {
  const folder = mkdtempSync(join(tmpdir(), 'heron-saved-'));
  const session = await page.createCDPSession();
  return {
    savedBy: async (act) => {
      const mine = mkdtempSync(join(folder, 'one-'));
      await session.send('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath: mine });
      await act();
      const whole = () => readdirSync(mine).find((file) => !file.endsWith('.crdownload'));
      await waitFor(() => whole() !== undefined);
      return join(mine, whole() ?? '');
    },
    remove: () => rmSync(folder, { recursive: true }),
  };
}
