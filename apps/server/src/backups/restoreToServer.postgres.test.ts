import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Backup, CouponPage } from '@lone-heron/contract';
import request from 'supertest';
import { createApp } from '../createApp.js';
import { PhotoFiles } from '../photos/face/photoFiles.js';
import { connectedTo } from '../storage/postgres.js';
import { couponWithPhoto } from '../testing/couponWithPhoto.js';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';
import { checkShop } from './checkShop.js';
import { restoreToServer } from './restoreToServer.js';

let server: SampleServer;
beforeEach(async () => {
  server = await startSampleServer();
});

const target = () => ({ ...server.place, url: server.place.url ?? '' });
const total = async (app = server.app) =>
  ((await request(app.getHttpServer()).get('/api/coupons?limit=1').expect(200)).body as CouponPage).total;
async function backUp(): Promise<string> {
  const { file } = (await server.http.put(`/api/backups/${newId()}`).expect(200)).body as Backup;
  return join(server.folder, 'backups', file);
}
async function dropAside(schema: string): Promise<void> {
  const client = await connectedTo(target().url);
  await client.query(`DROP SCHEMA ${schema} CASCADE`);
  await client.end();
}

describe('a backup of a shop in a server', () => {
  it('is put in the place of everything, which is kept; while it is served it is refused', async () => {
    const { hash } = await couponWithPhoto(server.http);
    const before = await total();
    const file = await backUp();
    await server.http.put(`/api/coupons/${newId()}`).send(couponDraft()).expect(201);
    await expect(restoreToServer(file, target(), new Date())).rejects.toThrow('is being served');
    await server.app.close();
    rmSync(server.place.photos, { recursive: true });
    const aside = await restoreToServer(file, target(), new Date('2026-11-30T09:00:00.000Z'));
    expect(aside).toBe('heron_before_restore_20261130t090000000z');
    const app = await createApp({ place: server.place, webFolder: null, isOnNetwork: false, tls: null });
    expect(await total(app)).toBe(before);
    expect(Buffer.isBuffer(await new PhotoFiles(server.place.photos).read(hash))).toBe(true);
    await app.close();
    const client = await connectedTo(target().url);
    const { rows } = await client.query<{ n: number }>(`SELECT count(*)::int AS n FROM ${aside}.coupon`);
    expect(rows[0]?.n).toBe(before + 1);
    await client.end();
    await dropAside(aside);
  });

  it('is not restored at the page, which says what to do', async () => {
    const backup = (await server.http.put(`/api/backups/${newId()}`).expect(200)).body as Backup;
    const id = newId();
    await server.http.put(`/api/restores/${id}/of/${backup.id}`).expect(200);
    const { body } = await server.http.put(`/api/restores/${id}/begun`).send({ pin: '2468' }).expect(409);
    expect((body as { detail: string }).detail).toContain('./heron restore FILE');
    await server.stop();
  });

  it('is looked through with all the rest of the shop', async () => {
    await backUp();
    const scratch = mkdtempSync(join(tmpdir(), 'heron-check-'));
    const found: [string, boolean][] = [];
    for await (const { of, isWell } of checkShop(server.place, scratch, new Date())) found.push([of, isWell]);
    expect(found.filter(([of]) => of !== 'disk').every(([, isWell]) => isWell)).toBe(true);
    expect(found.map(([of]) => of)).toContain('history');
    rmSync(scratch, { recursive: true });
    await server.stop();
  });
});
