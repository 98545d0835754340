import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ElementHandle, Page } from 'puppeteer-core';
import { desk, openPage, phone } from './support/browser.js';
import { openDesk } from './support/desk.js';
import {
  fill,
  named,
  press,
  seeNoText,
  seeReading,
  seeText,
  signIn,
  textOf,
  toStation,
  unfold,
  valueOf,
} from './support/screen.js';
import { sampleShop } from './support/sampleShop.js';
import { goTo } from './support/goTo.js';

interface MachineAnswer {
  id: string;
  name: string;
  revision: number;
  profile: { configuredPowerW: number; panel: string[]; coolant: object[] };
}

/** A lead sets a machine up, changes it, takes it along in a file, and meets somebody who was quicker. */
describe('the machines of the shop', () => {
  const shop = sampleShop();
  const files = mkdtempSync(join(tmpdir(), 'heron-files-'));
  let page: Page;

  beforeAll(async () => {
    page = await openPage(shop.browser, `${shop.heron.url}/shop`, desk);
    await signIn(page, 'Ines');
  });
  afterAll(() => {
    rmSync(files, { recursive: true });
  });

  const machines = async () =>
    (await (await fetch(`${shop.heron.url}/api/machines`)).json()) as MachineAnswer[];
  const openBench = async (tab: Page = page) => {
    await goTo(tab, `${shop.heron.url}/shop/machines/bench`);
    await seeText(tab, 'Change the bench unit');
  };

  it('stand there with what they can do', async () => {
    await seeReading(page, 'the bench unit', '1500 W');
    await seeReading(page, 'the barrow unit', 'to 5 m/min');
    await named(page, 'Shop 3 machines', 'link');
  });

  it('say at the field what is allowed, keep what was typed, and store nothing', async () => {
    await press(page, 'Change the bench unit', 'link');
    await seeText(page, 'Saving makes revision 2.');
    await fill(page, 'Configured power', '1800');
    await seeText(page, 'allowed is up to the rated power, 1500 W');
    await press(page, 'Save revision 2');
    await seeText(page, 'to be put right');
    expect(await valueOf(page, 'Configured power')).toBe('1800');
    expect((await machines())[0]?.revision).toBe(1);
  });

  it('are changed into a new revision, which Dial follows', async () => {
    await fill(page, 'Why it is changed', 'configured down for thin sheet');
    await fill(page, 'Configured power', '1200');
    await press(page, 'Save revision 2');
    await seeText(page, 'to be put right');
    await fill(page, 'Power, most', '1200');
    await fill(page, 'Power, least', '120');
    await fill(page, 'Power, step', '12');
    await unfold(page, 'The panel: its order');
    await press(page, 'Wobble rate further up');
    await press(page, 'Save revision 2');
    await seeText(page, 'Revision 2 of the bench unit is stored.');
    await seeReading(page, 'the bench unit', /1200 W of 1500 W rated/);
    expect((await machines())[0]?.profile.panel[1]).toBe('wobbleRate');
    await goTo(page, `${shop.heron.url}/dial?machine=bench&wire=none`);
    const watts = Number(/(\d+) W/.exec(await textOf(page, 'Dial these'))?.[1]);
    expect(watts / 12).toBeCloseTo(Number(await valueOf(page, 'Power, %')), 5);
  });

  it('keep their history: what, when, who and why', async () => {
    await openBench();
    const history = await textOf(page, 'History');
    expect(history).toContain('configured down for thin sheet');
    expect(history).toContain('configured power, W: 1500 to 1200');
    expect(history).toMatch(/today \d\d:\d\d, Ines/);
  });

  it('have a safety sheet of the power they are configured to', async () => {
    await goTo(page, `${shop.heron.url}/shop`);
    await press(page, 'Safety sheet of the bench unit', 'link');
    await seeText(page, 'Safety sheet of the bench unit');
    const figures = await textOf(page, 'For the safety officer');
    expect(figures).toMatch(/optical density at least\s+6\s/);
    expect(figures).toMatch(/dangerous to eyes within\s+1[34]0 m/);
    expect(figures).toContain('At 1200 W, as the machine is configured (revision 2).');
    await seeReading(page, 'If light went into an eye', 'up to 1200 W');
    await openBench();
  });

  it('compute the spot and the draw while they are typed', async () => {
    await unfold(page, 'Fibre and lenses');
    await fill(page, 'Focus lens', '200');
    await press(page, 'Use 0.2 mm');
    expect(await valueOf(page, 'Spot at focus')).toBe('0.2');
    await unfold(page, 'Coolant and mains');
    expect(await page.evaluate(() => document.body.innerText)).toMatch(
      /A breaker of \d+ A: ask a licensed electrician/,
    );
  });

  it('keep what was typed when they are left, over loading the page anew, until it is begun afresh', async () => {
    await toStation(page, '/optics');
    await seeText(page, 'Protective window');
    await goTo(page, `${shop.heron.url}/shop/machines/bench`);
    expect(await valueOf(page, 'Spot at focus')).toBe('0.2');
    await seeText(page, 'What you typed before is still here, not saved yet.');
    await press(page, 'Start afresh');
    expect(await valueOf(page, 'Spot at focus')).toBe('0.15');
    await seeNoText(page, 'What you typed before is still here');
  });

  it('tell the slower of two people, who loses nothing typed', async () => {
    const other = await openPage(shop.browser, `${shop.heron.url}/shop/machines/bench`, desk);
    await seeText(other, 'Saving makes revision 3.');
    const answer = await (
      await openDesk(shop.heron.url, 'ines')
    ).put('machines/bench/revisions/3', {
      name: 'the bench unit',
      note: 'somebody was quicker',
      profile: (await machines())[0]?.profile,
    });
    expect(answer.status).toBe(201);
    await fill(other, 'Why it is changed', 'mine');
    await press(other, 'Save revision 3');
    await seeText(other, 'was made meanwhile with other content');
    expect(await valueOf(other, 'Why it is changed')).toBe('mine');
    await other.evaluate(() => window.dispatchEvent(new Event('visibilitychange')));
    await seeText(other, 'Somebody made revision 3 meanwhile');
    expect(await valueOf(other, 'Why it is changed')).toBe('mine');
    await press(other, 'Save revision 3');
    await seeText(other, 'was made meanwhile with other content');
    await press(other, 'Open revision 3');
    await seeText(other, 'Saving makes revision 4.');
    expect(await valueOf(other, 'Why it is changed')).toBe('');
    await other.close({ runBeforeUnload: false });
  });

  it('come from a file too, and a file that is none says why', async () => {
    page.once('dialog', (dialog) => void dialog.accept());
    await goTo(page, `${shop.heron.url}/shop`);
    const input = (await page.waitForSelector('input[type=file]')) as ElementHandle<HTMLInputElement>;
    const bad = join(files, 'list.json');
    writeFileSync(bad, '{"argon": 2}');
    await input.uploadFile(bad);
    await seeText(page, 'In the file format is nothing; allowed is lone-heron-machine');
    const good = join(files, 'bench.machine.json');
    const [bench] = await machines();
    writeFileSync(
      good,
      JSON.stringify({
        format: 'lone-heron-machine',
        version: 1,
        name: bench?.name,
        profile: bench?.profile,
      }),
    );
    await input.uploadFile(good);
    await seeText(page, 'A new machine');
    expect(await valueOf(page, 'Name')).toBe('the bench unit 2');
    await press(page, 'Make this machine');
    await seeText(page, 'the bench unit 2 is in the shop. Record its window under Optics.');
    expect(await machines()).toHaveLength(4);
  });

  it('can be made from a common size on a phone, without sideways scrolling', async () => {
    const small = await openPage(shop.browser, `${shop.heron.url}/shop/machines/new?from=plate`, phone);
    await seeText(small, 'A new machine');
    await fill(small, 'Name', 'the plate unit');
    const overflow = await small.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(overflow).toBeLessThanOrEqual(0);
    await press(small, 'Make this machine');
    await seeText(small, 'the plate unit is in the shop.');
    await named(small, 'the plate unit');
    await small.close();
  });
});
