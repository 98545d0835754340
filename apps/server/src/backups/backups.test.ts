import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { backupsKept, type Backup, type Backups, type CouponPage } from '@lone-heron/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import Database from 'better-sqlite3';
import { unzipSync, zipSync } from 'fflate';
import sharp from 'sharp';
import request from 'supertest';
import { DataSource } from 'typeorm';
import { lockFolder } from '../start/folderLock.js';
import { createApp } from '../createApp.js';
import { hashOf, PhotoFiles } from '../photos/face/photoFiles.js';
import { namedPhotos } from '../photos/face/namedPhotos.js';
import { shopIn } from '../storage/ShopPlace.js';
import { couponWithPhoto } from '../testing/couponWithPhoto.js';
import {
  couponDraft,
  newId,
  startFileServer,
  startSampleServer,
  type SampleServer,
} from '../testing/sampleServer.js';
import { checkBackup } from './checkBackup.js';
import { expiredBackups, isBackupDue } from './expiredBackups.js';
import { photosNamed } from './photosNamed.js';
import { restoreBackup, stageBackup } from './restoreBackup.js';
import { exchangeShops, finishRestore } from './restoreJournal.js';
import { writeBackup } from './writeBackup.js';

let server: SampleServer;
let folder: string;
beforeAll(async () => {
  server = await startSampleServer();
  folder = mkdtempSync(join(tmpdir(), 'heron-restore-'));
  await couponWithPhoto(server.http);
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
const pathOf = ({ file }: Backup) => join(server.folder, 'backups', file);
/** A backup as it is taken away: one file with everything. */
const wholeFile = async ({ id }: Backup) =>
  (await server.http.get(`/api/backups/${id}/file`).responseType('blob').expect(200)).body as Buffer;
const freshFolder = (name: string) => {
  const path = join(folder, name);
  mkdirSync(path);
  return path;
};
const opened = (dataFolder: string): Promise<NestExpressApplication> =>
  createApp({
    place: shopIn(dataFolder),
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
    expect(backup.counts).toMatchObject({ machines: 3, photos: 2 });
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

describe('a backup of a shop that lost photos', () => {
  it('has the rest, names what is lost, and is restored', async () => {
    const damaged = mkdtempSync(join(folder, 'damaged-'));
    await restoreBackup(pathOf(await make()), damaged, new Date());
    const photos = new PhotoFiles(join(damaged, 'photos'));
    const [gone, flipped] = photoHashesOf(damaged);
    rmSync(photos.pathOf(gone ?? ''));
    const bytes = readFileSync(photos.pathOf(flipped ?? ''));
    bytes[20] = (bytes[20] ?? 0) ^ 1;
    writeFileSync(photos.pathOf(flipped ?? ''), bytes);
    const target = join(folder, 'of-damaged.zip');
    const { lostPhotos } = await writeBackup({
      id: newId(),
      place: shopIn(damaged),
      target,
      now: new Date(),
    });
    expect(lostPhotos.toSorted()).toEqual([gone, flipped].toSorted());
    expect(await restoreBackup(target, freshFolder('rest'), new Date())).toBeNull();
    expect(readdirSync(join(damaged, 'scratch'))).toEqual([]);
  });

  const photoHashesOf = (dataFolder: string) => {
    const database = new Database(join(dataFolder, 'heron.sqlite'), { readonly: true });
    const hashes = photosNamed(database);
    database.close();
    return hashes;
  };
});

describe('a restore that is killed', () => {
  const stateOf = (dataFolder: string) =>
    Object.fromEntries(
      readdirSync(dataFolder)
        .filter((name) => name === 'heron.sqlite' || name === 'photos')
        .map((name) => [name, hashOfTree(join(dataFolder, name))]),
    );
  const hashOfTree = (path: string): string =>
    statSync(path).isDirectory()
      ? readdirSync(path)
          .map((name) => `${name} ${hashOfTree(join(path, name))}`)
          .join('\n')
      : hashOf(readFileSync(path));

  it('after any of its steps is either not begun or finished by the next start', async () => {
    const backup = pathOf(await make());
    const endings = new Set<string>();
    for (let steps = 0; ; steps++) {
      const dataFolder = freshFolder(`killed-after-${steps}`);
      writeFileSync(join(dataFolder, 'heron.sqlite'), 'what was there before');
      writeFileSync(join(dataFolder, 'heron.sqlite-wal'), 'and what was not yet in it');
      const before = stateOf(dataFolder);
      const unpacked = await stageBackup(backup, dataFolder, new Date());
      const wanted = stateOf(unpacked);
      const isDone = await isThrough(exchangeShops(dataFolder, unpacked, 'stamp', killedAfter(steps)));
      const finished = isDone ? null : await finishRestore(dataFolder);
      const after = stateOf(dataFolder);
      const isNew = isDone || existsSync(join(dataFolder, 'before-restore-stamp'));
      expect(after).toEqual(isNew ? wanted : before);
      const left = readdirSync(dataFolder).toSorted();
      expect(left.filter((name) => name.startsWith('restor'))).toEqual([]);
      if (isNew)
        expect(readdirSync(join(dataFolder, 'before-restore-stamp'))).toEqual([
          'heron.sqlite',
          'heron.sqlite-wal',
        ]);
      endings.add(isDone ? 'done' : isNew ? 'finished' : 'not begun');
      expect(finished !== null && !isNew).toBe(false);
      if (isDone) break;
    }
    expect([...endings]).toEqual(['not begun', 'finished', 'done']);
  });

  async function isThrough(exchange: Promise<unknown>): Promise<boolean> {
    try {
      await exchange;
      return true;
    } catch (fault) {
      expect((fault as Error).message).toBe('killed');
      return false;
    }
  }

  /** Stands for a kill: after so many steps none is made any more. */
  function killedAfter(steps: number) {
    let made = 0;
    return () => {
      if (made++ === steps) throw new Error('killed');
    };
  }
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
    const lock = lockFolder(server.folder);
    await expect(restoreBackup(pathOf(backup), server.folder, new Date())).rejects.toThrow(
      'is being served already',
    );
    lock.release();
  });

  it('of a broken, changed, foreign or newer backup changes nothing and says why', async () => {
    const whole = await wholeFile(await make());
    const files = unzipSync(whole);
    const photo = Object.keys(files).find((name) => name.startsWith('photos/')) ?? '';
    const contents = JSON.parse(Buffer.from(files['backup.json'] ?? []).toString()) as object;
    const json = (changes: object) => Buffer.from(JSON.stringify({ ...contents, ...changes }));
    const { [photo]: _left, ...without } = files;
    const cases: readonly (readonly [Uint8Array, string])[] = [
      [whole.subarray(0, whole.length / 2), 'cannot be read as a ZIP'],
      [zipSync({ 'notes.txt': Buffer.from('hello') }), 'has no backup.json'],
      [zipSync({ ...files, 'backup.json': json({ version: 3 }) }), 'this version reads up to 2'],
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
    expect(readdirSync(dataFolder)).toEqual(['in-use.lock']);
  });
});

describe('photos of backups', () => {
  const pool = () => new PhotoFiles(join(server.folder, 'backups', 'photos'));
  const hashes = async () => [...(await namedPhotos(server.app.get(DataSource).manager))];

  it('lie beside them, written once however many backups share them', async () => {
    const first = await make();
    const written = (await hashes()).map((hash) => statSync(pool().pathOf(hash)).ino);
    expect(written.length).toBeGreaterThan(1);
    const second = await make();
    expect([first.photosLie, second.photosLie]).toEqual(['beside', 'beside']);
    expect((await hashes()).map((hash) => statSync(pool().pathOf(hash)).ino)).toEqual(written);
    expect(
      Object.keys(unzipSync(readFileSync(pathOf(second)))).some((name) => name.startsWith('photos/')),
    ).toBe(false);
  });

  it('come back with them, from beside or from the one file that is taken away', async () => {
    const backup = await make();
    const away = join(freshFolder('away'), 'away.zip');
    writeFileSync(away, await wholeFile(backup));
    for (const [name, file] of [
      ['from beside', pathOf(backup)],
      ['from away', away],
    ] as const) {
      const dataFolder = freshFolder(name);
      await restoreBackup(file, dataFolder, new Date());
      const restored = new PhotoFiles(join(dataFolder, 'photos'));
      for (const hash of await hashes()) expect(hashOf((await restored.read(hash)) as Buffer)).toBe(hash);
    }
  });

  it('that are damaged or gone beside a backup are named, and put nothing in place', async () => {
    const backup = await make();
    const [one = '', other = ''] = await hashes();
    const bytes = readFileSync(pool().pathOf(one));
    writeFileSync(pool().pathOf(one), 'another picture');
    await expect(checkBackup(pathOf(backup))).rejects.toThrow(`${one} beside it is changed`);
    writeFileSync(pool().pathOf(one), bytes);
    rmSync(pool().pathOf(other));
    await expect(restoreBackup(pathOf(backup), freshFolder('gone'), new Date())).rejects.toThrow(
      `${other} is missing beside it`,
    );
    await make();
    await checkBackup(pathOf(backup));
  });
});

describe('a damaged database', () => {
  it('is not copied as if it were whole, and the shop is told', async () => {
    const damaged = await startFileServer();
    await damaged.app.close();
    const bytes = readFileSync(damaged.databaseFile);
    bytes.fill(0x5a, 60 * 4096, 64 * 4096);
    writeFileSync(damaged.databaseFile, bytes);
    const order = {
      ...{ id: newId(), place: damaged.place, now: new Date() },
      target: join(folder, 'damaged.zip'),
    };
    await expect(writeBackup(order)).rejects.toThrow(/own database is damaged|malformed/);
    expect(existsSync(order.target)).toBe(false);
    rmSync(damaged.folder, { recursive: true });
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
    expect(isBackupDue([], at(9))).toBe(true);
    expect(isBackupDue([before(2, 13)], at(2))).toBe(true);
    expect(isBackupDue([before(2, 3)], at(2))).toBe(false);
    expect(isBackupDue([before(9, 13)], at(9))).toBe(false);
    expect(isBackupDue([before(9, 25)], at(9))).toBe(true);
    // One of a clock that ran ahead neither keeps the next from being made nor stands for it.
    expect(isBackupDue([before(9, -800), before(9, 25)], at(9))).toBe(true);
    expect(isBackupDue([before(9, -800)], at(9))).toBe(true);
    expect(isBackupDue([before(9, -800), before(9, 3)], at(9))).toBe(false);
  });
});
