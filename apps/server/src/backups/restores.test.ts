import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  backupFileType,
  keepingSchema,
  samplePin,
  type Backup,
  type BackupContents,
  type Problem,
  type RestoreBegun,
} from '@lone-heron/contract';

import { backupsHere } from './backupWork.js';
import { writeSealed } from './ageFile.js';
import { wholeBackup } from './wholeBackup.js';
import { writeBackup, type WriteBackup } from './writeBackup.js';
import { createApp } from '../createApp.js';
import { couponDraft, newId, startFileServer, type SampleServer } from '../testing/sampleServer.js';
import { PhotoCheckService } from './photoCheck.service.js';

let server: SampleServer;
let between: (() => Promise<void>) | null;
let write: WriteBackup;
beforeEach(async () => {
  between = null;
  write = writeBackup;
  server = await startFileServer({
    reopen: (step) => {
      between = step;
    },
    backups: { ...backupsHere, write: (order) => write(order) },
  });
});
afterEach(() => server.stop());

const folder = () => server.folder;
const coupon = () => server.http.put(`/api/coupons/${newId()}`).send(couponDraft()).expect(201);
const total = async (app = server.app) =>
  (
    (await (await import('supertest')).default(app.getHttpServer()).get('/api/coupons?limit=1')).body as {
      total: number;
    }
  ).total;
async function backUp(): Promise<Backup> {
  return (await server.http.put(`/api/backups/${newId()}`).expect(200)).body as Backup;
}

describe('a restore at the page', () => {
  it('shows what a kept backup holds, asks for the PIN, and puts it in the place of everything', async () => {
    await coupon();
    const before = await total();
    const backup = await backUp();
    await coupon();
    const id = newId();
    const { body } = await server.http.put(`/api/restores/${id}/of/${backup.id}`).expect(200);
    expect((body as BackupContents).counts.coupons).toBe(before);
    await server.http.put(`/api/restores/${id}/begun`).send({ pin: '86420' }).expect(401);
    const slipway = newId();
    await server.http.put(`/api/workshops/${slipway}`).send({ name: 'Slipway' }).expect(200);
    await server.http.put('/api/people/maren/role').send({ role: 'lead' }).expect(200);
    await server.http.put('/api/people/maren/workshop').send({ workshopId: slipway }).expect(200);
    // It takes every workshop's day with it.
    const ofOne = await server.desk('maren');
    await ofOne.put(`/api/restores/${id}/begun`).send({ pin: samplePin }).expect(403);
    expect(between).toBeNull();
    const begin = () => server.http.put(`/api/restores/${id}/begun`).send({ pin: samplePin });
    const twice = await Promise.all([begin(), begin()]);
    expect(twice.map(({ status }) => status).toSorted()).toEqual([200, 404]);
    const begun = twice.find(({ status }) => status === 200) ?? twice[0];
    expect(await total()).toBe(before + 1);
    await server.app.close();
    await between?.();
    const { place } = server;
    const app = await createApp({ place, webFolder: null, isOnNetwork: false, tls: null });
    expect(await total(app)).toBe(before);
    await app.close();
    expect(readdirSync(join(folder(), (begun.body as RestoreBegun).aside))).toContain('heron.sqlite');
    server = await startFileServer();
  });

  it('takes a backup from elsewhere in, and refuses what is none', async () => {
    const { file } = await backUp();
    const send = (bytes: Buffer) =>
      server.http.put(`/api/restores/${newId()}/file`).set('Content-Type', backupFileType).send(bytes);
    const bytes = readFileSync(join(folder(), 'backups', file));
    expect((await send(bytes).expect(200)).body).toMatchObject({
      is: 'open',
      contents: { format: 'lone-heron-backup' },
    });
    const { body } = await send(bytes.subarray(0, bytes.length / 2)).expect(422);
    expect((body as Problem).detail).toContain('cannot be read as a ZIP');
    await server.http.put(`/api/restores/${newId()}/begun`).send({ pin: samplePin }).expect(404);
  });

  it('opens an encrypted one with its passphrase, which is tried again and never said back', async () => {
    const passphrase = 'four herons on one leg';
    const { file, madeAt } = await backUp();
    const sealed = join(folder(), 'elsewhere.zip.age');
    await writeSealed(await wholeBackup(join(folder(), 'backups', file)), sealed, {
      passphrase,
      // As few guesses' work as the format has: a test is no attack.
      workFactor: 1,
    });
    const id = newId();
    const open = (words: unknown) =>
      server.http.put(`/api/restores/${id}/opened`).send({ passphrase: words });
    await open(passphrase).expect(404);
    const sent = await server.http
      .put(`/api/restores/${id}/file`)
      .set('Content-Type', backupFileType)
      .send(readFileSync(sealed))
      .expect(200);
    expect(sent.body).toEqual({ is: 'sealed' });
    await server.http.put(`/api/restores/${id}/begun`).send({ pin: samplePin }).expect(404);
    const wrong = (await open('five herons on one leg').expect(422)).body as Problem;
    expect(wrong.detail).toContain('the passphrase is another');
    expect(JSON.stringify(wrong)).not.toContain('five herons');
    expect(JSON.stringify((await open(77_123_456).expect(422)).body)).not.toContain('77123456');
    // Pressed twice it is opened once, and nothing of it is left over.
    for (const { status, body } of await Promise.all([open(passphrase), open(passphrase)]))
      expect([status, body]).toEqual([200, expect.objectContaining({ madeAt })]);
    expect(
      readdirSync(folder(), { recursive: true }).filter((name) =>
        /restore-.*\.(sent|opened)$/.test(String(name)),
      ),
    ).toHaveLength(1);
    await server.http.put(`/api/restores/${id}/begun`).send({ pin: samplePin }).expect(200);
    await server.app.close();
    await between?.();
    expect(readdirSync(folder()).filter((name) => name.startsWith('before-restore-'))).toHaveLength(1);
    server = await startFileServer();
  });
});

describe('how the shop is kept', () => {
  const kept = async () =>
    keepingSchema.parse((await server.http.get('/api/health/keeping').expect(200)).body);

  it('is told: the newest backup, why none was made, and what of the photos is lost', async () => {
    expect((await kept()).backup).toEqual({ newestAt: null, failure: null, secondFailure: null });
    const { madeAt } = await backUp();
    expect(await kept()).toMatchObject({ backup: { newestAt: madeAt, failure: null }, entryToCome: null });
    write = () => Promise.reject(Object.assign(new Error('no space left'), { code: 'ENOSPC' }));
    await server.http.put(`/api/backups/${newId()}`).expect(507);
    expect((await kept()).backup).toMatchObject({
      newestAt: madeAt,
      failure: expect.stringContaining('The disk is full') as string,
    });
    write = writeBackup;
    await backUp();
    expect((await kept()).backup.failure).toBeNull();
    await server.app.get(PhotoCheckService).look();
    expect((await kept()).photos).toEqual({ lookedAt: expect.any(String) as string, lost: 0 });
  });

  it('is for who may read the shop', async () => {
    const closed = await startFileServer({ isOnNetwork: true });
    await (await closed.desk(null)).get('/api/health/keeping').expect(401);
    await closed.stop();
  });
});
