import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import type { ElementHandle, Page } from 'puppeteer-core';
import { desk, openPage } from './support/browser.js';
import { openDesk } from './support/desk.js';
import { keepSavedFiles } from './support/savedFiles.js';
import {
  fill,
  named,
  pick,
  press,
  seeNoText,
  seeReading,
  seeText,
  signIn,
  textOf,
  valueOf,
} from './support/screen.js';
import { sampleShop } from './support/sampleShop.js';
import { inches, millimetres } from './support/shopUnits.js';
import { goTo, reload } from './support/goTo.js';
import { countedCoupons } from './support/counted.js';

/** Dial as a fabricator uses it fifty times a day: every joint, in any unit, with hands and with keys. */
describe('Dial', () => {
  const shop = sampleShop();
  let page: Page;

  beforeAll(async () => {
    page = await openPage(shop.browser, `${shop.heron.url}/dial`, desk);
  });

  const dialAt = (search: string) => goTo(page, `${shop.heron.url}/dial${search}`);
  const open = async (search = '') => {
    await dialAt(search);
    // The coupons have been heard, and the other ways are there.
    await named(page, 'Other ways');
    await seeText(page, 'Would help most');
  };
  const drawing = async () =>
    (await named(page, 'What it will look like')).$eval('title', (title) => title.textContent);
  const power = async () => Number(await valueOf(page, 'Power, %'));
  const isPressed = async (name: string) =>
    (await named(page, name, 'button')).evaluate((element) => element.getAttribute('aria-pressed'));

  describe('four joints from the sentence to the plate', () => {
    it('a butt in millimetres with a decimal comma', async () => {
      await open();
      await fill(page, 'Thickness of the first sheet', '2,0 mm');
      await fill(page, 'Thickness of the second sheet', '2,0 mm');
      await seeText(page, 'Dial these on the bench unit');
      expect(await drawing()).toContain('2 mm to 2 mm butt, gap 0.1 mm');
      expect(await power()).toBeGreaterThan(50);
    });

    it('a T in inch fractions, with its leg', async () => {
      await pick(page, 'Joint', 'tee');
      await fill(page, 'Thickness of the first sheet', '1/8');
      await fill(page, 'Thickness of the second sheet', '1/16');
      await fill(page, 'Leg of the fillet', '.080 in');
      await seeText(page, '= 3.17 mm');
      expect(await drawing()).toContain('3.17 mm to 1.59 mm T');
      await seeReading(page, 'Dial these', 'V, grooved');
    });

    it('an outside corner in gauge numbers, by the metal they are said of', async () => {
      await pick(page, 'Metal', 'aluminium5052');
      await pick(page, 'Joint', 'outsideCorner');
      await fill(page, 'Thickness of the first sheet', '16 ga');
      await fill(page, 'Thickness of the second sheet', '16ga');
      await seeText(page, '= 1.29 mm');
      expect(await drawing()).toContain('1.29 mm to 1.29 mm out corner');
      await seeReading(page, 'Dial these', 'notched, grooved');
      await seeReading(page, 'Dial these', 'argon 22 L/min');
    });

    it('two metals as a lap, with what the pair asks', async () => {
      await pick(page, 'Joint', 'lap');
      await pick(page, 'Metal', 'lowCarbonSteel');
      await pick(page, 'Metal of the second sheet', 'stainless304');
      await fill(page, 'Thickness of the first sheet', '1 mm');
      await fill(page, 'Thickness of the second sheet', '1 mm');
      await pick(page, 'Wire', 'none');
      await seeText(page, 'without wire turn hard or crack');
      await press(page, 'Take wire, 0.8 mm, 309L: bears the mixing with mild steel without turning hard');
      await seeNoText(page, 'turn hard or crack');
      expect(await valueOf(page, 'Wire')).toBe('0.8');
      await seeText(page, '309L');
    });

    it('tubes, plugs and edges too, each with its own sizes', async () => {
      await pick(page, 'Metal of the second sheet', 'same');
      for (const [kind, words] of [
        ['tubeToPlate', 'tube on plate'],
        ['plug', 'plug'],
        ['edge', 'edge'],
        ['flareGroove', 'flare'],
      ] as const) {
        await pick(page, 'Joint', kind);
        await page.waitForFunction(
          (wanted) =>
            document
              .querySelector('[aria-label="What it will look like"] title')
              ?.textContent.includes(wanted),
          {},
          words,
        );
      }
    });
  });

  it('says three unit systems back as the house does', async () => {
    const ines = await openDesk(shop.heron.url, 'ines');
    expect((await ines.put('house/units/1', inches)).status).toBe(200);
    await open('?first=.063&second=.063');
    expect(await drawing()).toContain('0.063 in to 0.063 in butt');
    await seeReading(page, 'Dial these', /Travel\s+2\d\.\d in\/min/);
    await seeReading(page, 'Dial these', 'argon 40 CFH');
    expect((await ines.put('house/units/2', { ...millimetres, travel: 'cm/min' })).status).toBe(200);
    await open('?first=16ga&second=16ga');
    await seeReading(page, 'Dial these', /Travel\s+\d+ cm\/min/);
    expect((await ines.put('house/units/3', millimetres)).status).toBe(200);
  });

  it('turns a knob by hand, on the drawing too, and takes it back', async () => {
    await open();
    const [before, drawn] = [await power(), await drawing()];
    await press(page, 'More Power');
    await press(page, 'More Power');
    expect(await power()).toBe(before + 2);
    expect(await drawing()).not.toBe(drawn);
    const grip = await named(page, 'Power, by the depth of the melt', 'slider');
    await grip.evaluate((element) => element.focus());
    await page.keyboard.press('ArrowDown');
    expect(await power()).toBe(before + 1);
    await drag(page, await named(page, 'Power, by the depth of the melt', 'slider'), 0, 30);
    expect(await power()).toBeGreaterThan(before + 3);
    await drag(page, await named(page, 'Gap, by the edge of the second sheet', 'slider'), 6, 0);
    expect(await valueOf(page, 'Gap')).not.toBe('0.1 mm');
    await press(page, 'Undo the last change');
    expect(await valueOf(page, 'Gap')).toBe('0.1 mm');
    await press(page, 'Back to computed');
    expect(await power()).toBe(before);
  });

  it('holds a knob, adapts the rest, and keeps that over a reload', async () => {
    await open('?wire=none');
    const chance = async () => Number(/(\d+)\s*%/.exec(await textOf(page, 'What to expect'))?.[1]);
    await fill(page, 'Power, %', '80');
    const turned = await chance();
    await press(page, 'Hold Power');
    expect(await isPressed('Hold Power')).toBe('true');
    await page.waitForFunction(
      (before) => {
        const shown = document.querySelector('[aria-label="What to expect"]')?.textContent ?? '';
        return Number(/(\d+)\s*%/.exec(shown)?.[1]) > before;
      },
      {},
      turned,
    );
    expect(await power()).toBe(80);
    await reload(page);
    expect(await power()).toBe(80);
    expect(await isPressed('Hold Power')).toBe('true');
    await press(page, 'Hold Power');
    await page.waitForFunction(
      () => document.querySelector('[aria-label="Hold Power"]')?.getAttribute('aria-pressed') === 'false',
    );
  });

  it('compares up to three settings side by side and dials one that was put aside', async () => {
    await open();
    const first = await power();
    await page.keyboard.press('c');
    await press(page, 'Put this setting aside');
    await page.keyboard.press('Escape');
    await press(page, await wayNamed(page, 'Cool and quick'));
    await page.keyboard.press('c');
    const table = await textOf(page, 'Side by side');
    for (const row of ['Depth', 'Heat', 'Colour', 'Warp', 'Travel', 'Cost of a metre', 'Load on the window'])
      expect(table).toContain(row);
    await press(page, 'Put this setting aside');
    await seeText(page, 'Three stand side by side');
    await (await page.waitForSelector('::-p-aria([name="Dial this"])'))?.click();
    await page.keyboard.press('Escape');
    expect(await power()).toBe(first);
  });

  it('eases off for colour and warp, and says what it costs', async () => {
    await open();
    const before = await power();
    await press(page, 'Ease off');
    await press(page, 'More');
    await seeText(page, '2 eases');
    await seeReading(page, 'Ease off', 'Straw and beyond');
    await press(page, 'Dial it');
    expect(await power()).toBeLessThan(before - 3);
  });

  it('says that a joint cannot be done, and each remedy is tried at a press', async () => {
    await dialAt('?first=6+mm&second=6+mm&wire=none');
    await seeText(page, 'At its full 1500 W this machine melts');
    await seeText(page, 'even line');
    const promised = /Weld from both sides\s+even line .*?\sto\s(\d+)/.exec(
      await textOf(page, 'What stands in the way'),
    )?.[1];
    await press(page, 'Weld from both sides');
    await seeNoText(page, 'At its full 1500 W');
    expect(await valueOf(page, 'Sides')).toBe('2');
    await seeReading(page, 'What to expect', new RegExp(`${promised}\\s%\\sthe two sides meet`));
    await press(page, 'Undo the last change');
    await seeText(page, 'At its full 1500 W');
    const stronger = await textOf(page, 'What stands in the way');
    await press(page, /A machine of \d+ W/.exec(stronger)?.[0] ?? '');
    // The barrow’s two kilowatts are enough: a machine that the shop has comes before one it would have to buy.
    await seeNoText(page, 'At its full 1500 W');
    expect(await valueOf(page, 'Machine')).toBe('barrow');
    await press(page, 'Undo the last change');
    await seeText(page, 'At its full 1500 W');
    await fill(page, 'Thickness of the first sheet', '10 mm');
    await fill(page, 'Thickness of the second sheet', '10 mm');
    await seeText(page, 'At its full 1500 W');
  });

  it('shows the joint from above, from behind and as a chart, and saves the drawing', async () => {
    await open();
    const { savedBy, remove } = await keepSavedFiles(page);
    const svg = readFileSync(await savedBy(() => press(page, 'Save the drawing as SVG')), 'utf8');
    const png = await savedBy(() => press(page, 'Save the drawing as PNG'));
    expect(svg).toContain('mm wide');
    expect(svg).not.toMatch(/var\(--|role="slider"/);
    expect(basename(png)).toBe('lone-heron-section.png');
    remove();
    await press(page, 'Behind');
    await seeText(page, 'From behind: a line about');
    await press(page, 'From above');
    await seeText(page, 'where the light falls');
    await press(page, 'By knob');
    await pick(page, 'Against', 'wobbleRate');
    await seeText(page, 'The same as a table');
  });

  it('says what the joint asks before light, and the cautions of the choice', async () => {
    await open('?metal=galvanised&kind=lap&surface=oil&position=overhead');
    await press(page, 'Before light P');
    await seeText(page, 'Grind the zinc off');
    const before = await page.$eval('dialog[open]', (sheet) => (sheet as HTMLElement).innerText);
    expect(before).toMatch(/Grind the zinc off[\s\S]*Clamp the sheets flat[\s\S]*Overhead: keep it small/);
    expect(before).toContain('the figures are for a flat seam');
    await page.keyboard.press('Escape');
    await seeText(page, 'Zinc boils before the steel melts');
  });

  it('beats the pace of the hand, muted or not', async () => {
    await open('?wire=none');
    await press(page, 'Pace of the hand');
    await press(page, 'Mute');
    await press(page, 'Start');
    await named(page, 'Flashes with every click');
    await press(page, 'Stop');
    await named(page, 'Still');
    await page.keyboard.press('Escape');
  });

  it('is worked with keys alone: a joint said at once, another way, a knob, a log', async () => {
    await open();
    await signIn(page, 'Maren');
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press('/');
    await named(page, 'Say the joint at once');
    await page.keyboard.type('16ga al corner no wire gap 0');
    await seeText(page, '5052 aluminium 1.29 mm out corner, gap 0 mm');
    await page.keyboard.press('Enter');
    expect(await valueOf(page, 'Joint')).toBe('outsideCorner');
    expect(await valueOf(page, 'Wire')).toBe('none');
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press(']');
    await page.waitForFunction(() => location.search.includes('alternative='));
    await page.keyboard.press('[');
    await page.waitForFunction(() => !location.search.includes('alternative='));
    await (await named(page, 'Power, %')).focus();
    const before = await power();
    await page.keyboard.press('PageUp');
    expect(await power()).toBe(before + 10);
    await page.keyboard.down('Control');
    await page.keyboard.press('z');
    await page.keyboard.up('Control');
    expect(await power()).toBe(before);
    await page.keyboard.press('Escape');
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press('l');
    await seeText(page, 'What did the back look like?');
    const { newest } = await countedCoupons(shop.heron.url);
    await page.keyboard.press('3');
    await page.keyboard.press('Enter');
    await seeText(page, `Coupon ${newest + 1} is logged`);
    await page.keyboard.press('/');
    await named(page, 'Say the joint at once');
    await page.keyboard.type('dovetail');
    await seeText(page, 'Not understood: dovetail.');
    await page.keyboard.press('Escape');
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press('?');
    await seeText(page, 'the way before, the way after');
    await page.keyboard.press('Escape');
  });

  it('takes a small gap for millimetres, and does nothing with the last good joint while another is said', async () => {
    const say = async (words: string) => {
      await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
      await page.keyboard.press('/');
      await named(page, 'Say the joint at once');
      await page.keyboard.type(words);
      await page.keyboard.press('Enter');
      await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    };
    await open();
    await say('butt 1.5 304 gap 5');
    await seeText(page, 'allowed is 0 to 1.5 mm');
    await page.keyboard.press('k');
    await seeText(page, 'Mend the joint first: a card keeps the joint that is said.');
    await page.keyboard.press('p');
    await seeText(page, 'Mend the joint first: what is shown is of the last good one.');
    expect(new URL(page.url()).pathname).toBe('/dial');
    await say('lap 2 galv 0.5 gap 0.2');
    await seeNoText(page, 'allowed is');
    expect(await valueOf(page, 'Gap')).toBe('0.2');
  });

  it('offers what stands on the shelf, and goes by the school the shop keeps to', async () => {
    await goTo(page, `${shop.heron.url}/shop/stock`);
    const spool = await named(page, 'Spool 2', 'group');
    await (await spool.waitForSelector('select'))?.select('316L');
    await press(page, 'Save the wire');
    await seeText(page, 'The wire on hand is written down.');
    await open('?wire=1');
    const alloys = await (
      await named(page, 'Alloy of the wire')
    ).evaluate((element) => (element as HTMLSelectElement).innerText);
    expect(alloys).toContain(
      '316L: stands salt and washing better than the sheet itself; 0.9 kg on the shelf',
    );
    await goTo(page, `${shop.heron.url}/shop/practice`);
    await seeText(page, 'A lead changes the practice');
    const ines = await openDesk(shop.heron.url, 'ines');
    const house = (await (await fetch(`${shop.heron.url}/api/house`)).json()) as {
      practice: { revision: number; content: object };
    };
    const practice = { ...house.practice.content, gasOnStainless: 'nitrogen', wobbleShape: 'circle' };
    expect((await ines.put(`house/practice/${house.practice.revision + 1}`, practice)).status).toBe(200);
    await open();
    const plate = await textOf(page, 'Dial these');
    expect(plate).toMatch(/nitrogen \d\d L\/min/);
    expect(plate).toContain('circle');
  });
});

/** Draws something so many pixels with the mouse. */
async function drag(page: Page, what: ElementHandle, right: number, down: number): Promise<void> {
  const box = await what.boundingBox();
  if (box === null) throw new Error('nothing to draw: it is not on the screen');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let i = 1; i <= 4; i++) await page.mouse.move(x + (right * i) / 4, y + (down * i) / 4);
  await page.mouse.up();
}

/** The full name of one of the other ways, which ends in its heat. */
async function wayNamed(page: Page, start: string): Promise<string> {
  const ways = await named(page, 'Other ways');
  const names = await ways.$$eval('button', (buttons) =>
    buttons.map((button) => button.innerText.replace(/\s+/g, ' ')),
  );
  return names.find((name) => name.startsWith(start)) ?? start;
}
