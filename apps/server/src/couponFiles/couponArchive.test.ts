import type {
  Coupon,
  CouponTest,
  FilePreview,
  FileProgress,
  FileRow,
  Photo,
  Problem,
} from '@lone-heron/contract';
import { strToU8, unzipSync, zipSync, type Unzipped } from 'fflate';
import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { DataSource } from 'typeorm';
import { readPeople } from '../people/face/readPeople.js';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';
import { CouponFilesService } from './couponFiles.service.js';

let server: SampleServer;
let other: SampleServer;
const couponId = newId();
const photoId = newId();
const testId = newId();

/** A shop with one coupon that has a photo and a bend that the photo shows; and one that knows nothing of it. */
beforeAll(async () => {
  server = await startSampleServer();
  other = await startSampleServer();
  const picture = await sharp({
    create: { width: 60, height: 40, channels: 3, background: '#c86' },
  })
    .png()
    .toBuffer();
  await server.http
    .put(`/api/coupons/${couponId}`)
    .send(couponDraft({ remark: 'in the ZIP' }))
    .expect(201);
  await server.http
    .put(`/api/coupons/${couponId}/photos/${photoId}?subject=test`)
    .set('Content-Type', 'image/png')
    .send(picture)
    .expect(200);
  const bend = { kind: 'bend', side: 'root', angleDeg: 120, mandrelMm: 6, brokeAt: 'notAtAll' };
  await server.http
    .put(`/api/coupons/${couponId}/tests/${testId}`)
    .send({
      detail: bend,
      result: 'holds',
      remark: '',
      doneAt: new Date().toISOString(),
      photoIds: [photoId],
    })
    .expect(200);
});
afterAll(() => Promise.all([server.stop(), other.stop()]));

async function written(): Promise<Unzipped> {
  const { body } = await server.http
    .get('/api/coupon-files/zip?machineId=bench')
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => done(null, Buffer.concat(parts)));
    })
    .expect(200);
  return unzipSync(body as Buffer);
}

const send = (to: SampleServer, path: string, bytes: Buffer) =>
  to.http.put(`/api/coupon-files/zip/${path}`).set('Content-Type', 'application/zip').send(bytes);
const preview = async (to: SampleServer, files: Unzipped) =>
  (await send(to, 'preview', Buffer.from(zipSync(files))).expect(200)).body as FilePreview;
const store = (to: SampleServer, files: Unzipped) => {
  const bytes = Buffer.from(zipSync(files));
  return send(to, `stored/${createHash('sha256').update(bytes).digest('hex')}`, bytes);
};
const json = (files: Unzipped, name: string) =>
  JSON.parse(Buffer.from(files[name] ?? []).toString()) as Record<string, unknown>[];
const changed = (files: Unzipped, name: string, change: (record: Record<string, unknown>) => object) => ({
  ...files,
  [name]: strToU8(JSON.stringify(json(files, name).map(change))),
});
const wrongIn = ({ rows }: FilePreview) => rows.filter(({ standing }) => standing === 'wrong');
const countOf = (rows: readonly FileRow[], of: FileRow['of'], standing: FileRow['standing']) =>
  rows.filter((row) => row.of === of && row.standing === standing).length;

describe('a ZIP of coupons', () => {
  it('has the coupons, their photos and their tests', async () => {
    const files = await written();
    expect(Object.keys(files).slice(0, 4)).toEqual([
      'coupons.json',
      'coupons.csv',
      'photos.json',
      'tests.json',
    ]);
    const [photo] = json(files, 'photos.json') as unknown as Photo[];
    expect(photo).toMatchObject({ id: photoId, couponId });
    expect(files[`photos/${photo?.hash}.png`]?.length).toBe(photo?.bytes);
  });

  it('says how far it has come, its pictures too', async () => {
    const bytes = Buffer.from(zipSync(await written()));
    const [by] = await readPeople(server.app.get(DataSource).manager);
    const told: FileProgress[] = [];
    await server.app
      .get(CouponFilesService)
      .preview({ format: 'zip', bytes, by: by! }, (so) => told.push(so));
    expect(new Set(told.map(({ phase }) => phase))).toEqual(new Set(['reading', 'comparing', 'pictures']));
    expect(told.filter(({ phase }) => phase === 'pictures')).toEqual([{ phase: 'pictures', done: 0, of: 1 }]);
  });

  it('is known again by the shop it came from, as nothing but duplicates', async () => {
    const { rows } = await preview(server, await written());
    expect(rows.every(({ standing }) => standing === 'duplicate')).toBe(true);
    expect(countOf(rows, 'photo', 'duplicate')).toBe(1);
    expect(countOf(rows, 'test', 'duplicate')).toBeGreaterThan(0);
  });

  it('brings coupon, photo and test to another shop, and only once', async () => {
    const files = await written();
    const seen = await preview(other, files);
    expect(countOf(seen.rows, 'photo', 'new')).toBe(1);
    const newTests = countOf(seen.rows, 'test', 'new');
    expect(newTests).toBeGreaterThan(0);
    expect(await other.http.get(`/api/coupons/${couponId}`)).toMatchObject({ status: 404 });
    const { body } = await store(other, files).expect(200);
    expect(body).toMatchObject({ photos: 1, tests: newTests });
    const told = (await other.http.get(`/api/coupons/${couponId}`).expect(200)).body as Coupon;
    expect(told).toMatchObject({ remark: 'in the ZIP', personId: 'ines' });
    const photos = (await other.http.get(`/api/coupons/${couponId}/photos`)).body as Photo[];
    expect(photos).toMatchObject([{ id: photoId, subject: 'test', widthPx: 60, heightPx: 40 }]);
    await other.http.get(`/api/photos/${photos[0]?.hash}/small`).expect(200);
    const tests = (await other.http.get(`/api/coupons/${couponId}/tests`)).body as CouponTest[];
    expect(tests).toMatchObject([{ id: testId, photoIds: [photoId], doneBy: 'ines' }]);
    expect((await store(other, files).expect(200)).body).toEqual({ coupons: 0, photos: 0, tests: 0 });
  });

  it('says of each photo and test what is wrong with it, and stores none of them', async () => {
    const files = await written();
    const anew = changed(files, 'photos.json', (photo) => ({ ...photo, id: newId() }));
    const picture = Object.keys(files).find((name) => name.startsWith('photos/')) ?? '';
    const { [picture]: _left, ...without } = anew;
    const cases: readonly (readonly [Unzipped, string])[] = [
      [without, 'its picture is not in this file'],
      [{ ...anew, [picture]: strToU8('<svg/>') }, 'not the one that its hash names'],
      [changed(anew, 'photos.json', (photo) => ({ ...photo, couponId: newId() })), 'neither here nor in'],
      [changed(anew, 'photos.json', (photo) => ({ ...photo, addedBy: 'nobody' })), 'a person of this shop'],
      [changed(files, 'photos.json', (photo) => ({ ...photo, couponId: newId() })), 'never overwritten'],
      [changed(files, 'photos.json', () => ({ hash: 'x' })), 'hash is "x"; allowed is 64 hexadecimal digits'],
      [changed(files, 'tests.json', (test) => ({ ...test, result: 'fails' })), 'never overwritten'],
      [
        changed(files, 'tests.json', (test) => ({ ...test, id: newId(), photoIds: [newId()] })),
        'photos of this coupon',
      ],
    ];
    for (const [archive, why] of cases) {
      const wrong = wrongIn(await preview(server, archive));
      expect(wrong.map(({ reasons }) => reasons.join(' ')).join(' ')).toContain(why);
    }
    expect((await store(server, without).expect(200)).body).toEqual({ coupons: 0, photos: 0, tests: 0 });
  });

  it('that is broken, or holds no coupons, is refused', async () => {
    for (const [bytes, why] of [
      [Buffer.from('PK but no ZIP'), 'a whole ZIP file'],
      [Buffer.from(zipSync({ 'notes.txt': strToU8('hello') })), 'coupons.json or coupons.csv'],
      [
        Buffer.from(zipSync({ ...(await written()), 'tests.json': strToU8('{}') })),
        'tests.json with other JSON',
      ],
    ] as const) {
      const { body } = (await send(server, 'preview', bytes).expect(422)) as { body: Problem };
      expect(body.detail).toContain(why);
    }
  });
});
