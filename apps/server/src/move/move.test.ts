import { existsSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { Clock } from '../time/clock.js';
import { createApp } from '../createApp.js';
import { PhotoFiles } from '../photos/face/photoFiles.js';
import { openShop } from '../start/openShop.js';
import { databaseFileIn, type ShopPlace } from '../storage/ShopPlace.js';
import { telemetryRows } from '../telemetry/face/telemetryRows.js';
import { spellRow } from '../telemetry/spellRow.js';
import { TelemetryStore } from '../telemetry/TelemetryStore.js';
import { couponWithPhoto } from '../testing/couponWithPhoto.js';
import { couponDraft, newId, startFileServer } from '../testing/sampleServer.js';
import { folderPlace, testPlace, type TestPlace } from '../testing/testPlace.js';
import { moveShop } from './face/moveShop.js';

/** From a file to the engine that tests run on, and back to a file. */

const now = new Date('2026-11-30T09:00:00.000Z');
const later = new Date('2026-12-01T09:00:00.000Z');
const silent = () => undefined;
const begun = { startedAt: now.getTime(), endedAt: now.getTime() + 5000 };
const spell = {
  ...{ ...begun, curve: [] },
  figures: { lit: 5, power: 620, gas: null, coolantMost: 24, holderMost: 30, alarm: 0, isBroken: false },
};

let old: { readonly place: ShopPlace; readonly folder: string };
let next: TestPlace;
let photo: string;
beforeEach(async () => {
  const server = await startFileServer();
  await server.http
    .put(`/api/coupons/${newId()}`)
    .send(couponDraft({ remark: 'schräg, “√2”' }))
    .expect(201);
  photo = (await couponWithPhoto(server.http)).hash;
  await server.http.put('/api/people/maren/role').send({ role: 'upkeep' }).expect(200);
  await server.app.close();
  old = server;
  const store = new TelemetryStore(telemetryRows(old.place));
  await store.open();
  await store.keep(spellRow('bench', spell, 'mqtt'));
  await store.close();
  next = await testPlace();
});
afterEach(async () => {
  await next.remove();
  rmSync(old.folder, { recursive: true });
});

const asked = [
  ...[
    'machines',
    'people',
    'coupons?limit=200&sort=weldedAt',
    'coupons?words=schr',
    'cards',
    'ladders',
    'house',
  ],
  ...['windows', 'changes', 'upkeep', 'stock', 'jobs', 'bottles', 'windows/history?offset=0&limit=50'],
  ...['machines/bench/spells?from=2026-11-30T00:00:00.000Z&until=2026-12-01T00:00:00.000Z', 'exchange'],
];
async function served<Result>(
  place: ShopPlace,
  use: (app: NestExpressApplication) => Promise<Result>,
): Promise<Result> {
  (await openShop(place, silent)).release();
  const app = await createApp({ place, webFolder: null, isOnNetwork: false, tls: null });
  try {
    return await use(app);
  } finally {
    await app.close();
  }
}
const answers = (place: ShopPlace) =>
  served(place, async (app) => {
    app.get(Clock).now = () => later;
    const all: unknown[] = [];
    for (const path of asked) {
      const { status, text, body } = await request(app.getHttpServer()).get(`/api/${path}`);
      all.push([path, status, text === '' ? (body as unknown) : text]);
    }
    return all;
  });

describe('a shop that is moved', () => {
  it('is the same there: every row, answer and photo; and the same again when it comes back', async () => {
    const before = await answers(old.place);
    const there = await moveShop(old.place, next.place, now, silent);
    expect(there.spells).toBe(1);
    expect(await answers(next.place)).toEqual(before);
    expect(Buffer.isBuffer(await new PhotoFiles(next.place.photos).read(photo))).toBe(true);
    const home = folderPlace();
    try {
      const back = await moveShop(next.place, home.place, later, silent);
      expect(back.tables).toEqual(there.tables);
      expect(await answers(home.place)).toEqual(before);
    } finally {
      await home.remove();
    }
  });

  it('goes on where it is now: numbers, revisions and the sealed history', async () => {
    await moveShop(old.place, next.place, now, silent);
    await served(next.place, async (app) => {
      const desk = request.agent(app.getHttpServer()).set('X-Lone-Heron', '1');
      await desk.put('/api/session').send({ personId: 'ines', pin: '2468' }).expect(200);
      const { body: coupon } = await desk.put(`/api/coupons/${newId()}`).send(couponDraft()).expect(201);
      const { body: page } = await desk.get('/api/coupons?limit=1').expect(200);
      expect((coupon as { number: number }).number).toBe((page as { total: number }).total);
      await desk.put('/api/people/maren/role').send({ role: 'welder' }).expect(200);
    });
  });

  it('is served from where it went, and not from where it was', async () => {
    await moveShop(old.place, next.place, now, silent);
    await expect(openShop(old.place, silent)).rejects.toThrow(/was moved to .* at 2026-11-30T09:00:00\.000Z/);
    await expect(moveShop(old.place, folderPlace().place, now, silent)).rejects.toThrow('was moved to');
  });

  it('comes back to its own folder: what was left there is kept beside it', async () => {
    await moveShop(old.place, next.place, now, silent);
    await served(next.place, () => Promise.resolve());
    await moveShop(next.place, old.place, later, silent);
    expect(readdirSync(old.place.folder)).toContain('heron.sqlite.before-move-2026-12-01T09-00-00-000Z');
    expect(existsSync(join(old.place.folder, 'moved.json'))).toBe(false);
    await served(old.place, () => Promise.resolve());
    await expect(openShop(next.place, silent)).rejects.toThrow('was moved to');
  });

  it('overwrites no other, and is left as it is where it cannot be', async () => {
    await moveShop(old.place, next.place, now, silent);
    const another = await startFileServer();
    await expect(moveShop(another.place, next.place, now, silent)).rejects.toThrow(/already/);
    await another.app.close();
    await expect(moveShop(another.place, next.place, now, silent)).rejects.toThrow(/nothing is overwritten/);
    (await openShop(another.place, silent)).release();
    rmSync(another.folder, { recursive: true });
  });

  it('has to be there', async () => {
    const empty = folderPlace();
    await expect(moveShop(empty.place, next.place, now, silent)).rejects.toThrow('There is no shop in');
    expect(existsSync(databaseFileIn(empty.place.folder))).toBe(false);
    await empty.remove();
  });
});
