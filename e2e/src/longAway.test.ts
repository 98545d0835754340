import type { Browser, KeyInput, Page } from 'puppeteer-core';
import { v7 as uuid } from 'uuid';
import { openBrowser, openInstallable } from './support/browser.js';
import { goTo } from './support/goTo.js';
import { layLine, type Line } from './support/line.js';
import { sampleShop } from './support/sampleShop.js';
import { patienceMs, press, seeNoText, seeText, signIn, toStation } from './support/screen.js';

/** A bench that loses its line for so long that everything else goes on: windows, machines, people, and its own session. */
const shop = sampleShop();
let line: Line;
let elsewhere: Browser;
let bench: Page;

beforeAll(async () => {
  line = await layLine(() => Number(new URL(shop.heron.url).port));
  elsewhere = await openBrowser();
  bench = await openInstallable(elsewhere);
  await goTo(bench, `${line.url}/dial`);
  await signIn(bench, 'Maren');
  await bench.waitForFunction(
    async () => (await caches.match('/api/coupons?machineId=barrow&limit=1')) !== undefined,
    { polling: 200, timeout: patienceMs },
  );
});
afterAll(async () => {
  await elsewhere.close();
  await line.close();
});

/** What the office does meanwhile, as a lead. */
async function ofOffice(method: string, path: string, body: object): Promise<Record<string, unknown>> {
  const headers = { 'Content-Type': 'application/json', 'X-Lone-Heron': 'the office' };
  const entered = await fetch(`${shop.heron.url}/api/session`, {
    ...{ method: 'PUT', headers },
    body: JSON.stringify({ personId: 'ines', pin: '2468' }),
  });
  const [cookie = ''] = entered.headers.getSetCookie();
  const answer = await fetch(`${shop.heron.url}/api/${path}`, {
    ...{ method, headers: { ...headers, Cookie: cookie } },
    ...(method === 'GET' ? {} : { body: JSON.stringify(body) }),
  });
  expect(answer.status).toBeLessThan(300);
  return (await answer.json()) as Record<string, unknown>;
}

interface Stored {
  readonly number: number;
  readonly personId: string;
  readonly windowNumber: number;
  readonly machineRevision: number;
}
const newest = async (limit: number) =>
  (await ofOffice('GET', `coupons?limit=${limit}`, {})).coupons as Stored[];

async function logByLook(key: KeyInput): Promise<void> {
  await toStation(bench, '/dial');
  await seeText(bench, 'Dial these');
  await press(bench, 'Log coupon L');
  await seeText(bench, 'What did the back look like?');
  await bench.keyboard.press(key);
  await bench.keyboard.press('Enter');
  // It closes once the coupon is kept: a bench that goes away before that finds its log open again, and nothing that waits.
  await seeNoText(bench, 'What did the back look like?');
}

describe('a bench that was long away', () => {
  it('merges what it logged with what the others did, under its own name, without asking anybody', async () => {
    const [before] = await newest(1);
    line.cut();
    await logByLook('3');
    await seeText(bench, 'waits');
    await logByLook('2');
    // Meanwhile: another window, another revision of the machine, a coupon there, and a new PIN, which ends every session of hers.
    await ofOffice('PUT', `windows/${uuid()}`, {
      ...{ machineId: 'bench', reason: 'darkSpecks', note: '', found: null, supplier: '', lot: '' },
    });
    await ofOffice('PUT', 'people/maren/pin', { newPin: '83170' });
    await bench.reload();
    await seeText(bench, 'The server does not answer');
    line.mend();
    await goTo(bench, `${line.url}/coupons`);
    await seeText(bench, 'waits until Maren signs in here');
    await signIn(bench, 'Maren', '83170');
    await seeText(bench, 'The server is back: 2 that waited are stored.');
    const [second, first] = await newest(2);
    expect([first?.number, second?.number]).toEqual([(before?.number ?? 0) + 1, (before?.number ?? 0) + 2]);
    for (const coupon of [first, second]) {
      expect(coupon?.personId).toBe('maren');
      // Welded before the window was changed, whenever it came.
      expect(coupon?.windowNumber).toBe(before?.windowNumber);
    }
  });
});
