import type { Browser } from 'puppeteer-core';
import { openBrowser, openPage, type CheckedPage } from './support/browser.js';
import { freshFolder, removeFolder, startHeron } from './support/heron.js';
import { named, press } from './support/screen.js';

/** What is promised in seconds, measured with nothing else running: this file is run alone, after the others. */
describe('promised in seconds', () => {
  const folder = freshFolder();
  afterAll(() => removeFolder(folder));

  it('starts again in under 5 s and ends cleanly on Ctrl-C', async () => {
    const first = await startHeron(folder);
    await first.stop();
    const heron = await startHeron(folder);
    expect(heron.startMs).toBeLessThan(5000);
    expect(await heron.stop('SIGINT')).toBe(0);
  });

  it('paints what a knob, a word or another joint changes within a tenth of a second', async () => {
    const heron = await startHeron(folder);
    const browser: Browser = await openBrowser();
    const rounds: number[] = [];
    try {
      const page = await openPage(browser, `${heron.url}/dial`);
      await named(page, 'Other ways');
      // Somebody else's work on the same machine can spoil a round or some; it does not spoil them all.
      for (let round = 0; round < 6 && Math.min(...rounds) > mostMs; round++)
        rounds.push(await typicalMs(page));
    } finally {
      await browser.close();
      await heron.stop();
    }
    expect(Math.min(...rounds)).toBeLessThan(mostMs);
  }, 180_000);
});

const mostMs = 100;

/** From each of some everyday presses and keys to the paint that shows it, ms, out of the browser's trace: the median. */
async function typicalMs(page: CheckedPage): Promise<number> {
  await page.tracing.start({ categories: ['devtools.timeline'] });
  const rest = () => new Promise((later) => setTimeout(later, 500));
  for (const name of ['More Power', 'Less Power', 'More Wobble width', 'Hold Power', 'Hold Power']) {
    await press(page, name);
    await rest();
  }
  for (const [word, key] of [
    ['Joint', 'ArrowDown'],
    ['Joint', 'ArrowUp'],
    ['Metal', 'ArrowDown'],
    ['Metal', 'ArrowUp'],
  ] as const) {
    await page.focus(`select[aria-label="${word}"]`);
    await page.keyboard.press(key);
    await rest();
  }
  const trace = JSON.parse(new TextDecoder().decode(await page.tracing.stop())) as Trace;
  const byInteraction = new Map<number, number>();
  for (const { name, args } of trace.traceEvents) {
    const { interactionId = 0, duration = 0 } = (name === 'EventTiming' ? args?.data : undefined) ?? {};
    if (interactionId > 0)
      byInteraction.set(interactionId, Math.max(byInteraction.get(interactionId) ?? 0, duration));
  }
  // One that a busy machine paints together with the next is counted with it.
  expect(byInteraction.size).toBeGreaterThanOrEqual(7);
  return (
    [...byInteraction.values()].toSorted((a, b) => a - b)[Math.floor(byInteraction.size / 2)] ?? Infinity
  );
}

/** What of a trace is read: how long after an interaction its paint came. */
interface Trace {
  readonly traceEvents: readonly {
    readonly name: string;
    readonly args?: { readonly data?: { readonly interactionId?: number; readonly duration?: number } };
  }[];
}
