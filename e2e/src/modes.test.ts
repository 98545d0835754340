import type { KeyInput, Page } from 'puppeteer-core';
import { openPage, phone } from './support/browser.js';
import { goTo } from './support/goTo.js';
import { sampleShop } from './support/sampleShop.js';
import { inches } from './support/shopUnits.js';
import {
  fill,
  named,
  pick,
  press,
  pressOnceReady,
  seeNoText,
  seeReading,
  seeText,
  signIn,
  textOf,
  valueOf,
} from './support/screen.js';

/** What the gun does beside welding: each mode from its sentence to a trial, a card and the wall. */
const shop = sampleShop();
let page: Page;

beforeAll(async () => {
  page = await openPage(shop.browser, `${shop.heron.url}/dial`);
  await signIn(page, 'Ines');
});

const goto = (path: string) => goTo(page, `${shop.heron.url}/${path}`);
const trials = async () =>
  (await (await fetch(`${shop.heron.url}/api/trials`)).json()) as {
    number: number;
    look: string;
    work: { mode: string };
    setting: Record<string, unknown>;
    wasSent: boolean | null;
    ladder: { index: number } | null;
    withdrawnAt: string | null;
  }[];
const chanceOf = async (look: string) => {
  const odds = await textOf(page, 'What to expect');
  const found = new RegExp(`^${look}\\s+(?:under |over )?(\\d+)`, 'm').exec(odds)?.[1];
  if (found === undefined) throw new Error(`no chance of ${look} in ${odds}`);
  return Number(found);
};
/** A look is picked in the log by its number, as at the bench, and saved. */
async function logAs(number: KeyInput, trial: string): Promise<void> {
  await press(page, `Log ${trial} L`);
  await page.waitForSelector('dialog[open]');
  await page.keyboard.press(number);
  await pressOnceReady(page, `Save ${trial}`);
  await page.waitForSelector('dialog[open]', { hidden: true });
}

interface ModeRow {
  readonly mode: string;
  readonly trial: string;
  /** Reads as the page has it. */
  readonly sentence: string;
  /** The number of the wanted look, and its word. */
  readonly wanted: readonly [KeyInput, string];
  readonly machine: string;
}
const modes: readonly ModeRow[] = [
  { mode: 'clean', trial: 'strip', sentence: 'off', wanted: ['3', 'bare'], machine: 'barrow' },
  {
    mode: 'cut',
    trial: 'piece',
    sentence: 'through a bore of',
    wanted: ['1', 'through, clean'],
    machine: 'bench',
  },
  { mode: 'spot', trial: 'spot', sentence: 'onto', wanted: ['2', 'joined'], machine: 'lamp' },
  { mode: 'seam', trial: 'seam', sentence: 'edge to edge', wanted: ['2', 'joined'], machine: 'lamp' },
];

describe.each(modes)('$mode', ({ mode, trial, sentence, wanted: [key, look], machine }) => {
  it('is reached by the first word of the sentence, and says what to set with odds and cautions', async () => {
    await goto('dial');
    await pick(page, 'What is done', mode);
    await seeReading(page, 'The work', sentence);
    await seeReading(page, 'What to expect', look);
    await named(page, 'Dial these');
    await seeText(page, 'Rated eyewear for everybody in sight.');
    await page.waitForSelector('section[aria-label="What it will look like"] svg > *');
  });

  it('logs what was seen with what was set, and learns from it', async () => {
    await goto(`dial/${mode}`);
    await seeReading(page, 'What to expect', look);
    const before = await trials();
    if (machine === 'lamp') {
      await press(page, `Log ${trial} L`);
      await seeText(page, 'Send it first');
      await press(page, 'Sent, and the panel says ready? Press here');
    }
    await logAs(key, trial);
    await page.waitForFunction(
      async (url, count) => ((await (await fetch(url)).json()) as unknown[]).length > count,
      {},
      `${shop.heron.url}/api/trials`,
      before.length,
    );
    const [newest] = await trials();
    expect(newest?.work.mode).toBe(mode);
    expect(newest?.wasSent).toBe(machine === 'lamp' ? true : null);
    expect(newest?.withdrawnAt).toBeNull();
    // What stood on the plate stands in the address: the next trial is of the same numbers, whatever was learned.
    expect(page.url()).toContain('set.');
    await seeReading(page, 'What to expect', /Moved by \d+/);
  });

  it('keeps what worked on a card, which hangs on the wall of its machine', async () => {
    await press(page, 'Keep it K');
    await fill(page, 'Title', `Kept ${mode}`);
    await pressOnceReady(page, 'Keep card');
    await seeText(page, 'What bears it out');
    await seeText(page, 'came out as wanted');
    await goto('cards?find=kept');
    await seeText(page, `Kept ${mode}`);
    await goto(`cards/chart?machine=${machine}`);
    await page.waitForSelector('img[alt^="Chart of"]');
  });
});

describe('numbers', () => {
  it('are turned in the panel’s steps, say when they stand past the machine, and go back to computed', async () => {
    await goto('dial/cut');
    const power = await valueOf(page, 'Power, %');
    await press(page, 'More Power');
    expect(Number(await valueOf(page, 'Power, %'))).toBe(Number(power) + 1);
    await press(page, 'Back to computed');
    expect(await valueOf(page, 'Power, %')).toBe(power);
  });

  it('follow the hand: a cut at twice the pace is likelier to throw its sparks up', async () => {
    await goto('dial/cut');
    const before = await chanceOf('sparks up');
    await fill(page, 'Pace, mm/s', '58');
    await page.keyboard.press('Enter');
    await seeReading(page, 'What to expect', 'sparks up');
    expect(await chanceOf('sparks up')).toBeGreaterThan(before);
  });

  it('of a bore that passes more than the compressor gives are told with what helps', async () => {
    await goto('dial/cut?boreMm=1.5&pressureBar=8+bar');
    await seeText(page, 'the compressor gives 120 L/min. Take a bore of 1.2 mm');
  });

  it('are none for a coat that nobody knows', async () => {
    await goto('dial/clean?coat=unknown');
    await seeText(page, 'A coat that nobody knows is not cleaned by numbers');
    await seeNoText(page, 'Dial these');
  });

  it('keep what was typed that cannot be, with what is allowed', async () => {
    await goto('dial/clean');
    await fill(page, 'Thickness', '900');
    await page.keyboard.press('Tab');
    await seeText(page, 'allowed is 0.05 to 40 mm');
    expect(await valueOf(page, 'Thickness')).toBe('900');
  });
});

describe('a ladder of trials', () => {
  it('is set up, climbed rung by rung, and put away', async () => {
    await goto('dial/cut');
    await press(page, 'Ladder');
    await pick(page, 'Knob', 'paceMmS');
    await pick(page, 'Rungs', '3');
    await pressOnceReady(page, 'Set it up');
    await named(page, 'Ladder 1');
    await page.click('section[aria-label="Ladder 1"] ol a');
    await page.waitForFunction(() => window.location.search.includes('set.paceMmS'));
    await logAs('2', 'piece');
    await page.waitForFunction(
      () => document.querySelector('section[aria-label="Ladder 1"] ol a svg') !== null,
    );
    expect((await trials())[0]?.ladder).toEqual({ ladderId: expect.any(String) as string, index: 0 });
    await press(page, 'Put away');
    await page.waitForSelector('section[aria-label="Ladder 1"]', { hidden: true });
  });
});

describe('switching a gun over', () => {
  it('asks every step, reads pressure and what stands behind, and is quiet on Dial afterwards', async () => {
    await goto('dial/cut');
    await seeText(page, 'Nobody has switched the bench unit to cutting today.');
    await goto('ready/switch/bench/cut');
    await seeText(page, '6 still to confirm.');
    const steps = await page.$$('ol button[aria-pressed="false"]');
    for (const step of steps) await step.click();
    await fill(page, 'Pressure at the nozzle, air on', '14');
    await seeText(page, 'allowed is up to 10 bar on the bench unit.');
    await fill(page, 'Pressure at the nozzle, air on', '8');
    await fill(page, 'What stands behind the cut', 'brick tray');
    await pressOnceReady(page, 'Switched to cutting');
    await seeText(page, 'the bench unit is switched to cutting.');
    await goto('dial/cut');
    await named(page, 'Dial these');
    await seeNoText(page, 'Nobody has switched the bench unit');
  });
});

describe('trials', () => {
  it('are listed, taken back and put in again', async () => {
    await goto('coupons/trials?mode=cut');
    await seeText(page, 'Cut low-carbon steel');
    await seeNoText(page, 'Clean 304 stainless');
    const [newest] = (await trials()).filter(({ work }) => work.mode === 'cut');
    await press(page, `Take back: trial ${newest?.number}`);
    await seeText(page, 'was taken back.');
    expect((await trials()).filter(({ withdrawnAt }) => withdrawnAt !== null)).toHaveLength(1);
    await press(page, 'Undo');
    await page.waitForFunction(
      async (url) =>
        ((await (await fetch(url)).json()) as { withdrawnAt: string | null }[]).every(
          ({ withdrawnAt }) => withdrawnAt === null,
        ),
      {},
      `${shop.heron.url}/api/trials`,
    );
  });
});

describe('a weld of a job', () => {
  it('leads to the cleaning of its colour, as wide and as long as it is', async () => {
    const [newest] = (await (await fetch(`${shop.heron.url}/api/jobs`)).json()) as { id: string }[];
    await goto(`jobs/${newest?.id}`);
    const link = await page.waitForSelector('::-p-xpath(//a[contains(., "Clean the colour beside")])', {
      timeout: 60_000,
    });
    const said = new URL((await link?.evaluate((a) => (a as HTMLAnchorElement).href)) ?? shop.heron.url);
    await link?.click();
    await named(page, 'Dial these');
    expect(await valueOf(page, 'Coat')).toBe('heatTint');
    expect(await valueOf(page, 'Where')).toBe('beside');
    expect(said.pathname).toBe('/dial/clean');
    expect(Number.parseFloat(await valueOf(page, 'Width of it'))).toBeGreaterThan(3);
  });
});

describe('a machine', () => {
  it('is told what it cleans with, and then cleans', async () => {
    await goto('shop/machines/bench');
    const fold = await page.waitForSelector('::-p-xpath(//summary[contains(., "Cleaning and cutting")])');
    await fold?.click();
    await press(page, 'It cleans', 'checkbox');
    await fill(page, 'Spot while cleaning', '0.5');
    for (const [name, least, most, step] of [
      ['Sweep', '5', '80', '1'],
      ['Sweeps', '10', '150', '1'],
    ] as const) {
      await fill(page, `${name}, least`, least);
      await fill(page, `${name}, most`, most);
      await fill(page, `${name}, step`, step);
    }
    await pressOnceReady(page, 'Save revision 2');
    await page.waitForFunction(() => !window.location.pathname.endsWith('machines/bench'));
    await goto('dial/clean?machine=bench');
    await named(page, 'Dial these');
    expect(await valueOf(page, 'Machine')).toBe('bench');
  });
});

describe('on a phone, in inches', () => {
  it('says lengths and pressure as the shop does, and nothing is cut off', async () => {
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
    const small = await openPage(shop.browser, `${shop.heron.url}/dial/cut`, phone);
    await seeText(small, 'CFH');
    expect(await valueOf(small, 'Thickness')).toBe('0.06 in');
    expect(await valueOf(small, 'Length of the cut')).toBe('20 in');
    expect(await valueOf(small, 'Pressure at the nozzle')).toBe('116 psi');
    await seeText(small, 'in/min');
    await seeReading(small, 'What to expect', 'through, clean');
    const wide = await small.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(wide).toBeLessThanOrEqual(0);
    await small.close();
  });
});
