import type { HTTPRequest, HTTPResponse, Page } from 'puppeteer-core';
import { patienceMs } from './screen.js';

/**
 * What is not waited for: a line that stays open as long as the page does, and the script of a worker, whose end is told to nobody
 * where the worker is stopped before it has come.
 */
const isLasting = (request: HTTPRequest): boolean =>
  /^\/api\/news$|Worker-[\w-]+\.js$/.test(new URL(request.url()).pathname);

/** Does something on a page, and waits until all that it asked for because of it has come and nothing more was asked for so long. */
export async function whileQuiet(page: Page, idleMs: number, act: () => Promise<unknown>): Promise<void> {
  const asked = new Set<HTTPRequest>();
  let changed = Date.now();
  const begin = (request: HTTPRequest) => {
    if (isLasting(request)) return;
    asked.add(request);
    changed = Date.now();
  };
  const end = (request: HTTPRequest) => {
    if (asked.delete(request)) changed = Date.now();
  };
  // With the next page's answer, nothing is told any more of what the one before had asked for.
  const turn = (response: HTTPResponse) => {
    const request = response.request();
    if (!request.isNavigationRequest()) return;
    asked.clear();
    asked.add(request);
  };
  page.on('request', begin).on('requestfinished', end).on('requestfailed', end).on('response', turn);
  try {
    await act();
    const latest = Date.now() + patienceMs;
    while (asked.size > 0 || Date.now() - changed < idleMs) {
      if (Date.now() > latest)
        throw new Error(`still waited for: ${[...asked].map((request) => request.url()).join(', ')}`);
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
  } finally {
    page.off('request', begin).off('requestfinished', end).off('requestfailed', end).off('response', turn);
  }
}
