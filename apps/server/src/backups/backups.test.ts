import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { backupsKept, type Backup, type Backups, type CouponPage } from '@lone-heron/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { unzipSync, zipSync } from 'fflate';
import sharp from 'sharp';
import request from 'supertest';
import { createApp } from '../createApp.js';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';
import { checkBackup } from './checkBackup.js';
import { expiredBackups, isBackupDue } from './expiredBackups.js';
import { restoreBackup } from './restoreBackup.js';

let server: SampleServer;
let folder: string;
beforeAll(async () => {
  server = await startSampleServer();
  folder = mkdtempSync(join(tmpdir(), 'heron-restore-'));
  const couponId = newId();
  await server.http.put(`/api/coupons/${couponId}`).send(couponDraft()).expect(201);
  const picture = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#c86' } })
    .png()
    .toBuffer();
  await server.http
    .put(`/api/coupons/${couponId}/photos/${newId()}?subject=face`)
    .set('Content-Type', 'image/png')
    .send(picture)
    .expect(200);
  const glass = await sharp({ create: { width: 40, height: 40, channels: 3, background: '#abc' } })
    .png()
    .toBuffer();
  await server.http
    .put(`/api/shop-photos/${newId()}?subject=glass&machineId=bench`)
    .set('Content-Type', 'image/png')
    .send(glass)
    .expect(200);
});
afterAll(async () => {
  await server.stop();
  rmSync(folder, { recursive: true });
});

const make = async (id = newId()) => (await server.http.put(`/api/backups/${id}`).expect(200)).body as Backup;
const pathOf = ({ file }: Backup) => join(dirname(server.databaseFile), 'backups', file);
const freshFolder = (name: string) => {
  const path = join(folder, name);
  mkdirSync(path);
  return path;
};
const opened = (dataFolder: string): Promise<NestExpressApplication> =>
  createApp({
    databaseFile: join(dataFolder, 'heron.sqlite'),
    webFolder: null,
    isOnNetwork: false,
    tls: null,
  });
/** What a shop answers to everything that a station asks first. */
async function answers(app: NestExpressApplication): Promise<unknown[]> {
  const asked = ['machines', 'people', 'coupons?limit=200', 'cards', 'ladders', 'house', 'windows'];
  const all = [];
  for (const path of asked)
    all.push((await request(app.getHttpServer()).get(`/api/${path}`).expect(200)).body as unknown);
  return all;
}

describe('a backup', () => {
  it('restored onto an empty machine gives the same answers, photos and all', async () => {
    const backup = await make();
    expect(backup.counts).toMatchObject({ machines: 2, photos: 2 });
    const dataFolder = freshFolder('empty');
    expect(await restoreBackup(pathOf(backup), dataFolder, new Date())).toBeNull();
    const app = await opened(dataFolder);
    const before = await answers(server.app);
    expect(await answers(app)).toEqual(before);
    const { coupons } = before[2] as CouponPage;
    const photosOf = (from: NestExpressApplication) =>
      request(from.getHttpServer()).get(`/api/coupons/${coupons[0]?.id}/photos`);
    const [photo] = (await photosOf(app)).body as { hash: string }[];
    await request(app.getHttpServer()).get(`/api/photos/${photo?.hash}`).expect(200);
    await request(app.getHttpServer()).get(`/api/photos/${photo?.hash}/small`).expect(200);
    const shopPhotos = await request(app.getHttpServer()).get('/api/machines/bench/photos').expect(200);
    const [glass] = shopPhotos.body as { hash: string }[];
    await request(app.getHttpServer()).get(`/api/photos/${glass?.hash}`).expect(200);
    await app.close();
  });

  it('made while coupons are being written has whole ones and nothing torn', async () => {
    const stop = new AbortController();
    const writing = (async () => {
      let written = 0;
      while (!stop.signal.aborted) {
        await server.http.put(`/api/coupons/${newId()}`).send(couponDraft()).expect(201);
        written++;
      }
      return written;
    })();
    const made: Backup[] = [];
    for (let i = 0; i < 4; i++) made.push(await make());
    stop.abort();
    expect(await writing).toBeGreaterThan(0);
    for (const backup of made)
      expect((await checkBackup(pathOf(backup))).counts.coupons).toBe(backup.counts.coupons);
    const counts = made.map(({ counts: { coupons } }) => coupons);
    expect(counts).toEqual(counts.toSorted((one, other) => one - other));
  });

  it('asked for twice under one id is one backup; it is listed and given as a file, to a lead alone', async () => {
    const id = newId();
    const backup = await make(id);
    expect(await make(id)).toEqual(backup);
    const { backups } = (await server.http.get('/api/backups').expect(200)).body as Backups;
    expect(backups[0]).toEqual(backup);
    const { headers } = await server.http.get(`/api/backups/${id}/file`).expect(200);
    expect(headers['content-disposition']).toContain(backup.file);
    const welder = await server.desk('maren');
    await welder.get('/api/backups').expect(403);
    await (await server.desk(null)).get(`/api/backups/${id}/file`).expect(401);
    await server.http.get(`/api/backups/${newId()}/file`).expect(404);
  });
});

describe('restoring', () => {
  it('sets what was there aside, whole', async () => {
    const dataFolder = freshFolder('full');
    writeFileSync(join(dataFolder, 'heron.sqlite'), '');
    mkdirSync(join(dataFolder, 'photos'));
    const aside = await restoreBackup(pathOf(await make()), dataFolder, new Date());
    expect(readdirSync(aside ?? '')).toEqual(['heron.sqlite', 'photos']);
    expect(readdirSync(dataFolder).filter((name) => name.startsWith('restoring'))).toEqual([]);
  });

  it('is refused while the shop is served', async () => {
    const backup = await make();
    await expect(restoreBackup(pathOf(backup), dirname(server.databaseFile), new Date())).rejects.toThrow(
      'is being served',
    );
  });

  it('of a broken, changed, foreign or newer backup changes nothing and says why', async () => {
    const whole = readFileSync(pathOf(await make()));
    const files = unzipSync(whole);
    const photo = Object.keys(files).find((name) => name.startsWith('photos/')) ?? '';
    const contents = JSON.parse(Buffer.from(files['backup.json'] ?? []).toString()) as object;
    const json = (changes: object) => Buffer.from(JSON.stringify({ ...contents, ...changes }));
    const { [photo]: _left, ...without } = files;
    const cases: readonly (readonly [Uint8Array, string])[] = [
      [whole.subarray(0, whole.length / 2), 'cannot be read as a ZIP'],
      [zipSync({ 'notes.txt': Buffer.from('hello') }), 'has no backup.json'],
      [zipSync({ ...files, 'backup.json': json({ version: 2 }) }), 'this version reads up to 1'],
      [zipSync({ ...files, 'backup.json': Buffer.from('{') }), 'cannot be read'],
      [zipSync(without), 'is missing from it'],
      [zipSync({ ...files, [photo]: Buffer.from('another') }), 'in it is changed'],
      [zipSync({ ...files, 'heron.sqlite': Buffer.from('no database') }), 'Its database cannot be opened'],
    ];
    const file = join(folder, 'given.zip');
    for (const [bytes, why] of cases) {
      writeFileSync(file, bytes);
      await expect(checkBackup(file)).rejects.toThrow(why);
    }
    writeFileSync(file, zipSync(without));
    const dataFolder = freshFolder('untouched');
    await expect(restoreBackup(file, dataFolder, new Date())).rejects.toThrow('is missing from it');
    expect(readdirSync(dataFolder)).toEqual([]);
  });
});

describe('keeping backups', () => {
  const now = Date.parse('2026-11-25T10:00:00.000Z');
  const daysAgo = (days: number) => ({ madeAt: new Date(now - days * 24 * 3600 * 1000).toISOString() });

  it('drops those past the number and past the age, but never the newest few', () => {
    const daily = Array.from({ length: 20 }, (_, day) => daysAgo(day));
    expect(expiredBackups(daily.toReversed(), now)).toEqual(daily.slice(backupsKept.most));
    const old = [daysAgo(100), daysAgo(200), daysAgo(300), daysAgo(400)];
    expect(expiredBackups(old, now)).toEqual([daysAgo(400)]);
  });

  it('is due at night, or after a day where the shop is shut at night, and at once where there is none', () => {
    const at = (hour: number) => new Date(2026, 10, 25, hour);
    const before = (hour: number, hours: number) =>
      new Date(at(hour).getTime() - hours * 3600 * 1000).toISOString();
    expect(isBackupDue(null, at(9))).toBe(true);
    expect(isBackupDue(before(2, 13), at(2))).toBe(true);
    expect(isBackupDue(before(2, 3), at(2))).toBe(false);
    expect(isBackupDue(before(9, 13), at(9))).toBe(false);
    expect(isBackupDue(before(9, 25), at(9))).toBe(true);
  });
});
