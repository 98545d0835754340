import { readFileSync } from 'node:fs';
import type { Page } from 'puppeteer-core';
import sharp from 'sharp';
import { openPage } from './support/browser.js';
import { printedPages, wordsOf } from './support/printedPages.js';
import { keepSavedFiles, type SavedFiles } from './support/savedFiles.js';
import { fill, named, pick, press, seeText, signIn } from './support/screen.js';
import { sampleShop } from './support/sampleShop.js';
import { goTo, reload } from './support/goTo.js';

/** What is printed: a card and a chart for the wall, labels for the panel, procedure papers; each drawn and looked at. */
const shop = sampleShop();
let page: Page;
let files: SavedFiles;
let cardId: string;

beforeAll(async () => {
  page = await openPage(shop.browser, `${shop.heron.url}/cards`);
  files = await keepSavedFiles(page);
  await signIn(page, 'Ines');
  const cards = (await (await fetch(`${shop.heron.url}/api/cards`)).json()) as {
    id: string;
    versions: { content: { name: string } }[];
  }[];
  cardId = cards.find(({ versions }) => versions[0]?.content.name.startsWith('Galley'))?.id ?? '';
});
afterAll(() => {
  files.remove();
});

const goto = (path: string) => goTo(page, `${shop.heron.url}/${path}`);
/** Waits until the page is laid out on a paper, and saves it. */
const savedPdf = async () => {
  await named(page, 'Open to print', 'link');
  return files.savedBy(() => press(page, 'Save PDF'));
};

describe('a card for the wall', () => {
  it('has no code until it is said how a phone reaches this computer', async () => {
    await goto(`cards/${cardId}/wall`);
    await seeText(page, 'Without it the page has no code.');
    const [printed] = await printedPages(await savedPdf());
    expect(printed?.code()).toBeNull();
    await fill(page, 'Address of this computer', 'localhost:4180');
    await press(page, 'Put the code on');
    await seeText(page, 'a phone cannot open it');
    await fill(page, 'Address of this computer', '192.168.1.20:4180');
    await press(page, 'Put the code on');
    await seeText(page, 'The code opens http://192.168.1.20:4180');
  });

  it.each([
    ['A4', 210, 297],
    ['A5', 148, 210],
    ['Letter', 216, 279],
  ])(
    'fits one page of %s in black and white, with its numbers and its code',
    async (paper, width, height) => {
      await pick(page, 'Paper', paper);
      const pdf = await savedPdf();
      const pages = await printedPages(pdf);
      expect(pages).toHaveLength(1);
      expect(pages[0]?.isGrey).toBe(true);
      expect(pages[0]?.code()).toBe(`http://192.168.1.20:4180/cards/${cardId}`);
      expect([pages[0]?.widthMm, pages[0]?.heightMm]).toEqual([width, height]);
      expect(pages[0]?.ink).toBeGreaterThan(0.02);
      expect(pages[0]?.clearMm).toBeGreaterThan(7);
      const words = wordsOf(pdf);
      expect(words).toMatch(/Galley worktop, long butt[\s\S]*signed by Ines[\s\S]*Power/);
      expect(words).toContain('CAUTION');
    },
  );

  it('is saved as a picture too', async () => {
    const png = await files.savedBy(() => press(page, 'Save PNG'));
    const { width, height, format } = await sharp(readFileSync(png)).metadata();
    expect(format).toBe('png');
    expect(width / height).toBeCloseTo(8.5 / 11, 2);
  });
});

describe('a chart for the wall', () => {
  it('has every signed card of the machine, metals down and thicknesses across', async () => {
    await goto('cards/chart?machine=bench');
    const pdf = await savedPdf();
    const pages = await printedPages(pdf);
    expect(pages.every(({ isGrey, clearMm }) => isGrey && clearMm > 7)).toBe(true);
    expect(pages[0]?.code()).toBe('http://192.168.1.20:4180/cards?machine=bench');
    const words = wordsOf(pdf);
    expect(words).toMatch(/butt\s+1 mm\s+1\.5 mm\s+2 mm/);
    expect(words).toContain('lap');
    expect(words).not.toContain('proven');
    await press(page, 'With cards that are not signed, in a dashed frame', 'checkbox');
    await seeText(page, 'Laying the page out');
    expect(wordsOf(await savedPdf())).toContain('proven');
  });
});

describe('program slots', () => {
  it('take a card, hold it against the machine, and say what differs', async () => {
    await goto('cards/slots?machine=bench');
    await seeText(page, 'wobble rate 80 instead of 60 Hz');
    await pick(page, 'In slot', '7');
    await press(page, 'Write it down');
    await seeText(page, '6 of 10 slots are free');
    await goto('cards/slots/compare?machine=bench&slot=2');
    await seeText(page, 'It should hold “Galley worktop, long butt”');
    await fill(page, 'Power on the panel', '300');
    await seeText(page, 'power “300”: allowed is');
    await fill(page, 'Power on the panel', '70');
    await fill(page, 'Wobble rate on the panel', '60');
    await seeText(page, 'differs');
    await press(page, 'Save the comparison');
    await seeText(page, 'power 70 instead of 54 %');
    await press(page, 'Slot 7 was emptied');
    await seeText(page, '7 of 10 slots are free');
    await press(page, 'Undo');
    await seeText(page, '6 of 10 slots are free');
  });

  it('print labels to cut out', async () => {
    await press(page, 'Labels for the panel', 'link');
    const pdf = await savedPdf();
    expect(await printedPages(pdf)).toHaveLength(1);
    expect(wordsOf(pdf)).toMatch(/Sink surround[\s\S]*Galley worktop/);
  });
});

describe('procedure papers', () => {
  it('show gaps as gaps, take what is stated, and are approved', async () => {
    await goto(`cards/${cardId}/procedure`);
    await seeText(page, 'Not a qualification.');
    expect(wordsOf(await savedPdf())).toMatch(/Wavelength\s+\[ not stated \]/);
    await page.$$eval('details', (all) => all.forEach((each) => (each.open = true)));
    await fill(page, 'Wavelength (nm, from the data sheet)', '1080 nm');
    await reload(page);
    await seeText(page, '1 of 41; the rest are gaps');
    await press(page, 'Write revision 1');
    await seeText(page, 'revision 1, not approved');
    await press(page, 'Approve revision 1');
    await fill(page, 'PIN of Ines 4 to 8 digits', '2468');
    await press(page, 'Sign it');
    await seeText(page, 'revision 1, approved');
  });

  it('are two papers, each page saying what it is not, and the same as JSON', async () => {
    const pdf = await savedPdf();
    const pages = await printedPages(pdf);
    expect(pages.length).toBeGreaterThan(1);
    expect(pages.every(({ isGrey, clearMm }) => isGrey && clearMm > 7)).toBe(true);
    const words = wordsOf(pdf);
    expect(words).toMatch(/Wavelength\s+1080 nm/);
    expect(words).toMatch(/Weld test record[\s\S]*Bend\s+root outside, 120°/);
    expect(words.match(/Not a qualification/g)).toHaveLength(pages.length);
    const json = JSON.parse(
      readFileSync(await files.savedBy(() => press(page, 'Save both papers as JSON')), 'utf8'),
    ) as { format: string; revision: number; approvedBy: string; testRecord: { heading: string }[] };
    expect(json).toMatchObject({ format: 'lone-heron-procedure', revision: 1, approvedBy: 'Ines' });
    expect(json.testRecord.map(({ heading }) => heading).join()).toMatch(/Welded by,Coupon \d+/);
  });
});
