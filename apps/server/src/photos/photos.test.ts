import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Photo, Problem } from '@lone-heron/contract';
import sharp from 'sharp';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
let couponId: string;
beforeAll(async () => {
  server = await startSampleServer();
  couponId = newId();
  await server.http.put(`/api/coupons/${couponId}`).send(couponDraft()).expect(201);
});
afterAll(() => server.stop());

/** A picture 60 x 40 with a red left half. */
const picture = (seed = 0) =>
  sharp({
    create: { width: 60, height: 40, channels: 3, background: { r: 10, g: 20, b: seed * 30 } },
  }).composite([
    { input: { create: { width: 30, height: 40, channels: 3, background: 'red' } }, left: 0, top: 0 },
  ]);

const add = (id: string, bytes: Buffer, type = 'image/jpeg', query = 'subject=face', coupon = couponId) =>
  server.http.put(`/api/coupons/${coupon}/photos/${id}?${query}`).set('Content-Type', type).send(bytes);

describe('adding a photo', () => {
  it('keeps it under the hash of its bytes, with a small one, and gives it back', async () => {
    const id = newId();
    const { body } = (await add(id, await picture().jpeg().toBuffer()).expect(200)) as { body: Photo };
    expect(body).toMatchObject({
      id,
      couponId,
      subject: 'face',
      type: 'image/jpeg',
      widthPx: 60,
      heightPx: 40,
    });
    const answer = await server.http.get(`/api/photos/${body.hash}`).expect(200);
    expect(answer.headers['content-type']).toBe('image/jpeg');
    expect((answer.body as Buffer).length).toBe(body.bytes);
    const small = await server.http.get(`/api/photos/${body.hash}/small`).expect(200);
    expect((await sharp(small.body as Buffer).metadata()).format).toBe('webp');
    expect((await server.http.get(`/api/coupons/${couponId}/photos`)).body).toContainEqual(body);
  });

  it('turns it upright and leaves the place out that the camera wrote into it', async () => {
    const sent = await picture(1)
      .jpeg()
      .withExif({ IFD0: { Make: 'a camera' }, IFD3: { GPSLatitude: '1/1 2/1 3/1', GPSLatitudeRef: 'N' } })
      .withMetadata({ orientation: 6 })
      .toBuffer();
    expect((await sharp(sent).metadata()).orientation).toBe(6);
    const { body } = (await add(newId(), sent).expect(200)) as { body: Photo };
    expect([body.widthPx, body.heightPx]).toEqual([40, 60]);
    const stored = (await server.http.get(`/api/photos/${body.hash}`)).body as Buffer;
    const metadata = await sharp(stored).metadata();
    expect(metadata.exif).toBeUndefined();
    expect(metadata.orientation).toBeUndefined();
    // What was on the left is on top once it is turned.
    const { data } = await sharp(stored).raw().toBuffer({ resolveWithObject: true });
    expect(data[0]).toBeGreaterThan(200);
  });

  it('goes by content and not by name: a PNG said to be a JPEG is a PNG', async () => {
    const { body } = (await add(newId(), await picture(2).png().toBuffer(), 'image/jpeg')) as { body: Photo };
    expect(body.type).toBe('image/png');
  });

  it('twice is the same save; another under the same id is a conflict', async () => {
    const id = newId();
    const bytes = await picture(3).webp().toBuffer();
    const { body } = await add(id, bytes, 'image/webp').expect(200);
    expect((await add(id, bytes, 'image/webp').expect(200)).body).toEqual(body);
    await add(id, await picture(4).webp().toBuffer(), 'image/webp').expect(409);
  });

  it('refuses what is no picture, broken or of another sort, with the reason', async () => {
    const whole = await picture(5).jpeg().toBuffer();
    const refusals: [Buffer, string][] = [
      [Buffer.from('MZ this is a program'), 'cannot be read as a picture'],
      [whole.subarray(0, whole.length / 2), 'cannot be read as a picture'],
      [Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'), 'content is svg'],
      [await picture(5).gif().toBuffer(), 'content is gif'],
    ];
    for (const [bytes, why] of refusals) {
      const { body } = (await add(newId(), bytes).expect(422)) as { body: Problem };
      expect(body.detail).toContain(why);
      expect(body.detail).toContain('image/jpeg, image/png, image/webp');
    }
    await server.http.put(`/api/coupons/${couponId}/photos/${newId()}?subject=face`).send({}).expect(422);
    await add(newId(), whole, 'image/jpeg', 'subject=cat').expect(422);
    await add(newId(), whole, 'image/jpeg', 'subject=face', newId()).expect(404);
  });

  it('refuses more than 20 MB and says so', async () => {
    const { body } = (await add(newId(), Buffer.alloc(21 * 1024 * 1024)).expect(413)) as { body: Problem };
    expect(body.detail).toContain('20 MB');
  });

  it('leaves nothing half-written in the folder', () => {
    const folder = join(server.folder, 'photos');
    const files = readdirSync(folder, { recursive: true }).map(String);
    expect(files.filter((name) => name.endsWith('.part'))).toEqual([]);
    expect(existsSync(folder)).toBe(true);
  });
});

describe('taking a photo away', () => {
  it('takes it out of the list and can be undone; its bytes stay', async () => {
    const id = newId();
    const { body } = (await add(id, await picture(6).jpeg().toBuffer())) as { body: Photo };
    const ids = async () =>
      ((await server.http.get(`/api/coupons/${couponId}/photos`)).body as Photo[]).map((each) => each.id);
    await server.http.put(`/api/photos/${id}/withdrawal`).expect(200);
    expect(await ids()).not.toContain(id);
    await server.http.get(`/api/photos/${body.hash}`).expect(200);
    await server.http.delete(`/api/photos/${id}/withdrawal`).expect(200);
    expect(await ids()).toContain(id);
    await server.http.get(`/api/photos/${'0'.repeat(64)}`).expect(404);
    await server.http.get('/api/photos/nonsense').expect(422);
  });
});
