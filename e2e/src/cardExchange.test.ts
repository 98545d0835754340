import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Browser, ElementHandle, Page } from 'puppeteer-core';
import { openBrowser, openPage } from './support/browser.js';
import { freshFolder, removeFolder, startHeron, takeSeeded, type RunningHeron } from './support/heron.js';
import { keepSavedFiles, type SavedFiles } from './support/savedFiles.js';
import { fill, press, seeReading, seeText, signIn } from './support/screen.js';
import { goTo } from './support/goTo.js';

/** Cards passed on from one shop to another: out as a file, in there after a look, back again, and where they clash. */
const [oneFolder, otherFolder] = [freshFolder(), freshFolder()];
let one: RunningHeron;
let other: RunningHeron;
/** A browser each: two shops on one computer share its cookies. */
let browsers: readonly Browser[];
let page: Page;
let theirPage: Page;
let files: SavedFiles;

interface SentFile {
  version: number;
  machines: { id: string; name: string; profile: { powerW: { most: number } } }[];
  cards: {
    id: string;
    versions: {
      content: { name: string; machineId: string; notes: string; setting: { powerW: number } };
    }[];
  }[];
  coupons: unknown[];
}

beforeAll(async () => {
  // The other is a shop of its own, with ids of its own: it is not copied but made.
  takeSeeded(oneFolder);
  [one, other] = await Promise.all([startHeron(oneFolder), startHeron(otherFolder)]);
  const [ours, theirs] = [await openBrowser(), await openBrowser()];
  browsers = [ours, theirs];
  page = await openPage(ours, `${one.url}/cards`);
  theirPage = await openPage(theirs, `${other.url}/cards/exchange`);
  files = await keepSavedFiles(page);
  await signIn(page, 'Ines');
  await signIn(theirPage, 'Ines');
});
afterAll(async () => {
  files.remove();
  await Promise.all(browsers.map((browser) => browser.close()));
  await Promise.all([one.stop(), other.stop()]);
  [oneFolder, otherFolder].forEach(removeFolder);
});

const read = (path: string) => JSON.parse(readFileSync(path, 'utf8')) as SentFile;
const write = (name: string, content: unknown) => {
  const path = join(oneFolder, name);
  writeFileSync(path, typeof content === 'string' ? content : JSON.stringify(content));
  return path;
};
const choose = async (path: string, on: Page = page) => {
  const field = (await on.waitForSelector('input[type="file"]')) as ElementHandle<HTMLInputElement>;
  await field.uploadFile(path);
};

describe('cards that are passed on', () => {
  let sent: SentFile;

  it('go out from their own page with their machine and the coupons that prove them', async () => {
    await goTo(page, `${one.url}/cards?find=rail+foot`);
    await (await page.waitForSelector('main li a[href^="/cards/"]'))?.click();
    await seeText(page, 'Weld a proof coupon');
    sent = read(await files.savedBy(() => press(page, 'Pass on', 'link')));
    expect(sent.cards.map(({ versions }) => versions[0]?.content.name)).toEqual(['Rail foot']);
    expect(sent.machines.map(({ id }) => id)).toEqual(['barrow']);
    expect(sent.coupons).toHaveLength(1);
  });

  it('are looked at part by part in another shop before anything is stored', async () => {
    const [card] = sent.cards;
    const [version] = card?.versions ?? [];
    if (card === undefined || version === undefined) throw new Error('a card was sent');
    const renamed = { ...card, id: '019b0000-0000-7000-8000-000000000001' };
    const lost = {
      ...{ id: '019b0000-0000-7000-8000-000000000002' },
      versions: [{ ...version, content: { ...version.content, machineId: 'nowhere' } }],
    };
    await choose(write('theirs.json', { ...sent, cards: [renamed, lost] }), theirPage);
    await seeText(theirPage, '2 to be stored, ');
    await seeText(theirPage, 'machine is “nowhere”; allowed is a machine of this shop or of this file');
    await press(theirPage, 'Store 2');
    await seeText(theirPage, 'Stored: 1 card, 1 coupon.');
    await goTo(theirPage, `${other.url}/cards/${renamed.id}`);
    await seeText(theirPage, 'From another shop, written by Maren');
    await seeText(theirPage, 'Not signed here.');
    await seeReading(theirPage, 'Versions', 'signed there by Ines');
  });

  it('never go over ours: a clash is left until it is taken, and then stands beside', async () => {
    await goTo(page, `${one.url}/cards/exchange`);
    const turned = structuredClone(sent);
    const content = turned.cards[0]?.versions[0]?.content;
    if (content === undefined) throw new Error('a card was sent');
    content.notes = 'Lean the other way.';
    await choose(write('turned.json', turned));
    await seeText(page, 'Nothing to be stored');
    await press(page, 'Take theirs', 'checkbox');
    await press(page, 'Store 1');
    await seeText(page, 'Stored: 1 card.');
    await goTo(page, `${one.url}/cards`);
    await fill(page, 'Find a card', 'rail foot');
    await seeText(page, '2 found');
    await seeText(page, 'Rail foot (theirs)');
  });

  it('are looked at anew where a clash is taken: what fits with it is shown as what is stored', async () => {
    await goTo(page, `${one.url}/cards/exchange`);
    const [machine] = sent.machines;
    const [card] = sent.cards;
    const [version] = card?.versions ?? [];
    if (machine === undefined || card === undefined || version === undefined)
      throw new Error('a card was sent');
    const { profile } = machine;
    const stronger = {
      ...profile,
      ...{ ratedPowerW: 3000, configuredPowerW: 3000, powerW: { ...profile.powerW, most: 3000 } },
    };
    const content = { ...version.content, setting: { ...version.content.setting, powerW: 2900 } };
    const theirs = {
      ...card,
      ...{ id: '019b0000-0000-7000-8000-000000000003', versions: [{ ...version, content }] },
    };
    const file = { ...sent, machines: [{ ...machine, profile: stronger }], cards: [theirs], coupons: [] };
    await choose(write('clash.json', file));
    await seeText(page, '1 saying something else than yours, 1 wrong and left out');
    await press(page, 'Take theirs', 'checkbox');
    await seeText(page, '1 saying something else than yours, 0 wrong and left out');
    await seeText(page, 'Store 2');
    await press(page, 'Store nothing');
  });

  it('come back as a table too, and files that cannot be read say why', async () => {
    await goTo(page, `${one.url}/cards/exchange`);
    const csv = await files.savedBy(() => press(page, 'CSV, cards for a spreadsheet', 'link'));
    await choose(csv);
    await seeText(page, '10 here already');
    await choose(write('newer.json', { ...sent, version: 2 }));
    await seeText(page, 'it was written by a newer Lone Heron');
    await choose(write('words.json', 'not a file of ours'));
    await seeText(page, 'allowed is JSON');
    await choose(write('cards.txt', 'x'));
    await seeText(page, 'allowed is a name that ends in .json or .csv.');
  });
});
