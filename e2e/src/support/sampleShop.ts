import type { Browser } from 'puppeteer-core';
import { openBrowser } from './browser.js';
import { freshFolder, removeFolder, startHeron, takeSeeded, type RunningHeron } from './heron.js';

/** The sample workshop as one file of tests has it. */
export interface SampleShop {
  readonly folder: string;
  readonly heron: RunningHeron;
  readonly browser: Browser;
  /** Starts it on the same port and data, once it was stopped. */
  readonly startAgain: () => Promise<void>;
}

/** A workshop and a browser for all tests of a file, or of the group it is called in; both end with them. */
export function sampleShop(): SampleShop {
  const folder = freshFolder();
  let heron: RunningHeron;
  let browser: Browser;
  beforeAll(async () => {
    takeSeeded(folder);
    [heron, browser] = await Promise.all([startHeron(folder), openBrowser()]);
  });
  afterAll(async () => {
    await browser.close();
    await heron.stop();
    removeFolder(folder);
  });
  return {
    folder,
    get heron() {
      return heron;
    },
    get browser() {
      return browser;
    },
    startAgain: async () => {
      heron = await startHeron(folder, heron.port);
    },
  };
}
