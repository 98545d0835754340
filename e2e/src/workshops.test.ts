import type { Page } from 'puppeteer-core';
import { openBrowser, openPage } from './support/browser.js';
import { goTo } from './support/goTo.js';
import { sampleShop } from './support/sampleShop.js';
import { fill, pick, press, seeNoText, seeText, signIn } from './support/screen.js';

/** A firm opens a second workshop: everybody sees everything, and changes what is theirs. */
const shop = sampleShop();
let page: Page;
beforeAll(async () => {
  page = await openPage(shop.browser, `${shop.heron.url}/shop/workshops`);
  await signIn(page, 'Ines');
});

async function openWorkshop(name: string): Promise<void> {
  await press(page, 'Open a workshop');
  await fill(page, 'Name', name);
  await press(page, 'Open');
  await seeText(page, `${name} is open`);
}

/** Picks by the words that are shown, of a list whose values are ids. */
async function pickWords(name: string, words: string): Promise<void> {
  const value = await page.evaluate(
    (wanted) => [...document.querySelectorAll('option')].find(({ text }) => text === wanted)?.value ?? '',
    words,
  );
  await pick(page, name, value);
}

describe('a firm of two workshops', () => {
  it('is one workshop until somebody opens another', async () => {
    await seeText(page, 'This firm is one workshop');
    await openWorkshop('Quay');
    await openWorkshop('Slipway');
    await seeNoText(page, 'This firm is one workshop');
  });

  it('takes back one that was opened by mistake', async () => {
    await openWorkshop('Quays');
    await press(page, 'Undo');
    await seeNoText(page, 'Quays');
  });

  it('says who and what is of which', async () => {
    await pickWords('Whose Maren is', 'Quay');
    await seeText(page, 'Maren is of Quay now');
    await pickWords('Whose the bench unit is', 'Slipway');
    await seeText(page, 'the bench unit is of Slipway now, with all that was done on it');
    await goTo(page, `${shop.heron.url}/shop/people`);
    await seeText(page, 'welder, of Quay');
  });

  it('shows another’s work with whose it is, and keeps a sheet of its own on top of the firm’s', async () => {
    const elsewhere = await openBrowser();
    const hers = await openPage(elsewhere, `${shop.heron.url}/shop/machines/bench`);
    await signIn(hers, 'Maren');
    await seeText(hers, 'This is of Slipway. You are of Quay: you see it');
    await goTo(hers, `${shop.heron.url}/shop/stock`);
    await seeText(hers, 'Changed here it becomes Quay’s own');
    await elsewhere.close();
  });
});
