import { readFileSync } from 'node:fs';
import { strFromU8, unzipSync } from 'fflate';
import type { Page } from 'puppeteer-core';
import { openPage } from './support/browser.js';
import { giveFile } from './support/giveFile.js';
import { goTo } from './support/goTo.js';
import { printedPages, wordsOf } from './support/printedPages.js';
import { sampleShop } from './support/sampleShop.js';
import { keepSavedFiles, type SavedFiles } from './support/savedFiles.js';
import { fill, named, press, seeReading, seeText, signIn } from './support/screen.js';

/** What a job leaves behind: its welds judged, placed on a picture, and its papers. */
const shop = sampleShop();
let page: Page;
let files: SavedFiles;
let locker: string;
let railing: string;

interface JobRead {
  readonly id: string;
  readonly name: string;
  readonly checks: readonly { readonly mark: string; readonly undercutMm: number | null }[];
  readonly draft: {
    readonly pictures: readonly { readonly widthMm: number | null }[];
    readonly welds: readonly {
      readonly mark: string;
      readonly lengthMm: number;
      readonly place: object | null;
    }[];
  };
}
const ask = async <Answer>(path: string) =>
  (await (await fetch(`${shop.heron.url}/api/${path}`)).json()) as Answer;

beforeAll(async () => {
  page = await openPage(shop.browser, `${shop.heron.url}/jobs`);
  files = await keepSavedFiles(page);
  await signIn(page, 'Ines');
  const jobs = await ask<JobRead[]>('jobs');
  const idOf = (name: string) => jobs.find((job) => job.name === name)?.id ?? '';
  [locker, railing] = [idOf('Locker frame'), idOf('Railing run')];
});
afterAll(() => files.remove());

const goto = (path: string) => goTo(page, `${shop.heron.url}/${path}`);

describe('judging', () => {
  it('holds what was measured against the level, and takes a check back', async () => {
    await goto(`jobs/${locker}/judge`);
    await seeReading(page, 'Welds', /W1[\s\S]*open: look/);
    await press(page, 'Check W1');
    await fill(page, 'Deepest undercut', '0.9');
    await press(page, 'Write it down');
    await seeReading(page, 'Welds', /failed: Undercut|failed: undercut/);
    expect((await ask<JobRead>(`jobs/${locker}`)).checks).toMatchObject([{ mark: 'W1', undercutMm: 0.9 }]);
    await press(page, 'Take the check of W1 back');
    await seeText(page, 'The check of W1 was taken back.');
    await press(page, 'Check W2');
    await press(page, 'Write it down');
    await seeReading(page, 'Welds', 'accepted');
  });
});

describe('a drawing of the part', () => {
  it('is added, measured, and a drag along a seam places it', async () => {
    await goto(`jobs/${railing}/pictures`);
    const svg =
      '<svg xmlns="http://www.w3.org/2000/svg" width="400" height="200"><path d="M10 100H390" stroke="black"/></svg>';
    await giveFile(page, { name: 'rail.svg', type: 'image/svg+xml', bytes: Buffer.from(svg) });
    await named(page, 'Place the welds');
    const figure = await page.waitForSelector('figure img');
    await page.waitForFunction((image) => (image as HTMLImageElement).naturalWidth > 0, {}, figure);
    const box = await figure?.boundingBox();
    if (box == null) throw new Error('the picture has no place');
    const drag = async (fromX: number, toX: number) => {
      await page.mouse.move(box.x + fromX * box.width, box.y + box.height / 2);
      await page.mouse.down();
      await page.mouse.move(box.x + toX * box.width, box.y + box.height / 2, { steps: 4 });
      await page.mouse.up();
    };
    await press(page, 'Measure the picture');
    await drag(0.1, 0.6);
    await fill(page, 'Known length', '600');
    await press(page, 'Measure by it');
    await drag(0.2, 0.45);
    // The next one without a pointer: begun at 49 % from the left, ended 5 % further.
    await (await named(page, 'The picture, to draw on by keys')).focus();
    for (const key of ['ArrowLeft', 'Enter'] as const) await page.keyboard.press(key);
    await seeText(page, '49 % from the left, 50 % from the top. Enter ends the seam here.');
    await page.keyboard.down('Shift');
    await page.keyboard.press('ArrowRight');
    await page.keyboard.up('Shift');
    await page.keyboard.press('Enter');
    await press(page, 'Save the pictures');
    await seeText(page, 'The pictures are saved.');
    const { draft } = await ask<JobRead>(`jobs/${railing}`);
    expect(draft.pictures[0]?.widthMm).toBeGreaterThan(1100);
    expect(draft.pictures[0]?.widthMm).toBeLessThan(1300);
    expect(draft.welds.filter(({ place }) => place !== null)).toHaveLength(2);
    expect(draft.welds[1]?.place).toMatchObject({ from: { x: 0.49, y: 0.5 }, to: { x: 0.54, y: 0.5 } });
  });
});

describe('the papers', () => {
  const savedPdf = async () => {
    await named(page, 'Open to print', 'link');
    return files.savedBy(() => press(page, 'Save PDF'));
  };

  it.each([
    ['Traveller', ['Traveller', 'Locker frame', 'W26', 'as above', 'no certificate']],
    ['Weld map', ['Weld map', 'W14', '1 of 2', 'Maren', 'lifted off']],
    ['Inspection record', ['Inspection record', 'For the eye', 'open']],
    ['Materials', ['Materials', '0.8 mm wire, 308L', 'argon', 'Protective windows']],
    ['Quote', ['Quote', 'Lining up', 'Four in five', 'By the arc (TIG)']],
  ])('%s prints black and white and says what it does not certify', async (name, shown) => {
    await goto(`jobs/${locker}/papers`);
    await press(page, name);
    const pdf = await savedPdf();
    const words = wordsOf(pdf);
    for (const each of shown) expect(words).toContain(each);
    expect(words).toContain('no certificate');
    for (const { ink, isGrey, clearMm } of await printedPages(pdf)) {
      expect(isGrey).toBe(true);
      expect(ink).toBeGreaterThan(0);
      expect(clearMm).toBeGreaterThan(4);
    }
  });

  it('have the heats and batches that were written down', async () => {
    await goto(`jobs/${locker}/papers`);
    await press(page, 'Materials');
    await press(page, '0.8 mm wire, 308L: add R 118, which the shop has');
    await fill(page, '304 stainless, 1.5 mm', 'heat 77');
    await press(page, 'Save the heats and batches');
    await seeText(page, 'The heats and batches are saved.');
    await goto(`jobs/${locker}/papers`);
    await press(page, 'Materials');
    const words = wordsOf(await savedPdf());
    for (const each of ['R 118', 'heat 77']) expect(words).toContain(each);
  });

  it('go to the customer in one ZIP with a contents page and no prices', async () => {
    const zip = await files.savedBy(() => press(page, 'All for the customer (ZIP)'));
    const inside = unzipSync(readFileSync(zip));
    expect(Object.keys(inside)).toEqual([
      '0 Contents-Locker-frame.pdf',
      '1 Weld-map.pdf',
      '2 Inspection-record.pdf',
      '3 Materials.pdf',
      'record.json',
    ]);
    const record = strFromU8(inside['record.json'] ?? new Uint8Array());
    const papers = (JSON.parse(record) as { papers: { name: string }[] }).papers.map(({ name }) => name);
    expect(papers).toEqual(['traveller', 'weldMap', 'inspection', 'materials']);
  });

  it('are there as JSON, and the quote as CSV', async () => {
    const json = await files.savedBy(() => press(page, 'Save JSON'));
    expect(JSON.parse(readFileSync(json, 'utf8'))).toMatchObject({ format: 'lone-heron-job', version: 1 });
    const csv = await files.savedBy(() => press(page, 'Save the quote as CSV'));
    expect(readFileSync(csv, 'utf8')).toContain('Lining up,');
  });
});

describe('the rates of jobs', () => {
  it('change what a job costs', async () => {
    await goto('shop/stock');
    await fill(page, 'An hour of room and machine', '30');
    await press(page, 'Save the rates');
    await seeText(page, 'The rates of jobs are written down.');
    await goto(`jobs/${locker}/papers`);
    await press(page, 'Quote');
    const words = wordsOf(await savedQuote());
    expect(words).toMatch(/Room and machine\s+3\d\.\d/);
  });
  const savedQuote = async () => {
    await named(page, 'Open to print', 'link');
    return files.savedBy(() => press(page, 'Save PDF'));
  };
});
