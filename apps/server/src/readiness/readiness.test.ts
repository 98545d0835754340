import {
  samplePin,
  usualSequence,
  type Bottle,
  type Change,
  type Day,
  type Problem,
  type Sequence,
} from '@lone-heron/contract';
import { sampleMachines } from '../demo/sampleWorkshop.js';
import { newId, startSampleServer, type Desk, type SampleServer } from '../testing/sampleServer.js';
import { Clock } from '../time/clock.js';

let server: SampleServer;
let now: Date;
beforeEach(async () => {
  server = await startSampleServer({}, Date.parse('2026-11-25T06:00:00.000Z'));
  server.app.get(Clock).now = () => now;
  await goTo('2026-11-25T06:10:00.000Z');
  // The sample days are over before a test begins its own.
  for (const day of await latest()) if (day.closedAt === null) await finish(day);
});
afterEach(() => server.stop());

/** Another time of day, at which the lead signs in again: the session of hours ago has ended. */
async function goTo(moment: string): Promise<void> {
  now = new Date(moment);
  await server.http.put('/api/session').send({ personId: 'ines', pin: samplePin }).expect(200);
}

const latest = async () => (await server.http.get('/api/days').expect(200)).body as Day[];
const open = async (desk: Desk = server.http, machine = 'bench', id = newId()) =>
  (await desk.put(`/api/machines/${machine}/days/${id}`).expect(200)).body as Day;
const plain = { outcome: 'done', reading: { reads: 'none' }, reason: '' };
const enter = (day: Day, stepId: string, changes: object = {}, desk: Desk = server.http, id = newId()) =>
  desk.put(`/api/days/${day.id}/entries/${id}`).send({ stepId, ...plain, ...changes });

/** Readings that meet their steps on the sample machines. */
const good: Readonly<Record<string, object>> = {
  room: { reads: 'room', roomC: 19, humidityPercent: 55 },
  coolant: { reads: 'coolant', coolantC: 26 },
  bottle: { reads: 'bottle', bottleBar: 140 },
  flow: { reads: 'flow', flowLMin: 15, torchBar: 1.5, boreMm: 4 },
  none: { reads: 'none' },
};

async function walk(day: Day, steps: Day['startUp'], desk: Desk = server.http): Promise<Day> {
  let last = day;
  for (const { id, reads } of steps)
    last = (await enter(day, id, { reading: good[reads] }, desk).expect(200)).body as Day;
  return last;
}

async function finish(day: Day): Promise<void> {
  const done = new Set(day.entries.map(({ stepId }) => stepId));
  await walk(
    day,
    day.shutDown.filter(({ id }) => !done.has(id)),
  );
}

describe('a machine’s day', () => {
  it('is opened, worked and closed, with who and when at every step', async () => {
    const maren = await server.desk('maren');
    const day = await open();
    expect(day).toMatchObject({ machineId: 'bench', sequenceRevision: 0, openedBy: 'ines', closedAt: null });
    await walk(day, day.startUp, maren);
    await goTo('2026-11-25T16:00:00.000Z');
    const closed = await walk(day, day.shutDown);
    expect(closed.closedAt).toBe(now.toISOString());
    expect(closed.entries).toHaveLength(day.startUp.length + day.shutDown.length);
    expect(closed.entries[0]).toMatchObject({
      personId: 'maren',
      at: '2026-11-25T06:10:00.000Z',
      isMet: true,
    });
    await enter(day, 'laser-off').expect(409);
    expect((await open()).id).not.toBe(day.id);
  });

  it('is one record for two people who open it together', async () => {
    const maren = await server.desk('maren');
    const [mine, theirs] = await Promise.all([open(), open(maren)]);
    expect(mine.id).toBe(theirs.id);
    expect((await latest()).filter(({ closedAt }) => closedAt === null)).toHaveLength(1);
  });

  it('runs on over midnight: still the same record the next morning', async () => {
    await goTo('2026-11-25T22:30:00.000Z');
    const day = await open();
    await walk(day, day.startUp);
    await goTo('2026-11-26T05:45:00.000Z');
    expect((await open()).id).toBe(day.id);
    const closed = await walk(day, day.shutDown);
    expect([closed.openedAt.slice(0, 10), closed.closedAt?.slice(0, 10)]).toEqual([
      '2026-11-25',
      '2026-11-26',
    ]);
  });

  it('is held by coolant that is too cold, with the minutes to wait, until it is warm', async () => {
    const day = await open();
    const before = day.startUp.slice(
      0,
      day.startUp.findIndex(({ id }) => id === 'coolant-1'),
    );
    await walk(day, before);
    const cold = (await enter(day, 'coolant-1', { reading: { reads: 'coolant', coolantC: 16 } }).expect(200))
      .body as Day;
    expect(cold.entries.at(-1)).toMatchObject({
      isMet: false,
      words: expect.stringMatching(
        /5 °C below the lower limit of 21 °C: no light yet. About 9 min/,
      ) as string,
    });
    const { body } = await enter(day, 'bottle', { reading: good['bottle'] }).expect(409);
    expect((body as Problem).detail).toContain('is not met and stops the sequence');
    await enter(day, 'coolant-1', { outcome: 'skipped', reason: 'late' }).expect(409);
    await enter(day, 'coolant-1', { reading: good['coolant'] }).expect(200);
    await enter(day, 'bottle', { reading: good['bottle'] }).expect(200);
  });

  it('keeps a skipped step with its reason, and refuses one without', async () => {
    const day = await open();
    await walk(day, day.startUp.slice(0, 3));
    await enter(day, 'fire', { outcome: 'skipped' }).expect(422);
    const skipped = (
      await enter(day, 'fire', { outcome: 'skipped', reason: 'at the inspector’s' }).expect(200)
    ).body as Day;
    expect(skipped.entries.at(-1)).toMatchObject({ outcome: 'skipped', reason: 'at the inspector’s' });
  });

  it('takes an entry once however often it is sent, and never another under its id', async () => {
    const day = await open();
    const id = newId();
    await Promise.all([1, 2, 3].map(() => enter(day, 'eyewear', {}, server.http, id).expect(200)));
    expect((await latest()).find((each) => each.id === day.id)?.entries).toHaveLength(1);
    await enter(day, 'eyewear', { reason: 'other' }, server.http, id).expect(409);
  });

  it('can be taken back step by step, the last one of the evening too', async () => {
    const day = await open();
    await walk(day, day.startUp);
    await walk(day, day.shutDown);
    const last = day.shutDown.at(-1)?.id ?? '';
    const reopened = (await enter(day, last, { outcome: 'undone' }).expect(200)).body as Day;
    expect(reopened.closedAt).toBeNull();
    await enter(day, 'laser-off', { outcome: 'undone' }).expect(409);
    await enter(day, last).expect(200);
    await open();
    await enter(day, last, { outcome: 'undone' }).expect(409);
  });

  it.each([
    ['a temperature in Fahrenheit', { reads: 'coolant', coolantC: 77 }, 'a number from 0 to 60 °C'],
    ['a pressure in psi', { reads: 'bottle', bottleBar: 2000 }, 'a number from 0 to 350 bar'],
  ])('refuses %s by name', async (_, reading, allowed) => {
    const day = await open();
    const { body } = await enter(day, 'coolant-1', { reading }).expect(422);
    expect((body as Problem).errors?.[0]?.allowed).toBe(allowed);
  });

  it('notes what it read at the bottle that feeds the machine', async () => {
    const id = newId();
    const bottle = {
      gas: 'argon',
      litres: 50,
      pressureBar: 200,
      purity: '4.6',
      batch: 'K7',
      supplier: '',
      price: 61,
      machineId: 'bench',
    };
    await server.http.put(`/api/bottles/${id}`).send(bottle).expect(200);
    const day = await open();
    await walk(day, day.startUp);
    const bottles = (await server.http.get('/api/bottles').expect(200)).body as Bottle[];
    expect(bottles.find((each) => each.id === id)).toMatchObject({
      pressureBar: 140,
      readAt: now.toISOString(),
    });
  });
});

describe('a template', () => {
  const machine = sampleMachines[1];
  const usual = usualSequence(machine!.profile);
  const draft = { ...usual, startUp: usual.startUp.slice(1), note: 'eyewear is checked at the door' };
  const revise = (revision: number, body: object, desk = server.http) =>
    desk.put(`/api/machines/barrow/sequence/${revision}`).send(body);
  const current = async () =>
    (await server.http.get('/api/machines/barrow/sequence').expect(200)).body as Sequence;

  it('is ours until a lead writes one; days keep the one they were opened with', async () => {
    expect(await current()).toMatchObject({ revision: 0, startUp: usual.startUp });
    const before = await open(server.http, 'barrow');
    await revise(1, draft).expect(200);
    await revise(1, draft).expect(200);
    expect(await current()).toMatchObject({ revision: 1, startUp: draft.startUp });
    expect((await latest()).find(({ id }) => id === before.id)?.startUp).toEqual(usual.startUp);
    const changes = (await server.http.get('/api/changes')).body as Change[];
    expect(changes[0]).toMatchObject({
      noun: 'template',
      what: 'changed the start-up and shut-down of the barrow unit, revision 1: eyewear is checked at the door',
    });
  });

  it('is a conflict where somebody was quicker, and out of turn', async () => {
    await revise(1, draft).expect(200);
    await revise(1, { ...draft, note: 'mine' }).expect(409);
    await revise(3, draft).expect(409);
    await server.http.put('/api/machines/bandsaw/sequence/1').send(draft).expect(404);
  });
});
