import type { Page } from 'puppeteer-core';
import { openPage, phone } from './support/browser.js';
import { openDesk } from './support/desk.js';
import { goTo } from './support/goTo.js';
import { giveFile } from './support/giveFile.js';
import { waitUntil } from './support/waitFor.js';
import { sampleShop } from './support/sampleShop.js';
import {
  fill,
  named,
  patienceMs,
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

/** A job from typed lines to its order, to the bench with the server gone in the middle, by two people. */
const shop = sampleShop();
let page: Page;

beforeAll(async () => {
  page = await openPage(shop.browser, `${shop.heron.url}/jobs`);
  await signIn(page, 'Ines');
});

interface StoredJob {
  readonly id: string;
  readonly name: string;
  readonly state: string;
  readonly settled: number;
  readonly runs: readonly {
    readonly mark: string;
    readonly seam: number;
    readonly outcome: string;
    readonly lightOnS: number | null;
    readonly photoIds: readonly string[];
  }[];
  readonly draft: {
    readonly order: readonly string[] | null;
    readonly welds: readonly { readonly mark: string }[];
  };
}
const ask = async <Answer>(path: string) =>
  (await (await fetch(`${shop.heron.url}/api/${path}`)).json()) as Answer;
const jobNamed = async (name: string): Promise<StoredJob> => {
  const found = (await ask<StoredJob[]>('jobs')).find((job) => job.name === name);
  if (found === undefined) throw new Error(`no job ${name}`);
  return ask<StoredJob>(`jobs/${found.id}`);
};
const until = (job: string, holds: (job: StoredJob) => boolean) => waitUntil(() => jobNamed(job), holds);

/** A PNG of one pixel. */
const onePixel = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

async function typeLines(lines: string): Promise<void> {
  const box = await named(page, 'Type or paste welds, one a line');
  await box.click();
  await page.keyboard.type(lines);
}

describe('a job', () => {
  it('is made with its welds typed as lines; what is wrong is told and stays, and nothing is stored before it is saved', async () => {
    await press(page, 'New job', 'link');
    await fill(page, 'Name', 'gate');
    await fill(page, 'How many', '2');
    await press(page, 'Make the job, then its welds');
    await seeText(page, 'Welds of gate');
    await typeLines('W1 304 1.5 T 240 mm x2, both sides\nW2 60 after W1\nW3 304 1.5 butter 40');
    await seeReading(page, 'As it was understood', 'W1');
    await seeReading(
      page,
      'As it was understood',
      /3: W3 304 1\.5 butter 40\s+not understood: butter: allowed is mark, metal/,
    );
    await press(page, 'Add the 2 welds');
    await seeText(page, '2 welds');
    expect(await valueOf(page, 'Type or paste welds, one a line')).toBe('W3 304 1.5 butter 40');
    expect((await jobNamed('gate')).draft.welds).toEqual([]);
    await fill(page, 'Type or paste welds, one a line', 'W3 304 1.5 outside corner 300 no wire');
    await press(page, 'Add the weld');
    await press(page, 'Copy W3');
    await seeText(page, '4 welds');
    await press(page, 'Take W3 out');
    await press(page, 'Undo');
    await seeText(page, '4 welds');
    // Said anew in Dial's own sentence, word by word.
    await press(page, 'Open W4');
    await pick(page, 'Joint', 'lap');
    await pick(page, 'Run', 'stitched');
    await fill(page, 'Thickness of the second sheet', '2');
    await press(page, 'Change W4');
    await seeText(page, '304 stainless 1.5 mm to 2 mm lap, gap 0.1 mm, stitches');
    await press(page, 'Save the welds');
    await seeText(page, 'The job has 4 welds.');
    expect((await jobNamed('gate')).draft.welds.map(({ mark }) => mark)).toEqual(['W1', 'W2', 'W3', 'W4']);
  });

  it('is worked out: settings, coupons first, what it takes', async () => {
    await seeReading(page, 'Before the first light', '4 coupons first (W1, W2, W3, W4) for 4 welds');
    await seeReading(page, 'The order', 'No order loses less by the shop’s times.');
    await seeReading(page, 'What it takes', 'Lining up');
    await seeReading(page, 'Beside the arc', 'by TIG');
    await seeReading(page, 'Beside the arc', 'The machine has paid after');
    await seeReading(page, 'What the money is made of', 'work');
    await press(page, 'W3 out corner 1.5 mm, 300 mm coupon first');
    await seeReading(page, 'Weld W3', 'No card is near: the setting is computed.');
  });

  it('takes an order by keys, says what it costs, and keeps what must come first', async () => {
    await press(page, 'Put this order aside to compare');
    await press(page, 'W3 later');
    await seeReading(page, 'The order', 'Your order.');
    await seeReading(page, 'Orders beside each other', 'put aside');
    const { order } = (await until('gate', ({ draft }) => draft.order !== null)).draft;
    // By the handle alone: lifted, over the next row, put down.
    await (await named(page, 'Move W4 by dragging')).focus();
    await page.keyboard.press('Space');
    await seeText(page, 'Draggable item W4 was moved over droppable area W4');
    await page.keyboard.press(order?.at(-1) === 'W4' ? 'ArrowUp' : 'ArrowDown');
    await page.waitForFunction(() => /W4 was moved over droppable area W[123]/.test(document.body.innerText));
    await page.keyboard.press('Space');
    const moved =
      (await until('gate', ({ draft }) => String(draft.order) !== String(order))).draft.order ?? [];
    expect(moved.toSorted()).toEqual(['W1', 'W2', 'W3', 'W4']);
    await (
      await page.waitForSelector(
        '::-p-xpath(//section[@aria-label="The order"]//button[starts-with(., "W1")])',
      )
    )?.click();
    await seeText(page, 'W1 later');
    for (let at = moved.indexOf('W1'); at + 1 < moved.indexOf('W2'); at++) {
      await press(page, 'W1 later');
      await until('gate', ({ draft }) => draft.order?.indexOf('W1') === at + 1);
    }
    await press(page, 'W1 later');
    await seeText(page, 'W1 must be welded before W2: the order stays as it was.');
    await press(page, 'Take the order computed');
    await seeReading(page, 'The order', 'Computed: fewest set-ups and turns.');
  });
});

describe('at the bench', () => {
  let bench: Page;
  beforeAll(async () => {
    const { id } = await jobNamed('gate');
    bench = await openPage(shop.browser, `${shop.heron.url}/jobs/${id}/bench`, phone);
  });
  const markNow = async () => /W\d/.exec(await textOf(bench, 'Which seam'))?.[0] ?? '';
  const shownSeam = () =>
    bench.evaluate(() => document.querySelector('[aria-label="Which seam"]')?.textContent ?? '');
  /** Waits until the bench has gone on: a run that the server has may not have moved the page yet. */
  const onFrom = (shown: string) =>
    bench.waitForFunction(
      (before) => (document.querySelector('[aria-label="Which seam"]')?.textContent ?? before) !== before,
      { timeout: patienceMs },
      shown,
    );

  it('one seam fills the screen; the clock times it, and done goes on to the next', async () => {
    await seeReading(bench, 'Dial these', 'Power');
    await seeReading(bench, 'Change first', /Fit first|Change first/);
    const first = await shownSeam();
    await press(bench, 'Start the clock');
    await seeText(bench, 'Stop the clock');
    await bench.waitForFunction(() => /Stop the clock · (?!0 s)/.test(document.body.innerText));
    await pressOnceReady(bench, 'done, next');
    await onFrom(first);
    const { runs, state } = await until('gate', (job) => job.runs.length === 1);
    expect(runs[0]?.lightOnS).toBeGreaterThan(0);
    expect(state).toBe('released');
  });

  it('a slip stays to weld again; a seam that is left out says why', async () => {
    const before = await markNow();
    await pressOnceReady(bench, 'slipped, again');
    await until('gate', (job) => job.runs.length === 2);
    expect(await markNow()).toBe(before);
    const slipped = await shownSeam();
    await pressOnceReady(bench, 'leave it out');
    await press(bench, 'does not fit up');
    await until('gate', (job) => job.runs.length === 3);
    await onFrom(slipped);
    expect((await ask<StoredJob[]>('jobs')).find(({ name }) => name === 'gate')?.settled).toBe(2);
  });

  it('somebody else’s seam is passed over', async () => {
    const { id, draft, runs } = await jobNamed('gate');
    const mark = await markNow();
    const seam = Number(/(\d+) of \d+/.exec(await textOf(bench, 'Which seam'))?.[1] ?? '1');
    const maren = await openDesk(shop.heron.url, 'maren');
    expect((await maren.put(`jobs/${id}/claims/${mark}/${seam}`)).status).toBe(200);
    expect([draft.welds.length, runs.length]).toEqual([4, 3]);
    await press(bench, 'Start the clock');
    await seeText(bench, `Maren has ${mark}, seam ${seam}, in hand.`);
    await bench.waitForFunction(
      (taken) => !(document.querySelector('[aria-label="Which seam"]')?.textContent ?? '').startsWith(taken),
      {},
      `${mark}${seam} of`,
    );
    expect((await maren.remove(`jobs/${id}/claims/${mark}/${seam}`)).status).toBe(200);
  });

  it('goes on without the server and sends later, once', async () => {
    const before = (await jobNamed('gate')).runs.length;
    const seam = await textOf(bench, 'Which seam');
    await shop.heron.stop();
    await giveFile(bench, { name: 'seam.svg', type: 'image/svg+xml', bytes: Buffer.from('<svg/>') });
    await seeText(bench, 'seam.svg is image/svg+xml; allowed is JPEG, PNG, WebP or HEIC.');
    await giveFile(bench, { name: 'seam.png', type: 'image/png', bytes: onePixel });
    await named(bench, `Leave photo 1 of ${await markNow()} out`);
    await pressOnceReady(bench, 'done, next');
    await bench.waitForFunction(
      (was) => document.querySelector('[aria-label="Which seam"]')?.textContent !== was,
      {},
      seam,
    );
    await shop.startAgain();
    const { id, runs } = await until('gate', (job) => job.runs.length === before + 1);
    const [photoId] = runs.flatMap((run) => run.photoIds);
    expect((await ask<{ id: string }[]>(`jobs/${id}/photos`)).map((photo) => photo.id)).toEqual([photoId]);
    // Nothing of it waits any more, and it was stored once.
    await seeNoText(bench, 'Kept in this browser');
    expect((await jobNamed('gate')).runs).toHaveLength(before + 1);
  });

  it('a second tap is not for the next seam', async () => {
    const { runs } = await jobNamed('gate');
    await named(bench, 'done, next');
    await bench.waitForFunction(() => document.querySelector('button.btn-success:not(:disabled)') !== null);
    await bench.evaluate(async () => {
      const tap = () => document.querySelector<HTMLButtonElement>('button.btn-success')?.click();
      const seam = () => document.querySelector('[aria-label="Which seam"]')?.textContent;
      const before = seam();
      tap();
      while (seam() === before) await new Promise((later) => setTimeout(later, 5));
      tap();
    });
    await until('gate', (job) => job.runs.length === runs.length + 1);
    await bench.waitForFunction(() => document.querySelector('button.btn-success:not(:disabled)') !== null);
    expect((await jobNamed('gate')).runs).toHaveLength(runs.length + 1);
  });

  it('what was done is taken back from its toast', async () => {
    const { runs } = await jobNamed('gate');
    await pressOnceReady(bench, 'done, next');
    await until('gate', (job) => job.runs.length === runs.length + 1);
    await press(bench, 'Undo');
    await until('gate', (job) => job.runs.length === runs.length);
  });
});

describe('the board', () => {
  it('has the sample’s jobs by their day, and the done ones behind a key', async () => {
    await goTo(page, `${shop.heron.url}/jobs`);
    await seeText(page, 'Locker frame');
    await seeNoText(page, 'Railing run');
    await press(page, 'Done and taken back: 1');
    await seeText(page, 'Railing run');
  });

  it('a job is made like another, with its welds and without what was welded', async () => {
    const { id } = await jobNamed('gate');
    await goTo(page, `${shop.heron.url}/jobs/new`);
    await pick(page, 'Its parts and welds', id);
    await seeText(page, 'New job like gate');
    await fill(page, 'Name', 'gate again');
    await press(page, 'Make the job');
    await seeText(page, 'Welds of gate again');
    const again = await jobNamed('gate again');
    expect(again.draft.welds.map(({ mark }) => mark)).toEqual(['W1', 'W2', 'W3', 'W4']);
    expect(again.runs).toEqual([]);
  });

  it('a job is taken back and put in again', async () => {
    const { id } = await jobNamed('gate');
    await goTo(page, `${shop.heron.url}/jobs/${id}`);
    await pick(page, 'How far the job is', 'takenBack');
    await seeText(page, 'is taken back.');
    await pick(page, 'How far the job is', 'done');
    await until('gate', ({ state }) => state === 'done');
  });
});
