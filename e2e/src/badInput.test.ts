import type { Page } from 'puppeteer-core';
import { openPage } from './support/browser.js';
import { fill, named, pick, press, seeNoText, seeText, textOf, valueOf } from './support/screen.js';
import { sampleShop } from './support/sampleShop.js';
import { goTo, reload } from './support/goTo.js';

/** What cannot be is told at the word, and what was typed stays. */
describe('bad input on Dial', () => {
  const shop = sampleShop();
  let page: Page;

  beforeAll(async () => {
    page = await openPage(shop.browser, shop.heron.url);
  });

  it.each([
    ['Thickness of the first sheet', '-1 mm', 'thickness -1 mm: allowed is 0.3 to 12 mm.'],
    ['Thickness of the first sheet', '400 mm', 'thickness 400 mm: allowed is 0.3 to 12 mm.'],
    ['Thickness of the first sheet', 'thick', 'thickness “thick”: allowed is a number with a unit'],
    ['Thickness of the second sheet', '99 ga', 'thickness 99 ga: allowed is 7 to 28 ga, whole numbers.'],
    ['Gap', '3 mm', 'gap 3 mm: allowed is 0 to 1.5 mm.'],
  ])('%s of %s', async (word, text, message) => {
    const before = await valueOf(page, word);
    await fill(page, word, text);
    await seeText(page, message);
    expect(await valueOf(page, word)).toBe(text);
    await seeText(page, 'the last good joint');
    await reload(page);
    expect(await valueOf(page, word)).toBe(text);
    await seeText(page, message);
    await fill(page, word, before);
    await seeNoText(page, message);
    await seeText(page, 'Dial these');
  });

  it('does not scold half-way through a number', async () => {
    const field = await named(page, 'Gap');
    await field.click();
    await field.evaluate((element) => (element as HTMLInputElement).select());
    await page.keyboard.type('0.');
    expect(await page.$('.fault')).toBeNull();
    await page.keyboard.type('2 mm');
    await page.keyboard.press('Tab');
    expect(await valueOf(page, 'Gap')).toBe('0.2 mm');
  });

  it('refuses a knob what the machine cannot do, and keeps it in view', async () => {
    const power = await named(page, 'Power, %');
    await power.click();
    await power.evaluate((element) => (element as HTMLInputElement).select());
    await page.keyboard.type('140');
    await seeText(page, 'power “140”: allowed is 10 to 100 %.');
    expect(await valueOf(page, 'Power, %')).toBe('140');
    await page.keyboard.press('Escape');
    await seeNoText(page, 'allowed is 10 to 100 %');
  });

  it('says what stands in the way of an impossible joint, and what would do it', async () => {
    await fill(page, 'Thickness of the first sheet', '10 mm');
    await fill(page, 'Thickness of the second sheet', '10 mm');
    const words = await textOf(page, 'What stands in the way');
    expect(words).toMatch(/At its full 1500 W this machine melts \d\.\d mm/);
    expect(words).toContain('Weld from both sides');
  });

  it('refuses a share that thin sheet cannot be stopped at', async () => {
    await fill(page, 'Thickness of the first sheet', '0.5 mm');
    await fill(page, 'Thickness of the second sheet', '0.5 mm');
    await pick(page, 'Aim', 'share-70');
    await seeText(page, 'A thinner sheet tips from cold to through under its bead');
    await pick(page, 'Aim', 'reach');
    await seeNoText(page, 'tips from cold to through');
  });

  it('opens an address with words nobody knows with what is valid, and says what was dropped', async () => {
    await goTo(page, `${shop.heron.url}/dial?metal=unobtainium&machine=bandsaw&first=2`);
    await seeText(page, 'it was left out: metal “unobtainium”.');
    await seeText(page, 'machine “bandsaw”: allowed is the bench unit, the barrow unit.');
    await press(page, 'Understood');
    await seeNoText(page, 'it was left out');
    expect(await valueOf(page, 'Metal')).toBe('stainless304');
    await pick(page, 'Machine', 'bench');
    await seeText(page, 'Dial these on the bench unit');
    expect(await valueOf(page, 'Thickness of the first sheet')).toBe('2');
  });

  it('keeps the keys of the screen for those who ask', async () => {
    await page.keyboard.press('?');
    await seeText(page, 'log a coupon of what is dialled');
    await press(page, 'Close');
  });
});
