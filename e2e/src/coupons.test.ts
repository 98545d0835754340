import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { generatedFace, generatedSection, type DrawnSection, type PicturePoint } from '@lone-heron/core';
import type { ElementHandle, Page } from 'puppeteer-core';
import sharp from 'sharp';
import { openPage, tablet } from './support/browser.js';
import { openLogByKey } from './support/openLogByKey.js';
import {
  fill,
  named,
  patienceMs,
  pick,
  press,
  seeReading,
  seeText,
  signIn,
  textOf,
  valueOf,
} from './support/screen.js';
import { sampleShop } from './support/sampleShop.js';
import { goTo, reload } from './support/goTo.js';
import { countedCoupons } from './support/counted.js';

/** Coupons from the first scrap weld to being sure: logged, found, photographed, cut, measured, tested, amended. */
const shop = sampleShop();
const pictures = mkdtempSync(join(tmpdir(), 'heron-pictures-'));
let page: Page;

beforeAll(async () => {
  page = await openPage(shop.browser, `${shop.heron.url}/dial`);
  await signIn(page, 'Maren');
});
afterAll(() => {
  rmSync(pictures, { recursive: true });
});

interface StoredCoupon {
  id: string;
  number: number;
  slip?: string;
  section: { isThrough: boolean; depthMm?: number } | null;
}
const ask = async <Answer>(path: string): Promise<Answer> =>
  (await (await fetch(`${shop.heron.url}/api/${path}`)).json()) as Answer;
const newest = async () =>
  (await ask<{ coupons: StoredCoupon[] }>('coupons?limit=1')).coupons[0] as StoredCoupon;

const goto = (path: string, on = page) => goTo(on, `${shop.heron.url}/${path}`);

describe('logging', () => {
  it('by keyboard: the back, a slip, signs and stretches, each where the evidence finds it', async () => {
    await openLogByKey(page);
    await seeText(page, 'What did the back look like?');
    await page.keyboard.press('3');
    await (await named(page, 'restarted')).focus();
    await page.keyboard.press('Space');
    await (await page.waitForSelector('::-p-text(More that was seen)'))?.focus();
    await page.keyboard.press('Enter');
    await (await named(page, 'undercut')).focus();
    await page.keyboard.press('Space');
    await pick(page, 'Colour on the left', 'gold');
    await seeText(page, 'Say the colour on both sides, or on neither.');
    await pick(page, 'Colour on the right', 'blue');
    await fill(page, 'Gun from the sheet', '60°');
    await fill(page, 'Length of run if known', '120');
    await press(page, 'Tell it by stretch');
    await fill(page, 'Stretch 1 ends at', '40 mm');
    await pick(page, 'Stretch 1: back', 'none');
    await press(page, 'Next stretch');
    await pick(page, 'Stretch 2: back', 'even');
    const number = (await countedCoupons(shop.heron.url)).newest + 1;
    await press(page, 'Save coupon');
    await seeText(page, `Coupon ${number} is logged`);
    expect(await newest()).toMatchObject({
      number,
      back: 'even',
      slip: 'restarted',
      face: ['undercut'],
      colour: { left: 'gold', right: 'blue' },
      gunAngleDeg: 60,
      along: [
        { toMm: 40, back: 'none', slip: null },
        { toMm: 120, back: 'even', slip: null },
      ],
    });
  });

  it('by touch: three taps and the stopwatch', async () => {
    const touch = await openPage(shop.browser, `${shop.heron.url}/dial`, tablet);
    const tap = async (selector: string) => (await touch.waitForSelector(selector))?.tap();
    await tap('::-p-aria([name="Log coupon L"][role="button"])');
    await tap('::-p-aria([name="Time it"][role="button"])');
    await seeText(touch, 'Stop the watch first.');
    await touch.waitForFunction(
      () => Number(/Stop at (\d+[.,]\d+)/.exec(document.body.innerText)?.[1]?.replace(',', '.')) >= 0.7,
    );
    await (await touch.waitForSelector('::-p-text(Stop at)'))?.tap();
    await tap('label:has(input[value="heavy"])');
    await tap('::-p-aria([name="Save coupon"][role="button"])');
    await seeText(touch, 'Coupon 132 is logged');
    const { lightOnS } = (await newest()) as unknown as { lightOnS: number };
    expect(lightOnS).toBeGreaterThanOrEqual(0.6);
    await touch.close();
  });

  it('with the server stopped: coupon and photo wait in the browser and are stored once', async () => {
    const photo = join(pictures, 'face.jpg');
    await sharp({ create: { width: 80, height: 60, channels: 3, background: '#8a9' } })
      .jpeg()
      .toFile(photo);
    await goto('dial');
    await openLogByKey(page);
    await seeText(page, 'What did the back look like?');
    await page.keyboard.press('2');
    await upload('dialog input[type="file"]', photo);
    await shop.heron.stop('SIGKILL');
    await press(page, 'Save coupon');
    await seeText(page, 'The server is away.');
    await named(page, 'Coupons 2 to be sent', 'link');
    await shop.startAgain();
    await seeText(page, 'The server is back: 2 that waited are stored.');
    await page.waitForSelector('::-p-aria([name="Coupons 133 logged"])', { timeout: patienceMs });
    const { id, number } = await newest();
    expect(number).toBe(133);
    expect(await ask<unknown[]>(`coupons/${id}/photos`)).toHaveLength(1);
  });
});

async function upload(selector: string, file: string): Promise<void> {
  const input = (await page.waitForSelector(selector)) as ElementHandle<HTMLInputElement>;
  await input.uploadFile(file);
}

describe('the list', () => {
  it('finds, sorts, gathers and leaves columns out, all in the address', async () => {
    await goto('coupons');
    await pick(page, 'Machine', 'barrow');
    await pick(page, 'Metal', 'aluminium5052');
    const { total } = await ask<{ total: number }>('coupons?machineId=barrow&metal=aluminium5052');
    await page.waitForFunction(
      (count) => document.querySelector('h1')?.textContent === `Coupons ${count}`,
      { timeout: patienceMs },
      total,
    );
    await press(page, 'Joint and setting by power');
    await press(page, 'Joint and setting by power');
    await page.waitForSelector('th[aria-sort="ascending"]');
    await reload(page);
    await page.waitForSelector('th[aria-sort="ascending"]');
    expect(await valueOf(page, 'Metal')).toBe('aluminium5052');
    await pick(page, 'Gathered under', 'back');
    await page.waitForFunction(() => document.querySelector('main li button strong') !== null);
    await page.$$eval('main li button', (headings) =>
      headings.find((heading) => heading.textContent.includes('even line'))?.click(),
    );
    expect(await valueOf(page, 'Back')).toBe('even');
    await fill(page, 'Words of a remark, or a number', 'no such words');
    await seeText(page, 'No coupon fits this choice.');
    await press(page, 'Show every coupon', 'link');
    await seeText(page, 'Real travel');
  });
});

/** Draws a section of a known depth, gives it to the newest coupon as a photo, and opens it for measuring. */
async function openSection(depthMm: number): Promise<{ drawn: DrawnSection; couponId: string }> {
  let state = 5;
  const random = () => (state = (state * 16807) % 2147483647) / 2147483647;
  const drawn = generatedSection({
    ...{ thicknessMm: 1.5, widthMm: 1.8, depthMm, pixelsPerMm: 220, tiltDegrees: 3 },
    random,
  });
  const { width, height, data } = drawn.picture;
  const file = join(pictures, `section ${depthMm}.png`);
  await sharp(data, { raw: { width, height, channels: 1 } })
    .toColourspace('srgb')
    .png()
    .toFile(file);
  const { id } = await newest();
  await goto(`coupons/${id}`);
  await upload('section[aria-label="Photos"] input[type="file"]', file);
  await pick(page, `What section ${depthMm}.png shows`, 'section');
  await press(page, 'Keep this photo');
  await page.waitForSelector('img[alt="Photo of a section"]', { timeout: patienceMs });
  await goto(`coupons/${id}/measure`);
  await page.waitForSelector('svg image', { timeout: patienceMs });
  return { drawn, couponId: id };
}

/** Presses on the picture where a point of it lies. */
async function pressAt({ x, y }: PicturePoint): Promise<void> {
  const place = await page.$eval(
    'svg[role="group"]',
    (svg, at) => {
      const box = svg.getBoundingClientRect();
      const { width, height } = svg.viewBox.baseVal;
      return { x: box.left + (at.x / width) * box.width, y: box.top + (at.y / height) * box.height };
    },
    { x, y },
  );
  await page.mouse.click(place.x, place.y);
}

describe('a section on a photo', () => {
  const depthMm = 1.05;
  let couponId: string;
  let drawn: DrawnSection;
  /** The length beside a name, mm. */
  const read = async (name: string) => {
    const text = await page.waitForFunction(
      (wanted) =>
        [...document.querySelectorAll('button')].find((button) =>
          new RegExp(`^${wanted}[\\d.]+ ±`).test(button.textContent),
        )?.textContent,
      { timeout: patienceMs },
      name,
    );
    return Number(/([\d.]+) ±/.exec((await text.jsonValue()) ?? '')?.[1]);
  };

  it('is measured by hand to within 3 % of its true depth', async () => {
    ({ drawn, couponId } = await openSection(depthMm));
    await pressAt(drawn.middle);
    await pressAt(drawn.back);
    await pressAt(drawn.face.left);
    await pressAt(drawn.face.right);
    await pressAt(drawn.deepest);
    await seeText(page, 'Pick what to measure.');
    expect(Math.abs((await read('Depth')) / depthMm - 1)).toBeLessThan(0.03);
    await press(page, 'Undo');
    await seeText(page, 'Press on the deepest point of the melt.');
  });

  it('is traced to within 8 %, goes into the record with its reading error, and into the evidence', async () => {
    await press(page, 'Trace the fusion line');
    await seeText(page, 'Found. Look along it');
    expect(Math.abs((await read('Depth')) / depthMm - 1)).toBeLessThan(0.08);
    expect(Math.abs((await read('Width at the face')) / 1.8 - 1)).toBeLessThan(0.08);
    await press(page, 'holds');
    await press(page, 'Write it down');
    await seeText(page, 'stopped inside, depth');
    const { section } = await newest();
    expect(section?.isThrough).toBe(false);
    expect(Math.abs((section?.depthMm ?? 0) / depthMm - 1)).toBeLessThan(0.08);
    const [test] = await ask<{ detail: { photoId: string; measured: { depth: { giveMm: number } } } }[]>(
      `coupons/${couponId}/tests`,
    );
    expect(test?.detail.photoId).not.toBeNull();
    expect(test?.detail.measured.depth.giveMm).toBeGreaterThan(0);
  });
});

describe('a face on a photo', () => {
  it('tells how far the heat lies off the joint, which way, and the bands beside the computed ones', async () => {
    let state = 11;
    const random = () => (state = (state * 16807) % 2147483647) / 2147483647;
    const drawn = generatedFace({
      widthsMm: { straw: 6, gold: 4.6, blue: 3.4 },
      ...{ beadMm: 2, offsetMm: -0.6, pixelsPerMm: 28, tiltDegrees: 2, light: [1, 0.9, 0.75] },
      random,
    });
    const { width, height, data } = drawn.picture;
    const file = join(pictures, 'face.png');
    await sharp(data, { raw: { width, height, channels: 4 } })
      .png()
      .toFile(file);
    const { id } = await newest();
    await goto(`coupons/${id}`);
    await named(page, 'Photos');
    const shown = () => page.$$eval('section[aria-label="Photos"] button img', (photos) => photos.length);
    const before = await shown();
    await upload('section[aria-label="Photos"] input[type="file"]', file);
    await press(page, 'Keep this photo');
    await page.waitForFunction(
      (had) => document.querySelectorAll('section[aria-label="Photos"] button img').length > had,
      {},
      before,
    );
    const photos = await ask<{ id: string }[]>(`coupons/${id}/photos`);
    await goto(`coupons/${id}/tint?photo=${photos.at(-1)?.id}`);
    await page.waitForSelector('svg image', { timeout: patienceMs });
    for (const point of [drawn.white, drawn.seam.from, drawn.seam.to, drawn.card.from, drawn.card.to])
      await pressAt(point);
    await seeText(page, 'to the right of the line. Aim that much to the left');
    const said = await textOf(page, 'What the colours say');
    const offset = Number(/lies ([\d.]+) ±/.exec(said)?.[1]);
    expect(Math.abs(offset - 0.6)).toBeLessThan(0.1);
    expect(Math.abs(Number(/straw\s+([\d.]+)/.exec(said)?.[1]) / 6 - 1)).toBeLessThan(0.08);
    await press(page, 'holds');
    await press(page, 'Write it down');
    await seeText(page, 'blue on the left, blue on the right; heat 0.6');
  });
});

describe('tests and amendments', () => {
  it('shows what water and air store before a pressure test starts, and claims no more than the gauge supports', async () => {
    const { id } = await newest();
    await goto(`coupons/${id}`);
    await press(page, 'Pressure', 'link');
    for (const [name, text] of [
      ['Water it holds', '25'],
      ['Pressure wanted', '400 psi'],
      ['End of the dial', '40'],
      ['Class of the gauge', '1,6'],
      ['One division', '1'],
    ] as const) {
      await fill(page, name, text);
    }
    const stored = await textOf(page, 'Before it starts');
    expect(stored).toMatch(/43\.\d J/);
    expect(stored).toMatch(/1\d\d\.?\d? kJ/);
    await fill(page, 'Read at the start', '27.5');
    await fill(page, 'Read at the end', '27.5');
    await fill(page, 'Held for', '10');
    await seeText(page, 'Held at least 26.86 bar for 10 min.');
    await pick(page, 'The needle', 'swinging');
    await seeText(page, 'no pressure can be claimed');
    await pick(page, 'The needle', 'steady');
    await press(page, 'holds');
    const save = await named(page, 'Write it down', 'button');
    expect(await save.evaluate((button) => (button as HTMLButtonElement).disabled)).toBe(true);
    await (await page.waitForSelector('::-p-text(The pressure is off)'))?.click();
    await press(page, 'Write it down');
    await seeText(page, 'water, 27.5 to 27.5 bar in 10 min, needle steady, no leak');
  });

  it('takes a bend with where it broke, and gives it back', async () => {
    await press(page, 'Bend');
    await fill(page, 'Bent by', '200');
    await seeText(page, 'allowed is 0 to 180');
    await fill(page, 'Bent by', '120');
    await fill(page, 'Mandrel', '6');
    await pick(page, 'Where did it break?', 'besideWeld');
    await press(page, 'fails');
    await upload('dialog input[type="file"]', join(pictures, 'face.png'));
    await press(page, 'Write it down');
    await page.waitForSelector('img[alt^="Photo of the test"]', { timeout: patienceMs });
    await seeText(page, '120° over 6 mm: broke beside the weld');
    await press(page, 'Take bend back');
    await seeText(page, 'Bend was taken back.');
    await press(page, 'Undo');
    await seeText(page, '120° over 6 mm: broke beside the weld');
  });

  it('amends a coupon and keeps the first entry', async () => {
    await press(page, 'Amend');
    await fill(page, 'Light on if known', '11');
    await fill(page, 'Why it is amended', 'watch read wrong');
    await press(page, 'Save the amendment');
    await seeText(page, 'As it was logged: faint line · light not timed');
    await seeReading(page, 'Earlier entries', 'by Maren: watch read wrong');
    await seeReading(page, 'Setting and what was seen', 'light on 11 s');
  });

  it('refuses a file that only says it is a photo, and keeps what else was chosen', async () => {
    const disguised = join(pictures, 'holiday.jpg');
    writeFileSync(disguised, 'MZ this is a program');
    await upload('section[aria-label="Photos"] input[type="file"]', disguised);
    // By keyboard: what was told a moment ago still lies over the corner.
    await (await named(page, 'Keep this photo')).focus();
    await page.keyboard.press('Enter');
    await seeText(page, 'cannot be read as a picture');
    await named(page, 'Leave holiday.jpg out');
    await press(page, 'Leave holiday.jpg out');
  });

  it('takes a photo as phones write it, and keeps it as one that every browser shows', async () => {
    const { id } = await newest();
    await upload(
      'section[aria-label="Photos"] input[type="file"]',
      join(__dirname, '../../apps/server/fixtures/pictures/blueCorner.heic'),
    );
    await seeText(page, 'blueCorner.heic, shown once it is kept');
    await press(page, 'Keep this photo');
    await page.waitForFunction(() => !document.body.innerText.includes('blueCorner.heic'));
    const photos = await ask<{ type: string; widthPx: number; heightPx: number }[]>(`coupons/${id}/photos`);
    expect(photos.at(-1)).toMatchObject({ type: 'image/jpeg', widthPx: 640, heightPx: 480 });
  });

  it('reads a CSV of 5 000 rows with 40 bad ones: shown row by row, then stored at once', async () => {
    await press(page, 'Maren is signed in');
    await press(page, 'Sign out');
    await seeText(page, 'Maren is signed out.');
    await signIn(page, 'Ines');
    const head =
      'welded_at;machine;joint;metal;first_mm;second_mm;gap_mm;power_w;duty_percent;wobble;pace;travel_mm_s;gas;gas_l_min;back';
    const rows = Array.from({ length: 5000 }, (_, i) => {
      const weldedAt = new Date(Date.UTC(2026, 8, 1) + i * 1000).toISOString();
      return `${weldedAt};bench;butt;stainless304;1,5;1,5;0,1;${i % 125 === 60 ? 9000 : 800};100;none;hand;8,5;argon;15;even`;
    });
    const file = join(pictures, 'notebook.csv');
    writeFileSync(file, [head, ...rows].join('\n'));
    const { total: before } = await ask<{ total: number }>('coupons?limit=1');
    await goto('coupons');
    await press(page, 'In and out', 'link');
    await upload('section[aria-label="In"] input[type="file"]', file);
    await seeText(page, '4960 coupons to be added, 0 here already, 40 wrong and left out.');
    await seeText(page, 'power_w is 9000; allowed is a number from 10 to 6000 W');
    expect((await ask<{ total: number }>('coupons?limit=1')).total).toBe(before);
    await press(page, 'Store 4960 coupons');
    await seeText(page, 'Stored: 4960 coupons.');
    expect((await ask<{ total: number }>('coupons?limit=1')).total).toBe(before + 4960);
    await upload('section[aria-label="In"] input[type="file"]', file);
    await seeText(page, 'Nothing to be added, 4960 here already, 40 wrong and left out.');
  });

  it('runs a ladder from a coupon to its answer', async () => {
    const { coupons } = await ask<{ coupons: StoredCoupon[] }>('coupons?words=galley+worktop');
    await goto(`coupons/${coupons[0]?.id}`);
    await press(page, 'Ladder from here', 'link');
    await fill(page, 'What it is about', 'power on worktop');
    await fill(page, 'From', '300 W');
    await fill(page, 'To', '1400');
    await pick(page, 'Values', '3');
    await pick(page, 'Each setting', '1');
    await seeText(page, '3 coupons, up in steps.');
    await press(page, 'Make the ladder');
    await seeText(page, 'Nothing welded yet');
    const list = await textOf(page, 'Cutting list');
    expect(list).toContain('L1-1');
    expect(list).toMatch(/Power 20 %[\s\S]*Power 93 %/);
    for (const [index, key] of (['1', '2', '5'] as const).entries()) {
      await press(page, `Log L1-${index + 1}`);
      await seeText(page, 'What did the back look like?');
      await page.keyboard.press(key);
      await page.keyboard.press('Enter');
      await seeText(page, `${index + 1} done`);
    }
    await seeText(page, 'Settled');
    // 1400 W lies between two steps of the panel, of 15 W.
    await seeReading(page, 'What it says', /Power from 300 to 1395 W welds \d+ % deeper/);
  });

  it('crosses two knobs, shuffled, with a curve for each end of the other one', async () => {
    const { coupons } = await ask<{ coupons: StoredCoupon[] }>('coupons?words=galley+worktop');
    await goto(`coupons/ladders/new?from=${coupons[0]?.id}`);
    await fill(page, 'What it is about', 'power and rate');
    await press(page, 'Cross with another knob');
    await seeText(page, 'shuffled');
    await press(page, 'Make the ladder');
    await seeText(page, 'Nothing welded yet');
    expect(await page.$('main [role="img"] svg')).toBeNull();
    await press(page, 'Log L2-1');
    await seeText(page, 'What did the back look like?');
    await page.keyboard.press('2');
    await page.keyboard.press('Enter');
    await seeText(page, '1 done');
    await pick(page, 'Depth over', '1');
    await page.waitForFunction(
      () => /Power \d+ W/.test(document.querySelector('main [role="img"] svg')?.textContent ?? ''),
      { timeout: patienceMs },
    );
    const drawn = await page.$eval('main [role="img"] svg', (svg) => svg.textContent);
    expect(drawn.match(/Power \d+ W/g)).toHaveLength(2);
  });

  it('draws depth against any knob for the joints that were welded most', async () => {
    await goto('coupons/evidence');
    await seeText(page, 'Depth against a knob');
    const rows = async () => {
      await (
        await page.waitForSelector('::-p-text(Depth by knob as a table)')
      )?.evaluate((summary) => {
        (summary as HTMLElement).closest('details')?.setAttribute('open', '');
      });
      return page.$$eval('section[aria-label="Depth against a knob"] tbody tr', (all) => all.length);
    };
    const byPower = await rows();
    expect(byPower).toBeGreaterThanOrEqual(3);
    await pick(page, 'Knob', 'duty');
    await seeText(page, 'Duty, %');
    expect(await rows()).toBe(byPower);
  });

  it('holds coupons side by side, with what differs first', async () => {
    await goto('coupons?sort=number');
    await press(page, 'Compare coupon 5087', 'checkbox');
    await press(page, 'Compare coupon 5086', 'checkbox');
    await press(page, 'Hold 2 side by side', 'link');
    await seeText(page, 'Coupon 5087');
    await seeReading(page, 'What differs', 'Power');
  });
});
