import { execFileSync } from 'node:child_process';
import type { Page } from 'puppeteer-core';
import { openPage, phone } from './support/browser.js';
import { giveFile } from './support/giveFile.js';
import { goTo } from './support/goTo.js';
import { startRig, type RunningRig } from './support/rig.js';
import { sampleShop } from './support/sampleShop.js';
import { fill, named, press, seeNoText, seeReading, seeText, signIn, textOf } from './support/screen.js';

/** A machine on the wire: a simulated one and the shop, driven together. */
const shop = sampleShop();
let rig: RunningRig;
let page: Page;

beforeAll(async () => {
  rig = await startRig();
  page = await openPage(shop.browser, `${shop.heron.url}/shop`);
  await signIn(page, 'Ines');
});
afterAll(() => rig.stop());

const goto = (path: string) => goTo(page, `${shop.heron.url}/${path}`);
const giveMap = (text: string) =>
  giveFile(page, { name: 'map.json', type: 'application/json', bytes: Buffer.from(text) });
const read = async () => {
  await press(page, 'Read the machine');
  await named(page, 'What the machine holds');
};

describe('the wire of a machine', () => {
  it('is said in Shop, tried out before it is saved, and what is wrong with its map is told', async () => {
    await goto('shop');
    await press(page, 'Connection of the bench unit', 'link');
    await fill(page, 'Address', '127.0.0.1');
    await fill(page, 'Port', String(rig.modbusPort));
    await fill(page, 'Map of its registers (JSON)', '{"format": 3');
    await seeText(page, 'The map is no JSON');
    const map = await rig.map();
    await giveMap(map.replace('"scale":0.1', '"scale":0'));
    await seeText(page, 'a scale that is not 0');
    await giveMap(map.replace('ABCD', 'BADC'));
    await press(page, 'Try it out');
    await seeReading(page, 'What it says', 'look at the type, the order of bytes');
    await giveMap(map);
    await press(page, 'Try it out');
    await seeReading(page, 'What it says', /wire speed\s+10 mm\/s/);
    await press(page, 'Save the link');
    await seeText(page, 'How the bench unit is reached is written down.');
  });

  it('is read on Dial, and nothing can be sent before a lead has switched it on', async () => {
    await goto('dial');
    await read();
    await seeReading(page, 'What the machine holds', /Power\s+40 %\s+\d+ %\s+differs: set it by hand/);
    await seeNoText(page, 'Send these');
    await goto('shop/machines/bench/link');
    await press(page, 'Numbers may be written to it, while it is not armed', 'checkbox');
    for (const name of ['power', 'duty', 'wobble width', 'wobble rate', 'wire speed'])
      await press(page, name, 'checkbox');
    await press(page, 'Save the link');
    await seeText(page, 'is written down');
  });

  it('takes what Dial says, number by number, reads it back, and it stands in the history', async () => {
    await goto('dial');
    await read();
    await press(page, 'Send these');
    await seeText(page, 'Sent and read back.');
    expect(await textOf(page, 'What the machine holds')).not.toContain('differs');
    expect(await rig.value('power')).toBeGreaterThan(600);
    expect(await rig.value('writesTaken')).toBeGreaterThan(0);
    await goto('shop/machines/bench/link');
    await seeReading(page, 'What was sent', /what Dial says.*Read back/);
    await goto('shop/history');
    await seeText(page, 'sent what Dial says to the bench unit');
  });

  it('shows a difference that somebody made at the panel', async () => {
    await rig.act({ turn: { power: 300 } });
    await goto('dial');
    await read();
    await seeReading(page, 'What the machine holds', /Power\s+20 %\s+\d+ %\s+differs/);
  });

  it('writes nothing while the machine is armed, and says why', async () => {
    await rig.act({ arm: true });
    const before = await rig.value('writesTaken');
    await press(page, 'Send these');
    await seeText(page, 'Stopped: The machine does not take writes now');
    await seeText(page, 'ready for emission');
    expect(await rig.value('power')).toBe(300);
    expect(await rig.value('writesTaken')).toBe(before);
    await rig.act({ hands: { isReady: false } });
  });

  it('is read and sent from a card', async () => {
    const cards = (await (await fetch(`${shop.heron.url}/api/cards`)).json()) as {
      id: string;
      versions: { content: { machineId: string } }[];
    }[];
    const card = cards.find(({ versions }) => versions.every(({ content }) => content.machineId === 'bench'));
    await goto(`cards/${card?.id}`);
    await read();
    await press(page, 'Send these');
    await seeText(page, 'Sent and read back.');
  });

  it('shows what is stored in it: every slot against its card in one go, the feeder’s menu beside its defaults', async () => {
    await goto('cards/slots?machine=bench');
    await press(page, 'Compare all over the cable');
    await seeText(page, 'held against the machine: below is what differs.');
    await seeReading(page, 'What the slots hold', /Differed for Ines .*power \d+ instead of \d+ %/);
    const slots = (await (await fetch(`${shop.heron.url}/api/machines/bench/slots`)).json()) as {
      slot: number;
      compared: { shown: { powerW: number } } | null;
    }[];
    expect(slots.length).toBeGreaterThan(0);
    for (const { slot, compared } of slots) expect(compared?.shown.powerW).toBe(200 + 100 * slot);
    await goto('shop/machines/bench/link');
    await press(page, 'Read the menu');
    await seeReading(page, 'Its entries', /start delay\s+200 ms\s+200 ms\s+0 ms\s+changed, as written/);
    await seeReading(page, 'Its entries', /retract\s+15 mm\s+15 mm\s+10 mm/);
  });

  it('that is unplugged says so, and the shop goes on without it', async () => {
    const { modbusPort } = rig;
    await rig.stop();
    await goto('dial');
    await press(page, 'Read the machine');
    await seeText(page, 'does not answer: is the machine on');
    await seeText(page, 'What to expect');
    rig = await startRig({ modbusPort });
    await read();
    await seeReading(page, 'What the machine holds', /Power\s+40 %/);
  });

  it('fits on a phone', async () => {
    const small = await openPage(shop.browser, `${shop.heron.url}/dial`, phone);
    // From under the bar at the foot.
    await (await named(small, 'Read the machine')).evaluate((key) => key.scrollIntoView({ block: 'center' }));
    await press(small, 'Read the machine');
    await named(small, 'What the machine holds');
    const wide = await small.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(wide).toBeLessThanOrEqual(0);
    await small.close();
  });
});

describe('its registers', () => {
  it('are read by another program as by ours', () => {
    const printed = execFileSync(
      'mbpoll',
      [
        '-m',
        'tcp',
        '-p',
        String(rig.modbusPort),
        '-a',
        '1',
        '-0',
        '-r',
        '100',
        '-c',
        '4',
        '-t',
        '4',
        '-1',
        '127.0.0.1',
      ],
      { encoding: 'utf8' },
    );
    expect(printed).toMatch(/\[100\]:\s+600/);
    expect(printed).toMatch(/\[101\]:\s+1000/);
    expect(printed).toMatch(/\[102\]:\s+200/);
  });
});
