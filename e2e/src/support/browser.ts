import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import puppeteer, { type Browser, type Page } from 'puppeteer-core';
import { goTo } from './goTo.js';
import { patienceMs } from './screen.js';

/** The browser's flags, which the pictures are taken with too. */
const flags = JSON.parse(
  readFileSync(join(__dirname, '../../../tools/chromium-flags.json'), 'utf8'),
) as string[];

export const desk = { width: 1280, height: 800 };
export const tablet = { width: 820, height: 1180, hasTouch: true, isMobile: true };
export const phone = { width: 390, height: 844, hasTouch: true, isMobile: true };

export function openBrowser(): Promise<Browser> {
  return puppeteer.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    userDataDir: mkdtempSync(join(tmpdir(), 'heron-chromium-')),
    args: flags,
  });
}

/** What the browser reported as broken on every page of this file so far. */
export const broken: string[] = [];

/** How long the application leaves its way back on the screen, ms. @see apps/web/src/app/Toasts.tsx */
const wayBackMs = 8000;

/** A way back is there for as long as a person needs; a machine that others use too can need longer to press it. */
function lengthenWayBack(shown: number, wanted: number): void {
  const wait = window.setTimeout.bind(window);
  window.setTimeout = ((act: TimerHandler, ms?: number, ...given: unknown[]) =>
    wait(act, ms === shown ? wanted : ms, ...given)) as typeof window.setTimeout;
}

/** Files begin with an empty browser: keeping the whole application in it for when the server is away would be done in each. */
function withoutServiceWorker(): void {
  Object.defineProperty(Navigator.prototype, 'serviceWorker', { value: undefined });
  // What asks whether a browser has them looks for the name.
  delete (Navigator.prototype as { serviceWorker?: unknown }).serviceWorker;
}

/** A page that fails its file on anything the browser reports as broken. */
export async function openPage(browser: Browser, url: string, viewport: typeof desk = desk): Promise<Page> {
  const page = await openInstallable(browser, viewport);
  await page.evaluateOnNewDocument(withoutServiceWorker);
  await goTo(page, url);
  return page;
}

/** How long is waited between two looks at a page, ms. */
const betweenLooksMs = 100;

/**
 * What is waited for is looked for ten times a second: with each frame, as the driver has it, looking alone keeps the browser busy
 * (the whole text of a page, all its accessible names), and three files that wait take both cores.
 */
function lookSeldom(page: Page): void {
  const frame = page.mainFrame();
  const waitForFunction = frame.waitForFunction.bind(frame);
  frame.waitForFunction = (what, options, ...given) =>
    waitForFunction(what, { polling: betweenLooksMs, ...options }, ...given);
  const waitForSelector = frame.waitForSelector.bind(frame);
  frame.waitForSelector = (selector, options) =>
    waitForSelector(selector, { polling: betweenLooksMs, ...options } as typeof options);
}

/** A page, not yet anywhere, of a browser that keeps the application for when the server is away. */
export async function openInstallable(browser: Browser, viewport: typeof desk = desk): Promise<Page> {
  const page = await browser.newPage();
  page.on('pageerror', (error) => broken.push(String(error)));
  page.on('console', (message) => {
    if (message.type() === 'error' && !message.text().startsWith('Failed to load resource'))
      broken.push(message.text());
  });
  page.setDefaultTimeout(patienceMs);
  lookSeldom(page);
  await page.evaluateOnNewDocument(lengthenWayBack, wayBackMs, patienceMs);
  await page.setViewport(viewport);
  // A page behind another draws no frames: a fade on it never ends.
  await page.bringToFront();
  return page;
}
