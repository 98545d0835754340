import type { Page } from 'puppeteer-core';
import { v7 as uuid } from 'uuid';
import { openPage } from './support/browser.js';
import { fill, named, press, seeNoText, seeReading, seeText, signIn, textOf } from './support/screen.js';
import { sampleShop } from './support/sampleShop.js';
import { goTo } from './support/goTo.js';
import { fittedWindow } from './support/counted.js';

/** A card from the coupon that came out right to the wall: made, proven, signed, changed, found, carried over. */
const shop = sampleShop();
let page: Page;

beforeAll(async () => {
  page = await openPage(shop.browser, `${shop.heron.url}/cards`);
  await signIn(page, 'Ines');
});

const goto = (path: string) => goTo(page, `${shop.heron.url}/${path}`);
const find = async (text: string) => {
  await page.keyboard.press('Escape');
  await fill(page, 'Find a card', text);
};

/** The signed card of the sample workshop, as it is welded by. */
async function signedCard() {
  const cards = (await (await fetch(`${shop.heron.url}/api/cards`)).json()) as {
    id: string;
    versions: {
      signedAt: string | null;
      content: Record<'machineId' | 'joint' | 'setting', object> & { name: string };
    }[];
  }[];
  const signed = cards.filter(({ versions }) => versions[0]?.signedAt !== null);
  const card = signed.find(({ versions }) => versions[0]?.content.name.startsWith('Galley') === true);
  const content = card?.versions[0]?.content;
  if (card === undefined || content === undefined) throw new Error('the sample workshop has no signed card');
  return { id: card.id, ...content };
}

/** Stores coupons as a page of ours does. */
async function logCoupons(drafts: readonly object[]): Promise<void> {
  for (const draft of drafts) {
    const status = await page.evaluate(
      async (id, body) =>
        (
          await fetch(`/api/coupons/${id}`, {
            method: 'PUT',
            headers: { 'Content-Type': 'application/json', 'X-Lone-Heron': '1' },
            body,
          })
        ).status,
      uuid(),
      JSON.stringify(draft),
    );
    expect(status).toBe(201);
  }
}

describe('cards', () => {
  it('are found in three unit systems, by name and by tag', async () => {
    for (const said of ['304 1.5 butt', '304 1/16 butt', '304 16ga butt', '304 .0625 in']) {
      await find(said);
      await seeText(page, '1 found');
      await seeText(page, 'Galley worktop, long butt');
    }
    await find('hatch frame');
    await seeNoText(page, 'Galley worktop');
    await find('bandstand');
    await seeText(page, 'No card says “bandstand”.');
  });

  it('that fit nothing give the nearest, turned for it, with the coupon that would prove it', async () => {
    await find('304 1.2 butt');
    await seeText(page, 'No card fits. Nearest:');
    const near = await textOf(page, 'Nearest cards');
    expect(near).toContain('1.5 mm, not 1.2 mm');
    expect(near).toMatch(/as it is\s+hot/);
    expect(near).toMatch(/turned\s+reaches/);
    await (await page.waitForSelector('::-p-text(Log the coupon that proves it)'))?.click();
    await seeText(page, '304 stainless 1.2 mm butt');
    await page.keyboard.press('Escape');
  });

  it('go from a coupon to draft, are proven by its tests, and signed by a lead', async () => {
    const { coupons } = (await (await fetch(`${shop.heron.url}/api/coupons?back=even&limit=200`)).json()) as {
      coupons: {
        id: string;
        number: number;
        joint: { kind: string };
        slip?: string;
        section: object | null;
      }[];
    };
    const coupon = coupons.find(
      ({ joint, slip, section }) => joint.kind === 'lap' && slip === undefined && section === null,
    );
    await goto(`coupons/${coupon?.id}`);
    await press(page, 'Make a card', 'link');
    await fill(page, 'Name a stranger would find', 'Stanchion base');
    await fill(page, 'Focus above the surface', '40');
    await seeText(page, 'allowed is -10 to 10 mm');
    await fill(page, 'Focus above the surface', '0');
    await (await named(page, 'Proven once it meets')).select('For the eye');
    await press(page, 'Make the card');
    await seeText(page, 'Not proven yet');
    await seeReading(page, 'What proves it', `Coupon ${coupon?.number}`);
    expect(await page.$('::-p-aria([name^="Sign version"])')).toBeNull();
    await press(page, `Coupon ${coupon?.number}`, 'link');
    await press(page, 'Section');
    for (const [name, mm] of [
      ['Depth', '1.1'],
      ['Undercut', '0.05'],
      ['Crown', '0.1'],
      ['Misalignment', '0.05'],
    ] as const) {
      await fill(page, name, mm);
    }
    await press(page, 'holds');
    await press(page, 'Write it down');
    await seeText(page, 'is written down');
    await goto('cards?find=stanchion');
    await (await page.waitForSelector('main li a[href^="/cards/"]'))?.click();
    await seeText(page, 'A lead can sign it.');
    await press(page, 'Sign version 1');
    await seeText(page, 'Signed, it is welded by');
    await seeText(page, 'You made this version');
    await fill(page, 'PIN of Ines 4 to 8 digits', '1357');
    await press(page, 'Sign it');
    await seeText(page, 'That PIN is not right.');
    await fill(page, 'PIN of Ines 4 to 8 digits', '2468');
    await press(page, 'Sign it');
    await seeText(page, 'Proven and signed.');
  });

  it('once signed are changed by the next version, with why, what changed and both drawn', async () => {
    await press(page, 'Change', 'link');
    await seeText(page, 'Version 1 is signed and stays as it is.');
    await fill(page, 'Power', '3000 W');
    await seeText(page, 'power “3000 W”: allowed is');
    await fill(page, 'Power', '99');
    const write = await named(page, 'Write version 2', 'button');
    expect(await write.evaluate((button) => (button as HTMLButtonElement).disabled)).toBe(true);
    await fill(page, 'What changed and why', 'wants to show more behind');
    await press(page, 'Write version 2');
    await seeText(page, 'You see version 1, which is signed and is welded by. Version 2 is draft.');
    const versions = await textOf(page, 'Versions');
    expect(versions).toContain('“wants to show more behind”');
    expect(versions).toMatch(/Power\s+\d+ %\s+99 %/);
    expect(await page.$$eval('section[aria-label="Versions"] figure svg', (drawn) => drawn.length)).toBe(2);
    await press(page, 'Show version 2');
    await seeText(page, 'No other coupon of this setting yet.');
  });

  it('are carried over to another machine, found for the same depth there, to be proved', async () => {
    await goto('cards?find=galley');
    await (await page.waitForSelector('main li a[href^="/cards/"]'))?.click();
    await press(page, 'To another machine', 'link');
    await seeText(page, 'To be proved: the card begins as a draft.');
    await seeReading(page, 'What it becomes', /on the bench unit becomes .* on the barrow unit/);
    await press(page, 'Make the card for the barrow unit');
    await seeText(page, 'Not proven yet');
    await seeText(page, 'to be proved here.');
    await seeReading(page, 'Dial these', 'on the barrow unit');
  });

  it('whose newest coupons disagree with the older ones say so, with what else changed', async () => {
    const { id, machineId, joint, setting } = await signedCard();
    const weld = (back: string, hoursAgo: number) => ({
      ...{ machineId, joint, setting, back, lightOnS: 12, runLengthMm: 108, remark: '' },
      weldedAt: new Date(Date.now() - hoursAgo * 3600 * 1000).toISOString(),
    });
    const coupons = [30, 29, 28].map((hours) => weld('even', hours));
    await logCoupons([...coupons, ...[3, 2, 1].map((hours) => weld('none', hours))]);
    await goto('cards?find=galley');
    await seeText(page, 'drifts');
    await goto(`cards/${id}`);
    await seeText(page, 'Weld a proof coupon before the next part, and cut it.');
    const said = await textOf(page, 'It drifts');
    expect(said).toMatch(
      /The newest \d coupons weld \d+ % shallower \(-\d+ to -\d+ %\) than the \d before\./,
    );
    expect(said).toContain(`Window ${await fittedWindow(shop.heron.url, 'bench')} was fitted between them`);
  });

  it('drift in the sample workshop: one asks for a proof coupon and says to look at the window', async () => {
    await goto('cards?find=rail+foot');
    await seeText(page, 'drifts');
    await (await page.waitForSelector('main li a[href^="/cards/"]'))?.click();
    await seeText(page, 'Weld a proof coupon before the next part, and cut it.');
    await seeReading(
      page,
      'It drifts',
      /The newest 3 coupons weld \d+ % shallower [\s\S]*All went through one window/,
    );
  });

  it('say of a setting that is about to be kept how its coupons came out', async () => {
    const { machineId, setting } = await signedCard();
    const joint = {
      kind: 'butt',
      metal: 'stainless304',
      firstThicknessMm: 2.7,
      secondThicknessMm: 2.7,
      gapMm: 0,
    };
    const welded = (back: string) => ({
      ...{ machineId, setting, joint, back, remark: '', weldedAt: new Date().toISOString() },
      ...{ lightOnS: null, runLengthMm: null },
    });
    const start = new URLSearchParams({
      ...{
        machine: machineId as unknown as string,
        joint: JSON.stringify(joint),
        setting: JSON.stringify(setting),
      },
    });
    await logCoupons([welded('none')]);
    await goto(`cards/new?${start.toString()}`);
    await seeText(page, 'was welded with it: no mark. No other of these numbers came out');
    await logCoupons([welded('even')]);
    await goto(`cards/new?${start.toString()}`);
    await seeText(page, 'was welded with it: even line.');
    await seeNoText(page, 'came out');
  });

  it('begin from Dial with a key, and are retired and taken out again', async () => {
    await goto('dial');
    await seeText(page, 'What to expect');
    await page.keyboard.press('k');
    await seeText(page, 'New card');
    await press(page, 'Make the card');
    await seeText(page, 'Not proven yet');
    await press(page, 'Retire');
    await seeText(page, 'Kept, and found no more.');
    await press(page, 'Undo');
    await seeText(page, 'Not proven yet');
  });
});
