import type { Change, Coupon, CouponPage, LiveMachine, Machine } from '@lone-heron/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import request from 'supertest';
import { DataSource } from 'typeorm';
import { brokenLink, type HistoryLine } from '../changes/face/historyChain.js';
import { createApp } from '../createApp.js';
import { moveShop } from '../move/face/moveShop.js';
import { NewsService } from '../news/news.service.js';
import { openShop } from '../start/openShop.js';
import {
  couponDraft,
  newId,
  startSampleServer,
  windowChange,
  type Desk,
  type SampleServer,
} from '../testing/sampleServer.js';
import { folderPlace } from '../testing/testPlace.js';
import { whileNobodyServes } from './servedLock.js';
import { WriteQueue } from './writeQueue.js';

/** Two servers over one database. */

let one: SampleServer;
let other: NestExpressApplication;
let desk: Desk;
beforeEach(async () => {
  one = await startSampleServer();
  other = await createApp({ place: one.place, webFolder: null, isOnNetwork: false, tls: null });
  desk = request.agent(other.getHttpServer()).set('X-Lone-Heron', '1');
  await desk.put('/api/session').send({ personId: 'maren', pin: '2468' }).expect(200);
});
afterEach(async () => {
  await other.close();
  await one.stop();
});

const address = () => one.place.url ?? '';
async function asAdmin(statement: string): Promise<void> {
  const client = new pg.Client({ connectionString: address() });
  await client.connect();
  try {
    await client.query(statement);
  } finally {
    await client.end();
  }
}
/** Every connection to the shop breaks, as where its server is stopped and started. */
const breakConnections = () =>
  asAdmin(
    'SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = current_database() AND pid <> pg_backend_pid()',
  );
const heard = (app: NestExpressApplication, kind: string) =>
  new Promise<string>((resolve) => {
    app.get(NewsService).all.subscribe(({ kinds, page }) => {
      if (kinds.some((each) => each === kind)) resolve(page);
    });
  });
const total = async (at: Desk) =>
  ((await at.get('/api/coupons?limit=1').expect(200)).body as CouponPage).total;

/** How the bench unit is listened to, as a lead says it at the first server. */
async function setTelemetry(): Promise<void> {
  const topic = { topic: 'bench', time: '', points: [{ key: 'lightOn', path: 'on', scale: 1, offset: 0 }] };
  await one.http
    .put('/api/machines/bench/telemetry/revisions/1')
    .send({
      ...{ isOn: true, broker: { is: 'own', user: 'bench-unit' }, password: 'a-long-password', silenceS: 2 },
      map: { format: 'lone-heron-topics', version: 1, name: 'a made-up unit', topics: [topic], alarms: [] },
    })
    .expect(200);
}

describe('two servers of one shop', () => {
  it('number what both store at once without a gap, and keep one sealed history', async () => {
    const before = await total(one.http);
    const saved = await Promise.all(
      Array.from({ length: 12 }, async (_, at) => {
        const to = at % 2 === 0 ? one.http : desk;
        await one.http.put('/api/people/tobias/role').send({ role: at % 3 === 0 ? 'upkeep' : 'welder' });
        return (await to.put(`/api/coupons/${newId()}`).send(couponDraft()).expect(201)).body as Coupon;
      }),
    );
    expect(saved.map(({ number }) => number).toSorted((a, b) => a - b)).toEqual(
      Array.from({ length: 12 }, (_, at) => before + 1 + at),
    );
    const lines = await one.app
      .get(DataSource)
      .query<(HistoryLine & { hash: string })[]>(
        'SELECT at, person_id AS "personId", noun, subject_id AS "subjectId", what, hash FROM change ORDER BY id',
      );
    expect(lines.length).toBeGreaterThan(1);
    expect(brokenLink(lines)).toBeNull();
  });

  it('take the same save from either once, and refuse another one under its id', async () => {
    const id = newId();
    const draft = couponDraft();
    const answers = await Promise.all(
      [one.http, desk, one.http, desk].map((to) => to.put(`/api/coupons/${id}`).send(draft)),
    );
    expect(answers.filter(({ status }) => status === 201)).toHaveLength(1);
    await desk
      .put(`/api/coupons/${id}`)
      .send({ ...draft, remark: 'another' })
      .expect(409);
  });

  it('tell the pages of the other what was stored, and by whom', async () => {
    const coupon = heard(other, 'coupon');
    await one.http
      .put(`/api/coupons/${newId()}`)
      .set('X-Lone-Heron', 'a page of the first')
      .send(couponDraft())
      .expect(201);
    expect(await coupon).toBe('a page of the first');
  });

  it('show what the other changed: nothing that was worked out before stands', async () => {
    const lives = async (at: Desk) => (await at.get('/api/windows').expect(200)).text;
    const before = await lives(desk);
    expect(await lives(one.http)).toBe(before);
    const told = heard(other, 'window');
    await one.http.put(`/api/windows/${newId()}`).send(windowChange());
    await told;
    expect(await lives(desk)).not.toBe(before);
  });

  it('show a machine as whichever of them heard it', async () => {
    const told = heard(other, 'machine');
    await setTelemetry();
    await told;
    await request(one.app.getHttpServer())
      .post('/api/meters/bench-unit/samples')
      .set('Authorization', 'Bearer a-long-password')
      .send([{ values: { lightOn: 1, realPower: 640 } }])
      .expect(200);
    const live = async (at: Desk) =>
      ((await at.get('/api/live').expect(200)).body as LiveMachine[]).find(
        ({ machineId }) => machineId === 'bench',
      );
    const here = await live(one.http);
    let there = await live(desk);
    while (there?.heardAt !== here?.heardAt || there?.lit !== null) {
      await pause(200);
      there = await live(desk);
    }
    expect(there).toMatchObject({ values: here?.values, away: '' });
  });

  it('judge a write anew where the other wrote since it was looked at', async () => {
    const queue = one.app.get(WriteQueue);
    await queue.run(() => Promise.resolve());
    const looked = queue.writes;
    const within = () => queue.run(() => Promise.resolve(queue.writes));
    expect(await within()).toBe(looked + 1);
    const lookedAgain = queue.writes;
    await desk.put(`/api/coupons/${newId()}`).send(couponDraft()).expect(201);
    expect(await within()).not.toBe(lookedAgain + 1);
  });

  it('go on once the database is there again, and say in between that it is away', async () => {
    const before = await total(desk);
    await breakConnections();
    const statuses: number[] = [];
    const id = newId();
    // What was in the pool fails once each.
    do statuses.push((await desk.put(`/api/coupons/${id}`).send(couponDraft())).status);
    while (statuses.at(-1) !== 201 && statuses.length < 60);
    expect(new Set(statuses.slice(0, -1))).toEqual(new Set(statuses.length > 1 ? [503] : []));
    expect(statuses.at(-1)).toBe(201);
    expect(await total(desk)).toBe(before + 1);
    const told = heard(one.app, 'machine');
    // The line to each other is made anew, and whatever was missed is told.
    await told;
  });

  it('keep a shop from being moved while one serves it, and nobody begins to in the middle', async () => {
    const home = folderPlace();
    await expect(moveShop(one.place, home.place, new Date(), () => undefined)).rejects.toThrow(
      'is being served',
    );
    await home.remove();
    await other.close();
    await one.app.close();
    await whileNobodyServes(address(), async () => {
      const begun = createApp({ place: one.place, webFolder: null, isOnNetwork: false, tls: null });
      await expect(begun).rejects.toThrow('is being moved or restored');
    });
  });

  it('sort alike whatever language the database speaks', async () => {
    const rows = await one.app
      .get(DataSource)
      .query<{ collation: string; n: number }[]>(
        "SELECT collation_name AS collation, count(*) AS n FROM information_schema.columns WHERE table_schema = 'heron' AND data_type IN ('text', 'character varying') GROUP BY 1",
      );
    expect(rows.map(({ collation }) => collation)).toEqual(['C']);
  });

  it('open the same shop one after the other without a word', async () => {
    const said: string[] = [];
    const elsewhere = folderPlace();
    const place = { ...elsewhere.place, url: one.place.url };
    (await openShop(place, (line) => said.push(line))).release();
    expect(said).toEqual([]);
    await elsewhere.remove();
    const machines = (await desk.get('/api/machines').expect(200)).body as Machine[];
    expect(machines.length).toBeGreaterThan(0);
    const changes = (await desk.get('/api/changes').expect(200)).body as Change[];
    expect(Array.isArray(changes)).toBe(true);
  });
});
