import { join } from 'node:path';
import Database from 'better-sqlite3';
import type { Page } from 'puppeteer-core';
import { desk, openPage, phone } from './support/browser.js';
import { openDesk } from './support/desk.js';
import {
  fill,
  named,
  patienceMs,
  press,
  seeNoText,
  seeReading,
  seeText,
  signIn,
  textOf,
  valueOf,
} from './support/screen.js';
import { sampleShop } from './support/sampleShop.js';
import { goTo, reload } from './support/goTo.js';

/** A full morning and evening on two machines, and what stops, warns, is left out and runs over midnight. */
describe('the day of a machine', () => {
  const shop = sampleShop();
  let page: Page;

  beforeAll(async () => {
    page = await openPage(shop.browser, `${shop.heron.url}/ready?machine=barrow`, desk);
  });

  const now = () => textOf(page, 'Now');
  /** Does the plain check at hand and waits for the next step. */
  async function done(): Promise<void> {
    const before = await (await named(page, 'Now')).$eval('h2', (title) => title.textContent);
    await press(page, 'Done');
    await page.waitForFunction(
      (old) => document.querySelector('[aria-label="Now"] h2')?.textContent !== old,
      { timeout: patienceMs },
      before,
    );
  }

  it('asks who it is before anything is written down, and loses nothing meanwhile', async () => {
    await seeText(page, '9 of 16 checked');
    expect(await now()).toContain('Coolant, optics');
    await fill(page, 'Coolant', '19,5');
    const write = await named(page, 'Write it down and wait', 'button');
    expect(await write.evaluate((button) => (button as HTMLButtonElement).disabled)).toBe(true);
    await press(page, 'Sign in to save');
    await press(page, 'Maren');
    await page.waitForSelector('::-p-aria([name="PIN, 0 digits typed"])');
    await page.keyboard.type('2468');
    await page.keyboard.press('Enter');
    await seeText(page, 'Maren is cleared to weld here until 30 Jun 2027, by Ines.');
    expect(await valueOf(page, 'Coolant')).toBe('19,5');
  });

  it('catches a temperature in the wrong unit and says what it probably was', async () => {
    await fill(page, 'Coolant', '77');
    await seeText(page, 'Probably 77 °F, which is 25.0 °C: write the unit.');
    expect(await valueOf(page, 'Coolant')).toBe('77');
  });

  it('is stopped by coolant that is too cold, with the minutes, and goes on once it is warm', async () => {
    await fill(page, 'Coolant', '19,5');
    await seeText(page, '4.5 °C below the lower limit of 24 °C: no light yet. About 6 min');
    await press(page, 'Write it down and wait');
    await named(page, 'the barrow unit stopped', 'button');
    expect(await now()).toContain('Coolant, optics');
    await fill(page, 'Coolant', '79 F');
    await seeText(page, '26.1 °C is inside its limits.');
    await press(page, 'Write it down');
    await seeText(page, 'Start-up, step 11 of 16');
  });

  it('says what is left in the bottle, and that the flow cannot be', async () => {
    await fill(page, 'Bottle', '2900');
    await seeText(page, 'Probably 2900 psi');
    await fill(page, 'Bottle', '58');
    await seeText(page, '58 bar: about 2.5 h of gas at 15 L/min.');
    await press(page, 'Write it down');
    await seeText(page, 'Start-up, step 12 of 16');
    await done();
    await fill(page, 'Flow', '900');
    await fill(page, 'At the nozzle', '1 bar');
    await fill(page, 'Nozzle bore', '3');
    await seeText(page, 'cannot pass a 3 mm bore at 1 bar');
    await fill(page, 'Flow', '32 cfh');
    await seeText(page, '15.1 L/min; a 3 mm bore passes up to');
    await press(page, 'Write it down');
    await seeText(page, 'Start-up, step 14 of 16');
  });

  it('leaves a step out only with a reason, and takes it back', async () => {
    await (await page.waitForSelector('::-p-text(Leave this step out)'))?.click();
    const leave = await named(page, 'Leave it out', 'button');
    expect(await leave.evaluate((button) => (button as HTMLButtonElement).disabled)).toBe(true);
    await fill(page, 'Why', 'no tape left');
    await press(page, 'Leave it out');
    await seeText(page, 'Start-up, step 15 of 16');
    await seeReading(page, 'Ready, start-up and shut-down', 'no tape left');
    await press(page, 'Take back: Pointer dot in the middle of the nozzle');
    await seeText(page, 'Start-up, step 14 of 16');
    await done();
  });

  it('cannot leave out what stops', async () => {
    expect(await now()).toContain('stops until it is met');
    expect(await now()).not.toContain('Leave this step out');
    await done();
  });

  it('is open for work, on the waterline and on Dial, which had said that it was not', async () => {
    const dial = await openPage(shop.browser, `${shop.heron.url}/dial?machine=barrow`);
    await seeText(dial, 'The barrow unit is not open for work: 15 of 16 checked.');
    await page.bringToFront();
    await press(page, 'Done');
    await seeText(page, 'Open for work');
    await named(page, 'Ready 2 of 3 open', 'link');
    await dial.bringToFront();
    await reload(dial);
    await seeText(dial, 'Dial these');
    await seeNoText(dial, 'is not open for work');
    await dial.close();
    await page.bringToFront();
  });

  it('is shut down in its order, the chiller late, and closes', async () => {
    await press(page, 'Shut down the barrow unit');
    const order: string[] = [];
    for (let step = 0; step < 5; step++) {
      order.push(await (await named(page, 'Now')).$eval('h2', (title) => title.textContent));
      await done();
    }
    expect(order).toEqual([
      'Laser off',
      'Key out and put away',
      'Gas closed at the bottle, hose let off',
      'Cap on',
      'Chiller off last, both circuits',
    ]);
    await press(page, 'Done');
    await seeText(page, 'The barrow unit is not opened');
  });

  it('keeps a record of the day, to be printed, with what was replaced', async () => {
    await press(page, 'This day’s record', 'link');
    const startUp = await textOf(page, 'Start-up');
    for (const part of ['Tobias', 'Maren', '26.1 °C', '58 bar', '15.1 L/min'])
      expect(startUp).toContain(part);
    const replaced = await textOf(page, 'Done before and replaced');
    expect(replaced).toContain('no light yet');
    expect(replaced).toContain('no tape left');
    const print = await named(page, 'Print', 'button');
    await page.emulateMediaType('print');
    const isShown = await print.evaluate((button) => getComputedStyle(button).display !== 'none');
    expect(isShown).toBe(false);
    await page.emulateMediaType('screen');
  });

  it('of the other machine runs over midnight as one record, and is shut down the day after', async () => {
    await shop.heron.stop();
    shiftDay(join(shop.folder, 'heron.sqlite'), 'bench', 20 * 3600 * 1000);
    await shop.startAgain();
    await goTo(page, `${shop.heron.url}/ready?machine=bench`);
    await seeText(page, 'and never shut down. Shut it down now, or work on');
    await press(page, 'Shut down the bench unit');
    for (let step = 0; step < 5; step++) await done();
    await press(page, 'Done');
    await seeText(page, 'The bench unit is not opened');
    await press(page, 'Earlier days', 'link');
    await seeText(page, 'opened by Maren');
    const [newest] = await page.$$eval('li', (rows) => rows.map((row) => row.innerText));
    expect(newest).toMatch(/opened by Maren/);
    await goTo(page, `${shop.heron.url}/ready?machine=bench`);
  });

  it('warns of damp air, and the coolant step then stops at the dew point', async () => {
    await press(page, 'Start up the bench unit');
    for (let step = 0; step < 6; step++) await done();
    await fill(page, 'Room', '31');
    await fill(page, 'Humidity', '80 %');
    await seeText(page, 'The dew point is 27.1 °C: coolant at 25 °C would leave water on the optics.');
    await press(page, 'Write it down and go on');
    await seeText(page, 'Start-up, step 8 of 15');
    await done();
    await fill(page, 'Coolant', '25');
    await seeText(page, 'water forms on the optics');
    await press(page, 'Write it down and wait');
    await named(page, 'Ready 1 stopped', 'link');
  });

  it('meets one record when two people open it: what the other does shows here', async () => {
    const other = await openDesk(shop.heron.url, 'tobias');
    const [bench] = (
      (await (await fetch(`${shop.heron.url}/api/days`)).json()) as { id: string; machineId: string }[]
    ).filter(({ machineId }) => machineId === 'bench');
    const opened = await other.put(`machines/bench/days/${freshId()}`);
    expect(((await opened.json()) as { id: string }).id).toBe(bench?.id);
    const entry = {
      stepId: 'coolant-1',
      outcome: 'done',
      reading: { reads: 'coolant', coolantC: 30 },
      reason: '',
    };
    expect((await other.put(`days/${bench?.id}/entries/${freshId()}`, entry)).status).toBe(200);
    await page.evaluate(() => window.dispatchEvent(new Event('visibilitychange')));
    await seeText(page, 'Start-up, step 10 of 15');
    await seeReading(page, 'Ready, start-up and shut-down', /30 °C\s+Tobias/);
  });

  it('works on a phone: one large step at a time', async () => {
    const small = await openPage(shop.browser, `${shop.heron.url}/ready?machine=bench`, phone);
    await seeText(small, 'Start-up, step 10 of 15');
    const overhang = await small.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(overhang).toBe(0);
    const box = await (await named(small, 'Write it down', 'button')).boundingBox();
    expect(box?.height).toBeGreaterThanOrEqual(56);
    expect((box?.y ?? 900) + (box?.height ?? 0)).toBeLessThan(844 - 56);
    await small.close();
  });

  it('takes a lead’s change of the steps into the next day, and shows others the steps alone', async () => {
    await goTo(page, `${shop.heron.url}/ready/template/barrow`);
    await seeText(page, 'A lead changes these steps');
    await press(page, 'Maren is signed in');
    await press(page, 'Sign out');
    await seeText(page, 'Maren is signed out.');
    await signIn(page, 'Ines');
    await press(page, 'Start-up, remove step 1');
    await fill(page, 'Why it is changed', 'eyewear is checked at the door');
    await press(page, 'Save revision 1');
    await seeText(page, 'Template revision 1 of the barrow unit is stored.');
    await press(page, 'Start up the barrow unit');
    await seeText(page, 'Start-up, step 1 of 15');
    await goTo(page, `${shop.heron.url}/shop/history`);
    await seeText(page, 'revision 1: eyewear is checked at the door');
  });

  it('has a scrap test that says which offset to try, and keeps it', async () => {
    await goTo(page, `${shop.heron.url}/ready/scrap/bench`);
    await fill(page, 'To the right (left: minus)', '0.1');
    await fill(page, 'Upwards (down: minus)', '-0,04 mm');
    await seeText(page, 'Try offset X 1, Y 0 (from 6, -2 of the last log)');
    await fill(page, 'Offset X now', '1');
    await fill(page, 'Offset Y now', '0');
    await press(page, 'Write the offset down');
    await seeText(page, '1, 0; dot was 0.1 mm right, -0.04 mm up');
    await press(page, 'sparking');
    await seeText(page, 'Look at the window, then at the pointer in the nozzle, then find focus.');
  });
});

/** Moves a machine's open day back in time, as if it had been opened the evening before. */
function shiftDay(databaseFile: string, machineId: string, ms: number): void {
  const database = new Database(databaseFile);
  const day = database
    .prepare('SELECT id, opened_at FROM day WHERE machine_id = ? AND closed_at IS NULL')
    .get(machineId) as {
    id: string;
    opened_at: string;
  };
  const back = (iso: string) => new Date(Date.parse(iso) - ms).toISOString();
  database.prepare('UPDATE day SET opened_at = ? WHERE id = ?').run(back(day.opened_at), day.id);
  database.close();
}

/** A UUID of version 7 for what another device sends. */
function freshId(): string {
  const time = Date.now().toString(16).padStart(12, '0');
  const rest = crypto.randomUUID().slice(15);
  return `${time.slice(0, 8)}-${time.slice(8)}-7${rest}`;
}
