import type { Browser, Page } from 'puppeteer-core';
import { openBrowser, openPage, phone } from './support/browser.js';
import { goTo } from './support/goTo.js';
import { freePort, freshFolder, removeFolder, startHeron, type RunningHeron } from './support/heron.js';
import { fill, press, seeNoText, seeText, toStation } from './support/screen.js';

/** An empty shop on a phone: from the first lead to the first coupon, with nothing known beforehand. */
describe('the first hour', () => {
  const folder = freshFolder();
  let heron: RunningHeron;
  let browser: Browser;
  let page: Page;

  beforeAll(async () => {
    heron = await startHeron(folder, await freePort(), ['serve']);
    browser = await openBrowser();
    page = await openPage(browser, heron.url, phone);
    await seeText(page, 'Who leads this shop?');
    await fill(page, 'Name', 'Ada');
    await fill(page, 'PIN 4 to 8 digits', '8642');
    await fill(page, 'The same again 4 to 8 digits', '8642');
    await press(page, 'Lead this shop');
    await seeText(page, 'Ada leads this shop.');
  });
  afterAll(async () => {
    await browser.close();
    await heron.stop();
    removeFolder(folder);
  });

  it('says on Dial and on Ready what is missing, with the way to it', async () => {
    await goTo(page, `${heron.url}/dial`);
    await seeText(page, 'Say the joint, and Dial says what to set.');
    await seeNoText(page, 'allowed is none');
    await goTo(page, `${heron.url}/ready`);
    await seeText(page, 'A day belongs to a machine');
    await press(page, 'Your machine', 'link');
    await seeText(page, 'No machine yet.');
  });

  it('goes from a machine of a common size to its window, with nothing asked of an old one', async () => {
    await press(page, 'a bench unit, 1.5 kW', 'link');
    await fill(page, 'Name', 'the first unit');
    await press(page, 'Make this machine');
    await seeText(page, 'the first unit is in the shop.');
    await toStation(page, '/dial');
    await seeText(page, 'No window of the first unit is written down yet');
    await press(page, 'Log');
    await seeText(page, 'What did the back look like?');
    await page.keyboard.press('3');
    await press(page, 'Save coupon');
    await seeText(page, 'No protective window of the first unit is written down yet.');
    await press(page, 'Leave it');
    await press(page, 'Say which is in', 'link');
    await press(page, 'Record a window');
    await seeText(page, 'with this one written down, coupons can be');
    await seeNoText(page, 'What was seen on the old one?');
    await press(page, 'It is in');
    await seeText(page, 'Window 1 of the first unit is written down.');
  });

  it('logs its first coupon, and finds it by its number', async () => {
    await toStation(page, '/dial');
    await press(page, 'Log');
    await seeText(page, 'What did the back look like?');
    await page.keyboard.press('3');
    await press(page, 'Save coupon');
    await seeText(page, 'Coupon 1 is logged, through window 1.');
    await goTo(page, `${heron.url}/coupons/1`);
    await seeText(page, 'What next');
    await goTo(page, `${heron.url}/coupons/2`);
    await seeText(page, 'There is no coupon 2');
    await goTo(page, `${heron.url}/shop`);
    await seeText(page, 'The bottle that is on');
  });
});
