import type {
  LiveMachine,
  LoggerRead,
  MachineUpkeep,
  MachineSpell,
  MachineTelemetry,
  SpellCurve,
} from '@lone-heron/contract';
import { connectAsync, type IClientOptions, type MqttClient } from 'mqtt';
import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import request from 'supertest';
import { createApp } from '../createApp.js';
import { OwnBroker } from './OwnBroker.js';
import {
  couponDraft,
  newId,
  startFileServer,
  startSampleServer,
  type SampleServer,
} from '../testing/sampleServer.js';

const password = 'a long password';
const topic = 'shop/bench/said';
const point = (key: string, path: string) => ({ key, path, scale: 1, offset: 0 });
const map = {
  ...{ format: 'lone-heron-topics', version: 1, name: 'a made-up machine' },
  topics: [
    {
      ...{ topic, time: 'at' },
      points: [
        ...[point('lightOn', 'light.on'), point('realPower', 'light.watts'), point('gasFlow', 'gas')],
        ...[point('coolant', 'coolant'), point('alarm', 'alarm')],
      ],
    },
    { topic: 'shop/bench/holder', time: '', points: [point('windowHolder', '')] },
  ],
  alarms: [{ code: 31, said: 'no gas', means: ['gasAtTheGun'] }],
};
const telemetry = (changes: object = {}) => ({
  ...{ isOn: true, broker: { is: 'own', user: 'bench-unit' }, password, silenceS: 2, map },
  ...changes,
});

let server: SampleServer;
let revision = 0;
const clients: MqttClient[] = [];
beforeAll(async () => {
  server = await startSampleServer();
});
afterEach(async () => {
  for (const client of clients.splice(0)) await client.endAsync(true);
});
afterAll(() => server.stop());

const saveAs = (asked: number, draft: object) =>
  server.http.put(`/api/machines/bench/telemetry/revisions/${asked}`).send(draft);
/** The next revision. */
async function save(changes: object = {}): Promise<MachineTelemetry> {
  revision += 1;
  // A map of another name is listened to with a new ear.
  const named = { map: { ...map, name: `revision ${revision}` } };
  const { body } = await saveAs(revision, telemetry({ ...named, ...changes })).expect(200);
  return body as MachineTelemetry;
}
const get = async <Body>(path: string): Promise<Body> =>
  (await server.http.get(`/api/${path}`).expect(200)).body as Body;
const live = async () => (await get<LiveMachine[]>('live'))[0] as LiveMachine;
const spells = () => get<MachineSpell[]>('spells/of/bench');

/** Asks until it is so: messages come when they come. */
async function until<Found>(ask: () => Promise<Found | undefined | false>): Promise<Found> {
  for (;;) {
    const found = await ask();
    if (found !== undefined && found !== false) return found;
    // The server bounds how often one address may ask.
    await pause(lookEvery);
  }
}
/** ms. */
const lookEvery = 50;

async function connect(options: IClientOptions = {}): Promise<MqttClient> {
  const port = await until(async () => (await get<LiveMachine[]>('live'))[0]?.brokerPort ?? undefined);
  const client = await connectAsync({
    ...{ host: '127.0.0.1', port, username: 'bench-unit', password, reconnectPeriod: 0 },
    ...options,
  });
  clients.push(client);
  client.on('error', () => {});
  return client;
}

/** Says a second of light and a half, a sample each tenth. */
async function weld(client: MqttClient, watts = 600, from = Date.now() - 5000): Promise<void> {
  for (let tenth = 0; tenth <= 15; tenth += 1) {
    const isOn = tenth < 15;
    const said = {
      at: from + 100 * tenth,
      light: { on: isOn, watts: isOn ? watts : 0 },
      gas: 12,
      coolant: 23,
    };
    await client.publishAsync(topic, JSON.stringify(said), { qos: 1 });
  }
  // A pause of more than a second ends it.
  await client.publishAsync(topic, JSON.stringify({ at: from + 3000, light: { on: false } }), { qos: 1 });
}
/** The first that ends by what is welded in the test. */
const firstSpell = () => until(async () => (await live()).last ?? undefined);

describe('what is listened to', () => {
  it('is said by a lead, and its password stays with the server', async () => {
    expect(await save()).toMatchObject({ revision: 1, hasPassword: true, password: '', savedBy: 'ines' });
    expect(JSON.stringify(await get('machines/bench/telemetry'))).not.toContain(password);
    await save({ password: '', silenceS: 3 });
    await connect();
    const welder = await server.desk('maren');
    await welder.put('/api/machines/bench/telemetry/revisions/3').send(telemetry()).expect(403);
  });

  it.each([
    [{ password: 'short' }, '12 characters'],
    [{ silenceS: 0 }, '0.5 to 60'],
    [{ broker: { is: 'own', user: 'Bench unit' } }, 'small letters, digits and dashes'],
    [
      { map: { ...map, topics: [{ topic: 'a/+', time: '', points: [point('gasFlow', '')] }] } },
      'without + or #',
    ],
    [{ map: { ...map, topics: [...map.topics, map.topics[0]] } }, 'each topic once'],
    [{ map: { ...map, alarms: [map.alarms[0], map.alarms[0]] } }, 'each alarm once'],
    [{ broker: { is: 'other', host: 'http://x/', port: 1883, user: '' } }, 'without port or path'],
  ])('that cannot be is refused: %j', async (changes, allowed) => {
    const { body } = (await saveAs(revision + 1, telemetry(changes)).expect(422)) as { body: object };
    expect(JSON.stringify(body)).toContain(allowed);
  });
});

it('of a machine that nobody has given a password is wanted for our broker', async () => {
  const { body } = (await server.http
    .put('/api/machines/barrow/telemetry/revisions/1')
    .send(telemetry({ password: '', broker: { is: 'own', user: 'barrow' } }))
    .expect(422)) as { body: object };
  expect(JSON.stringify(body)).toContain('a password of 12 characters or more');
});

it('has a user that no other machine has', async () => {
  const draft = telemetry({ broker: { is: 'own', user: 'bench-unit' } });
  const { body } = (await server.http
    .put('/api/machines/barrow/telemetry/revisions/1')
    .send(draft)
    .expect(422)) as { body: object };
  expect(JSON.stringify(body)).toContain('the bench unit has that one');
});

describe('a machine at our broker', () => {
  beforeEach(() => save());

  it('is heard, and its spell of light is kept with its curve', async () => {
    await weld(await connect());
    const spell = await firstSpell();
    expect(spell).toMatchObject({ machineId: 'bench', source: 'mqtt', isTaken: false });
    expect(spell.figures.litS).toBeCloseTo(1.5, 6);
    expect(spell.figures.powerW).toBeCloseTo(600, 6);
    expect(spell.figures).toMatchObject({ coolantMostC: 23, holderMostC: null, isBroken: false });
    const [curve] = await get<SpellCurve[]>(`spells/${spell.id}/curve`);
    expect(curve?.means.realPower).toEqual(Array.from({ length: 15 }, () => 600));
    expect((await server.http.get(`/api/spells/${spell.id}/curve.csv`).expect(200)).text).toMatch(
      /^s,samples,power W,.*\n0,1,600,/,
    );
    const { values, lit, last, faults } = await live();
    expect(values.find(({ key }) => key === 'coolant')?.value).toBe(23);
    expect(lit).toBeNull();
    expect(last?.id).toBe(spell.id);
    expect(faults).toMatchObject({ jumps: 0, late: 0, unread: 0 });
  });

  it('that says nonsense is put up with, and said to', async () => {
    const client = await connect();
    await client.publishAsync(topic, '{"light":', { qos: 1 });
    await client.publishAsync(topic, JSON.stringify({ gas: 9000 }), { qos: 1 });
    await client.publishAsync('shop/bench/holder', '41.5', { qos: 1 });
    const { faults, values } = await until(async () => {
      const now = await live();
      return now.values.length > 0 && now;
    });
    expect(faults.unread).toBe(2);
    expect(faults.lastUnread).toContain('gas flow 9000 L/min is not 0 to 60');
    expect(values.map(({ key, value }) => [key, value])).toEqual([['windowHolder', 41.5]]);
  });

  it('has its alarm said in the words of its map, with what it means', async () => {
    const client = await connect();
    await client.publishAsync(topic, JSON.stringify({ at: Date.now(), alarm: 31 }), { qos: 1 });
    const { alarm } = await until(async () => {
      const now = await live();
      return now.alarm !== null && now;
    });
    expect(alarm).toMatchObject({ code: 31, said: 'no gas', means: ['gasAtTheGun'] });
    await client.publishAsync(topic, JSON.stringify({ at: Date.now() + 100, alarm: 0 }), { qos: 1 });
    await until(async () => (await live()).alarm === null);
  });

  it.each([
    ['another password', { password: 'another long one' }],
    ['no password', { password: '' }],
    ['a name that nobody has', { username: 'nobody' }],
    ['a machine that is not listened to', { username: 'barrow' }],
  ])('is not let in with %s', async (_, options) => {
    await connect();
    await expect(connect(options)).rejects.toThrow(/Not authorized|Bad/i);
  });

  it('says nothing for another, and hears nothing but itself', async () => {
    const client = await connect({ protocolVersion: 4 });
    const heard: string[] = [];
    client.on('message', (on) => heard.push(on));
    await expect(client.subscribeAsync('#')).rejects.toThrow('Subscribe error');
    await client.subscribeAsync(topic);
    await client.publishAsync(topic, JSON.stringify({ coolant: 22 }), { qos: 1 });
    await until(async () => {
      await live();
      return heard.length > 0;
    });
    // Whoever speaks for another is sent away.
    client.publish('shop/barrow/said', '{}');
    await until(async () => {
      await live();
      return !client.connected;
    });
    expect(heard).toEqual([topic]);
  });

  it('is let go once nobody listens any more, and what was heard stays', async () => {
    const client = await connect();
    await weld(client);
    await firstSpell();
    const before = (await spells()).length;
    await save({ isOn: false, password: '' });
    await until(async () => (await get<LiveMachine[]>('live')).length === 0);
    await until(async () => {
      await get('live');
      return !client.connected;
    });
    expect(await spells()).toHaveLength(before);
  });

  it('counts towards the window and stays with the coupon that takes it', async () => {
    await weld(await connect());
    const { id: spellId, figures } = await firstSpell();
    const id = newId();
    const heard = {
      ...{ spellIds: [spellId], litS: figures.litS, powerW: figures.powerW, gasLMin: figures.gasLMin },
      ...{ coolantMostC: figures.coolantMostC, holderMostC: figures.holderMostC },
    };
    const draft = couponDraft({ heard, weldedAt: new Date().toISOString() });
    await server.http.put(`/api/coupons/${id}`).send(draft).expect(201);
    await server.http.put(`/api/coupons/${id}`).send(draft).expect(200);
    expect(await get(`spells/taken/${id}`)).toMatchObject([{ id: spellId, figures }]);
    expect((await spells()).find(({ id: each }) => each === spellId)?.isTaken).toBe(true);
    expect((await get<{ heard: object }>(`coupons/${id}`)).heard).toEqual(heard);
    const isTaken = async () => (await spells()).find(({ id: each }) => each === spellId)?.isTaken;
    // Taken back, or amended to go without it, the coupon lets it go; put in again it has it as before.
    await server.http.put(`/api/coupons/${id}/withdrawal`).expect(200);
    expect(await isTaken()).toBe(false);
    await server.http.delete(`/api/coupons/${id}/withdrawal`).expect(200);
    expect(await isTaken()).toBe(true);
    const { heard: _, ...without } = draft;
    const amend = (revision: number, changed: object) =>
      server.http
        .put(`/api/coupons/${id}/revisions/${revision}`)
        .send({ draft: changed, why: 'another weld' });
    await amend(2, without).expect(200);
    expect(await isTaken()).toBe(false);
    expect(await get(`spells/taken/${id}`)).toEqual([]);
    await amend(3, draft).expect(200);
    expect(await isTaken()).toBe(true);
  });
});

describe('a machine at the shop’s own broker', () => {
  const guest = { user: 'heron', machineId: 'heron', password, topics: new Set([topic]) };
  const openAt = (port: number) =>
    OwnBroker.open(
      { host: '127.0.0.1', port },
      (user) => (user === 'heron' ? guest : undefined),
      () => {},
    );
  const say = async (port: number, coolant: number) => {
    const machine = await connectAsync({
      host: '127.0.0.1',
      port,
      username: 'heron',
      password,
      reconnectPeriod: 0,
    });
    clients.push(machine);
    machine.on('error', () => {});
    await machine.publishAsync(topic, JSON.stringify({ coolant }), { qos: 1 });
  };
  const coolant = async () => (await live()).values.find(({ key }) => key === 'coolant')?.value;

  it('is heard there; where the broker goes away it is said, and heard again once it is back', async () => {
    const broker = await openAt(0);
    const { port } = broker;
    await save({ broker: { is: 'other', host: '127.0.0.1', port, user: 'heron' } });
    // What it keeps from us is said, and the rest is heard.
    await until(
      async () => (await live()).away === 'The broker lets nobody hear shop/bench/holder from here.',
    );
    await say(port, 21);
    await until(async () => (await coolant()) === 21);
    for (const client of clients.splice(0)) await client.endAsync(true);
    await broker.close();
    await until(async () => (await live()).away.includes(`The broker at 127.0.0.1:${port} is away`));
    const back = await openAt(port);
    await until(async () => !(await live()).away.includes('is away'));
    await say(port, 22);
    await until(async () => (await coolant()) === 22);
    await back.close();
  });

  it('that is no address of the shop’s networks is not called', async () => {
    await save({ broker: { is: 'other', host: '203.0.113.7', port: 1883, user: '' } });
    await until(async () => (await live()).away.includes('no address of this shop'));
  });
});

describe('a meter', () => {
  const send = (samples: unknown, word = password) =>
    request(server.app.getHttpServer())
      .post('/api/meters/bench-unit/samples')
      .set('Authorization', `Bearer ${word.replaceAll(' ', '-')}`)
      .send(samples as object);
  const moment = (ms: number) => new Date(Date.UTC(2026, 0, 5, 9) + ms).toISOString();

  beforeEach(() => save({ password: password.replaceAll(' ', '-') }));

  it('says when the light was on, many samples at once', async () => {
    await until(async () => (await get<LiveMachine[]>('live')).length > 0);
    const samples = Array.from({ length: 30 }, (_, at) => ({
      at: moment(500 * at),
      values: { lightOn: at >= 4 && at < 14 ? 1 : 0 },
    }));
    expect((await send(samples).expect(200)).body).toEqual({ taken: 30, leftOut: 0 });
    const spell = await firstSpell();
    expect(spell.figures.litS).toBeCloseTo(5, 6);
    expect(spell).toMatchObject({ source: 'http', figures: { powerW: null } });
  });

  it('is refused without the password before anything of it is read, and field by field where it cannot be', async () => {
    await until(async () => (await get<LiveMachine[]>('live')).length > 0);
    await send([{ values: { lightOn: 1 } }], 'another-password').expect(401);
    await request(server.app.getHttpServer()).post('/api/meters/bench-unit/samples').send([]).expect(401);
    const { body } = (await send([{ values: { lightOn: 1 } }, { values: { coolant: 900 } }]).expect(422)) as {
      body: object;
    };
    expect(JSON.stringify(body)).toContain('a number from -10 to 90 °C');
  });
});

describe('a data logger’s file', () => {
  const put = (path: string, text: string, query: object = {}) =>
    server.http
      .put(`/api/logged-light/barrow/${path}`)
      .query(query)
      .set('Content-Type', 'application/octet-stream')
      .send(Buffer.from(text));
  const clock = (second: number) => new Date(Date.UTC(2026, 8, 3, 9, 0, second)).toISOString();
  /** Ten seconds of light in a minute, a row each second, volts. */
  const file = (separator = ',', decimal = '.') =>
    [
      ['time', 'light', 'power'].join(separator),
      ...Array.from({ length: 60 }, (_, second) => {
        const volts = (second >= 20 && second < 30 ? '4.8' : '0.1').replace('.', decimal);
        return [clock(second), volts, second >= 20 && second < 30 ? '700' : '0'].join(separator);
      }),
      '',
    ].join('\n');

  it('is looked at, stored once, and counts towards the machine', async () => {
    const { body } = (await put('preview', file(), { from: 2.5 }).expect(200)) as { body: LoggerRead };
    expect(body).toMatchObject({
      time: 'time',
      light: 'light',
      power: 'power',
      rows: 60,
      unread: 0,
      spells: 1,
    });
    expect(body).toMatchObject({ isNew: 1, litS: 10, newest: [{ figures: { litS: 10, powerW: 700 } }] });
    expect((await put('stored', file(), { from: 2.5 }).expect(200)).body).toMatchObject({ isNew: 1 });
    expect((await put('stored', file(), { from: 2.5 }).expect(200)).body).toMatchObject({ isNew: 0 });
  });

  it('adds nothing where the same light is there by another clock, and reads nothing that lies ahead', async () => {
    const shifted = await put('stored', file(), { from: 2.5, aheadS: 4 }).expect(200);
    expect(shifted.body).toMatchObject({ spells: 1, isNew: 0 });
    const years = file().replaceAll('2026-09', '2036-09');
    const { body } = (await put('preview', years, { from: 2.5 }).expect(200)) as { body: LoggerRead };
    expect(body).toMatchObject({ spells: 0, unread: 60 });
    expect(body.firstUnread).toContain('lies ahead');
  });

  it('makes what goes by light due sooner', async () => {
    const share = async () => {
      const all = await get<MachineUpkeep[]>('upkeep');
      const { standings = [] } = all.find(({ plan }) => plan.machineId === 'barrow') ?? {};
      return standings.find(({ taskId }) => taskId === 'window-look')?.share ?? Number.NaN;
    };
    const yesterday = Date.now() - 86_400_000;
    const doneAt = new Date(yesterday - 86_400_000).toISOString();
    const detail = { kind: 'upkeep', taskId: 'window-look', value: '', photoId: null, doneAt };
    const record = { machineId: 'barrow', detail, note: 'written down later' };
    await server.http.put(`/api/records/${newId()}`).send(record).expect(200);
    const before = await share();
    const rows = Array.from({ length: 721 }, (_, ten) =>
      [new Date(yesterday + 10_000 * ten).toISOString(), ten < 720 ? 1 : 0].join(','),
    );
    const { body } = (await put('stored', ['at,on', ...rows].join('\n')).expect(200)) as { body: LoggerRead };
    expect(body).toMatchObject({ spells: 4, litS: 7200 });
    // Two hours more of the four after which it is looked at.
    expect((await share()) - before).toBeCloseTo(0.5, 2);
  });

  it('with semicolons and decimal commas is the same file', async () => {
    expect((await put('preview', file(';', ','), { from: 2.5 }).expect(200)).body).toMatchObject({
      ...{ isNew: 0, litS: 10 },
    });
  });

  it('says which rows it cannot read, and which columns it has', async () => {
    const broken = file()
      .replace(`${clock(3)},0.1`, 'noon,0.1')
      .replace(`${clock(4)},0.1`, `${clock(4)},much`);
    expect((await put('preview', broken, { from: 2.5 }).expect(200)).body).toMatchObject({
      ...{
        unread: 2,
        firstUnread: 'row 4: “noon” is no time; allowed is 2026-11-24 09:30:00, or seconds since 1970',
      },
    });
    const named = file().replace('light', 'channel 1');
    expect(JSON.stringify((await put('preview', named).expect(422)).body)).toContain('channel 1');
    expect((await put('preview', named, { light: 'channel 1', from: 2.5 }).expect(200)).body).toMatchObject({
      ...{ spells: 1 },
    });
    await put('preview', '').expect(422);
  });
});

describe('the file of what machines say', () => {
  it('that cannot be read is set aside, and another is begun', async () => {
    const { place, folder, stop } = await startFileServer();
    await stop();
    mkdirSync(folder);
    writeFileSync(
      join(folder, 'telemetry.sqlite'),
      'no database at all, and longer than a header has to be. '.repeat(40),
    );
    const app = await createApp({ place, webFolder: null, isOnNetwork: false, tls: null });
    try {
      await request(app.getHttpServer()).get('/api/live').expect(200, []);
      expect(readdirSync(folder).some((name) => name.startsWith('telemetry.sqlite.unreadable-'))).toBe(true);
    } finally {
      await app.close();
      rmSync(folder, { recursive: true });
    }
  });
});
