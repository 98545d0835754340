import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { keepingSchema, samplePin, type Problem } from '@lone-heron/contract';
import request from 'supertest';
import { createApp } from '../createApp.js';
import { shopIn } from '../storage/ShopPlace.js';
import { markReadOnly } from '../storage/readOnlyMark.js';
import { couponWithPhoto } from '../testing/couponWithPhoto.js';
import { couponDraft, newId, startFileServer } from '../testing/sampleServer.js';
import { isOnReadOnlyDisk, readingCopy } from './readingCopy.js';

const refusing = (code: string) => () => {
  throw Object.assign(new Error(code), { code });
};

describe('a disk that takes nothing', () => {
  const folder = mkdtempSync(join(tmpdir(), 'heron-closed-'));
  afterAll(() => rmSync(folder, { recursive: true }));

  it('is told from one that is written, an empty one, and one whose rights are missing', () => {
    expect(isOnReadOnlyDisk(folder, refusing('EROFS'))).toBe(false);
    writeFileSync(join(folder, 'heron.sqlite'), '');
    expect(isOnReadOnlyDisk(folder, refusing('EROFS'))).toBe(true);
    expect(isOnReadOnlyDisk(folder, refusing('EACCES'))).toBe(false);
    expect(isOnReadOnlyDisk(folder)).toBe(false);
  });

  it('lets its shop be read, photos too, while nothing is saved and that is told', async () => {
    const shop = await startFileServer();
    const { hash } = await couponWithPhoto(shop.http);
    const total = ((await shop.http.get('/api/coupons?limit=1')).body as { total: number }).total;
    const copy = readingCopy(shop.folder);
    markReadOnly(copy);
    const app = await createApp({ place: shopIn(copy), webFolder: null, isOnNetwork: false, tls: null });
    const desk = request.agent(app.getHttpServer()).set('X-Lone-Heron', '1');
    await desk.put('/api/session').send({ personId: 'ines', pin: samplePin }).expect(200);
    expect((await desk.get('/api/coupons?limit=1').expect(200)).body).toMatchObject({ total });
    await desk.get(`/api/photos/${hash}`).expect(200);
    const refused = await desk.put(`/api/coupons/${newId()}`).send(couponDraft()).expect(507);
    expect((refused.body as Problem).detail).toContain('It cannot be written');
    expect((await desk.get('/api/coupons?limit=1').expect(200)).body).toMatchObject({ total });
    expect(keepingSchema.parse((await desk.get('/api/health/keeping')).body).isReadOnly).toBe(true);
    await app.close();
    rmSync(copy, { recursive: true });
    expect(existsSync(join(shop.folder, 'photos'))).toBe(true);
    await shop.stop();
  });
});
