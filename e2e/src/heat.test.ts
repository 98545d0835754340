import type { Page } from 'puppeteer-core';
import { openPage, phone } from './support/browser.js';
import { goTo } from './support/goTo.js';
import { sampleShop } from './support/sampleShop.js';
import { silentWorkers } from './support/silentWorkers.js';
import { inches } from './support/shopUnits.js';
import { fill, named, press, seeNoText, seeText, signIn, textOf, valueOf } from './support/screen.js';

/** Where the heat goes: the field in a worker, its looks, its moments, its ends and what it bends. */
const shop = sampleShop();
let page: Page;

beforeAll(async () => {
  page = await openPage(shop.browser, `${shop.heron.url}/dial`);
});

const open = async (search = '') => {
  await goTo(page, `${shop.heron.url}/dial${search}`);
  await press(page, 'Heat');
};
const worked = () => seeText(page, 'Next pass after');
const picture = () =>
  page.$eval('svg.cursor-crosshair', (drawing) => drawing.getAttribute('aria-label') ?? '');
const moment = () =>
  page.$eval('input[aria-label="Moment"]', (slide) => slide.getAttribute('aria-valuetext') ?? '');
/** Colours of the picture, as numbers of how many points are how bright. */
const brightness = () =>
  page.$eval('#dial-drawing canvas', (canvas) => {
    const { width, height } = canvas;
    const { data } = canvas.getContext('2d')!.getImageData(0, 0, width, height);
    let sum = 0;
    for (let at = 0; at < data.length; at += 4) sum += data[at]! * (data[at + 3]! > 0 ? 1 : 0);
    return sum / (width * height);
  });

describe('the heat of a setting', () => {
  it('shows where it is hot across the seam, and what colour is left', async () => {
    await open();
    await worked();
    expect(await picture()).toMatch(
      /^Section: the hottest place has \d{4} °C\. Melted in all: \d.* mm wide\.$/,
    );
    await seeText(page, 'straw');
    await seeText(page, '1440 °C melted');
  });

  it('goes through time by slide, step and play', async () => {
    await open();
    await worked();
    const hot = await brightness();
    await page.focus('input[aria-label="Moment"]');
    await page.keyboard.press('End');
    expect(await moment()).toMatch(/min after the gun$/);
    expect(await brightness()).toBeLessThan(0.6 * hot);
    await press(page, 'A step back');
    await page.focus('input[aria-label="Moment"]');
    await page.keyboard.press('Home');
    expect(await moment()).toMatch(/before the gun$|^under the gun$/);
    await press(page, 'Play');
    await page.waitForFunction(
      () => document.querySelector('input[aria-label="Moment"]')?.getAttribute('value') !== '0',
    );
    await press(page, 'Pause');
  });

  it('shows the faces, and the curve of a place that is touched', async () => {
    await open();
    await worked();
    await press(page, 'Front');
    expect(await picture()).toMatch(/^From above: a pool .* wide that ends .* behind the gun/);
    await press(page, 'Back');
    expect(await picture()).toMatch(/^From behind: /);
    const drawing = await page.$('svg.cursor-crosshair');
    const box = (await drawing!.boundingBox())!;
    await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
    await named(page, 'Temperature of the touched place over the time since the gun');
    await seeText(page, 'Touched place: at most');
    await press(page, 'Figures');
    await worked();
  });

  it('follows a knob that is turned', async () => {
    await open();
    await worked();
    const before = await picture();
    for (let turn = 0; turn < 8; turn++) await press(page, 'Less Power');
    await page.waitForFunction(
      (was) => {
        const now = document.querySelector('svg.cursor-crosshair')?.getAttribute('aria-label') ?? was;
        return now !== was && document.querySelector('#dial-drawing progress') === null;
      },
      {},
      before,
    );
    expect(await picture()).not.toBe(before);
  });

  it('can be stopped, says so, and is worked out when asked', async () => {
    await goTo(page, `${shop.heron.url}/dial?metal=aluminium5052&kind=tee&thickness=4&second=4`);
    const letWork = await silentWorkers(page);
    await press(page, 'Heat');
    await press(page, 'Stop');
    await letWork();
    await seeText(page, 'Stopped.');
    await seeNoText(page, 'Next pass after');
    await press(page, 'Work it out');
    await worked();
  });

  it('says how the seam starts and ends and what mends it, and what it bends', async () => {
    await open('?metal=aluminium5052&thickness=1&second=1');
    await press(page, 'Start, end');
    await seeText(page, 'Stand still for');
    await seeText(page, 'run hot');
    await press(page, 'Warp');
    await seeText(page, 'As dialled');
    await seeText(page, 'Stitches, half of the length');
    await seeText(page, 'expect waves along it');
    await fill(page, 'Width of the sheets beside the seam', '5 mm');
    await seeText(page, '8 to 2000 mm');
    await fill(page, 'Width of the sheets beside the seam', '12 mm');
    await seeNoText(page, '8 to 2000 mm');
    await seeText(page, 'A free sheet 12 mm wide');
  });

  it('has no picture of a tack or a plug, and says why', async () => {
    await open('?kind=plug');
    await seeText(page, 'A plug’s heat goes round its hole');
  });
});

describe('the heat of a job’s order', () => {
  const show = async (name: string) => {
    const jobs = (await (await fetch(`${shop.heron.url}/api/jobs`)).json()) as { id: string; name: string }[];
    await goTo(page, `${shop.heron.url}/jobs/${jobs.find((job) => job.name === name)!.id}`);
    await named(page, 'Heat of the order');
  };

  it('follows the seams on the picture, beside an order that goes by the coolest place', async () => {
    await show('Locker frame');
    await press(page, 'Work out its heat');
    await seeText(page, 'warmest start');
    const orders = await textOf(page, 'Orders by their heat');
    expect(orders).toMatch(/As it stands\s+\d.*°C over cold/);
    await press(page, 'Coolest place next');
    await seeText(page, 'No seam has to wait');
    await page.focus('input[aria-label="Moment"]');
    await page.keyboard.press('Home');
    expect(await moment()).toContain('from the first light');
  });

  it('bends the part, compares ways of welding it, and says what of it holds for a frame', async () => {
    await show('Locker frame');
    await press(page, 'Work out its warp');
    // Twenty-six seams, four orders of heat and eleven ways.
    await page.waitForSelector('table[aria-label="Ways by their warp"]', { timeout: 200_000 });
    const ways = await textOf(page, 'Ways by their warp');
    expect(ways).toMatch(/From both sides\s+\d[\d.]* mm/);
    expect(ways).not.toContain('gives way');
    await press(page, 'Clamped until cold');
    expect(await valueOf(page, 'What the part is')).toBe('stiff');
    await page.select('select[aria-label="What the part is"]', 'flat');
    await seeText(page, 'A flat sheet like this');
    expect(await textOf(page, 'Ways by their warp')).toContain('gives way');
    await page.focus('input[aria-label="Moment"]');
    await page.keyboard.press('Home');
    expect(await moment()).toContain('after W');
    await fill(page, 'Sheet beside the outermost seams', '4 mm');
    await seeText(page, '8 to 2000 mm');
    await silentWorkers(page);
    await fill(page, 'Sheet beside the outermost seams', '60 mm');
    await seeNoText(page, '8 to 2000 mm');
    await press(page, 'Stop');
    await seeText(page, 'Stopped.');
  });

  it('says what is missing where no seams are placed', async () => {
    await show('Railing run');
    await seeText(page, 'Place two seams and more on one picture');
  });
});

describe('on a phone, in inches', () => {
  it('fits, and speaks the shop’s units', async () => {
    await signIn(page, 'Ines');
    const house = (await (await fetch(`${shop.heron.url}/api/house`)).json()) as {
      units: { revision: number };
    };
    await page.evaluate(
      async (revision, units) =>
        fetch(`/api/house/units/${revision}`, {
          method: 'PUT',
          headers: { 'Content-Type': 'application/json', 'X-Lone-Heron': '1' },
          body: units,
        }),
      house.units.revision + 1,
      JSON.stringify(inches),
    );
    const small = await openPage(shop.browser, `${shop.heron.url}/dial`, phone);
    await press(small, 'Heat');
    await seeText(small, 'Next pass after');
    await seeText(small, '°F');
    expect(await valueOf(small, 'Width of the sheets beside the seam')).toBe('3.937 in');
    await press(small, 'Warp');
    await seeText(small, 'kJ/in');
    await seeText(small, 'lbf');
    const wide = await small.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(wide).toBeLessThanOrEqual(0);
    await small.close();
  });
});
