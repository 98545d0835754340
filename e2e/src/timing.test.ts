import type { Browser } from 'puppeteer-core';
import { openBrowser, openPage } from './support/browser.js';
import { freshFolder, removeFolder, startHeron } from './support/heron.js';

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

  it('answers a turned knob within a tenth of a second', async () => {
    const heron = await startHeron(folder);
    const browser: Browser = await openBrowser();
    const page = await openPage(browser, `${heron.url}/dial`);
    const slowest = await page.evaluate(async () => {
      const more = document.querySelector<HTMLButtonElement>('[aria-label="More Wobble rate"]');
      let worst = 0;
      for (let i = 0; i < 10; i++) {
        const started = performance.now();
        more?.click();
        await new Promise((painted) => requestAnimationFrame(() => setTimeout(painted)));
        worst = Math.max(worst, performance.now() - started);
      }
      return worst;
    });
    await browser.close();
    await heron.stop();
    expect(slowest).toBeLessThan(100);
  });
});
