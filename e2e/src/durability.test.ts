import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from 'puppeteer-core';
import { openPage } from './support/browser.js';
import { openLogByKey } from './support/openLogByKey.js';
import {
  freePort,
  freshFolder,
  refusedStart,
  removeFolder,
  startHeron,
  takeSeeded,
} from './support/heron.js';
import {
  fill,
  named,
  patienceMs,
  press,
  seeReading,
  seeText,
  signIn,
  toStation,
  valueOf,
} from './support/screen.js';
import { sampleShop } from './support/sampleShop.js';
import { goTo, reload } from './support/goTo.js';
import { whileQuiet } from './support/whileQuiet.js';
import { fittedWindow } from './support/counted.js';

/** Power cuts, double taps, two tabs: nothing that was acknowledged is lost, nothing typed either. */
describe('nothing is lost', () => {
  const shop = sampleShop();
  let page: Page;

  beforeAll(async () => {
    page = await openPage(shop.browser, `${shop.heron.url}/dial`);
    await signIn(page, 'Maren');
  });

  const total = async (): Promise<number> =>
    ((await (await fetch(`${shop.heron.url}/api/coupons?limit=1`)).json()) as { total: number }).total;

  async function openLog(): Promise<void> {
    await openLogByKey(page);
    await seeText(page, 'What did the back look like?');
  }

  it('keeps a half-typed coupon over a reload', async () => {
    await openLog();
    await page.keyboard.press('4');
    await fill(page, 'Light on if known', '9.5');
    await fill(page, 'Remark', 'half a thought');
    await reload(page);
    expect(await valueOf(page, 'Light on if known')).toBe('9.5');
    expect(await valueOf(page, 'Remark')).toBe('half a thought');
  });

  it('gives a coupon that was left by mistake back', async () => {
    await page.keyboard.press('Escape');
    await seeText(page, 'The coupon was not logged.');
    await press(page, 'Undo');
    expect(await valueOf(page, 'Remark')).toBe('half a thought');
  });

  it('says at the field what a figure may be, and keeps it', async () => {
    await fill(page, 'Length of run if known', 'long');
    await seeText(page, 'length of run “long”: allowed is 2 to 3000 mm.');
    expect(await valueOf(page, 'Length of run if known')).toBe('long');
    const save = await named(page, 'Save coupon', 'button');
    expect(await save.evaluate((button) => (button as HTMLButtonElement).disabled)).toBe(true);
    await fill(page, 'Length of run if known', '');
  });

  it('keeps a coupon while the server is away, and stores it once when it is back', async () => {
    const before = await total();
    await shop.heron.stop('SIGKILL');
    await press(page, 'Save coupon');
    await seeText(page, 'The server is away. The coupon waits in this browser');
    await named(page, 'Coupons 1 to be sent', 'link');
    await shop.startAgain();
    await seeText(page, 'The server is back: 1 that waited is stored.');
    expect(await total()).toBe(before + 1);
  });

  it('stores a coupon once, however often it is pressed', async () => {
    const before = await total();
    await openLog();
    await page.keyboard.press('2');
    await page.evaluate(() => {
      const form = document.querySelector('dialog form') as HTMLFormElement;
      form.requestSubmit();
      form.requestSubmit();
    });
    await seeText(page, `Coupon ${before + 1} is logged`);
    expect(await total()).toBe(before + 1);
  });

  it('has an acknowledged coupon and window change after kill -9', async () => {
    const before = await total();
    await openLog();
    await page.keyboard.press('1');
    await page.keyboard.press('Enter');
    await seeText(page, `Coupon ${before + 1} is logged`);
    const number = (await fittedWindow(shop.heron.url, 'bench')) + 1;
    // What is still coming would move the button from under the press.
    await whileQuiet(page, 500, () => toStation(page, '/optics'));
    await (await (await named(page, 'Window of the bench unit')).waitForSelector('button'))?.click();
    await (await page.waitForSelector('input[value="haze"]'))?.click();
    await press(page, 'A new window is in');
    await seeText(page, `Window ${number} is in.`);
    await shop.heron.stop('SIGKILL');
    await shop.startAgain();
    await goTo(page, `${shop.heron.url}/coupons`);
    const newest = await page.waitForSelector('tbody tr', { timeout: patienceMs });
    expect(await newest?.evaluate((row) => (row as HTMLElement).innerText)).toContain('no mark');
    expect(await total()).toBe(before + 1);
    await goTo(page, `${shop.heron.url}/optics`);
    await seeReading(page, 'Window of the bench unit', `Window ${number}`);
    await seeReading(page, 'Windows that came out', 'haze');
  });

  it('shows in one tab what was logged in another', async () => {
    const other = await openPage(shop.browser, `${shop.heron.url}/coupons`);
    const before = await total();
    await goTo(page, `${shop.heron.url}/dial`);
    await page.bringToFront();
    await openLog();
    await page.keyboard.press('5');
    await page.keyboard.press('Enter');
    await seeText(page, `Coupon ${before + 1} is logged`);
    // The other tab is in the background and paints nothing, so it is asked by the clock.
    await other.waitForFunction(
      (count) => document.querySelector('tbody th')?.textContent === String(count),
      { polling: 200, timeout: patienceMs },
      before + 1,
    );
    await other.close();
  });
});

describe('starting', () => {
  it('ends cleanly on Ctrl-C, and again', async () => {
    const folder = freshFolder();
    takeSeeded(folder);
    for (let i = 0; i < 2; i++) {
      const heron = await startHeron(folder);
      expect(await heron.stop('SIGINT')).toBe(0);
    }
    removeFolder(folder);
  });

  it('says that a port is taken, in one line, with exit code 1', async () => {
    const folders = [freshFolder(), freshFolder()];
    takeSeeded(folders[0]!);
    const heron = await startHeron(folders[0]!);
    const { code, errors } = await refusedStart(folders[1]!, heron.port);
    expect(code).toBe(1);
    expect(errors).toBe(`heron: Port ${heron.port} is taken. Give another one in PORT.\n`);
    await heron.stop();
    folders.forEach(removeFolder);
  });

  it('says that a folder cannot be written', async () => {
    const folder = freshFolder();
    writeFileSync(join(folder, 'file'), '');
    const { code, errors } = await refusedStart(join(folder, 'file'), await freePort());
    expect(code).toBe(1);
    expect(errors).toMatch(/^heron: The data folder .* cannot be written \(EEXIST\)\..*\n$/);
    removeFolder(folder);
  });

  it('leaves a shop to the server that has it', async () => {
    const folder = freshFolder();
    const first = await startHeron(folder, undefined, ['serve']);
    const { code, errors } = await refusedStart(folder, await freePort(), ['serve']);
    expect([code, errors]).toEqual([
      1,
      expect.stringMatching(/^heron: .* is being served already\..*\n$/) as string,
    ]);
    await first.stop('SIGKILL');
    // One that was killed leaves no lock behind.
    await (await startHeron(folder, undefined, ['serve'])).stop();
    removeFolder(folder);
  });

  it('says that a file is no database of ours', async () => {
    const folder = freshFolder();
    writeFileSync(join(folder, 'heron.sqlite'), 'a shopping list '.repeat(100));
    const { code, errors } = await refusedStart(folder, await freePort());
    expect(code).toBe(1);
    expect(errors).toMatch(
      /^heron: The database .* cannot be opened \(.*\)\. It is damaged, or no database at all\..*restore.*\n$/,
    );
    removeFolder(folder);
  });
});
