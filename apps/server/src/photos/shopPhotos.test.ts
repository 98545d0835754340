import type { Problem, ShopPhoto } from '@lone-heron/contract';
import sharp from 'sharp';
import { newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
let picture: Buffer;
beforeAll(async () => {
  server = await startSampleServer();
  picture = await sharp({ create: { width: 50, height: 30, channels: 3, background: '#9ab' } })
    .withExif({ IFD0: { Make: 'a camera that tells where it was' } })
    .jpeg()
    .toBuffer();
});
afterAll(() => server.stop());

const add = (id: string, bytes: Buffer, query = 'subject=glass&machineId=bench') =>
  server.http.put(`/api/shop-photos/${id}?${query}`).set('Content-Type', 'image/jpeg').send(bytes);
const photosOf = async (machineId: string) =>
  (await server.http.get(`/api/machines/${machineId}/photos`).expect(200)).body as ShopPhoto[];

describe('a photo of the shop', () => {
  it('is kept with its machine, without what a camera writes into it, whole and in small', async () => {
    const id = newId();
    const { body } = await add(id, picture).expect(200);
    const photo = body as ShopPhoto;
    expect(photo).toMatchObject({ id, machineId: 'bench', subject: 'glass', widthPx: 50, heightPx: 30 });
    const { body: bytes } = await server.http.get(`/api/photos/${photo.hash}`).expect(200);
    expect((await sharp(bytes as Buffer).metadata()).exif).toBeUndefined();
    await server.http.get(`/api/photos/${photo.hash}/small`).expect(200);
    expect((await photosOf('bench')).map((each) => each.id)).toEqual([id]);
    expect(await photosOf('barrow')).toEqual([]);
  });

  it('is the same save when sent twice, and a conflict with other bytes or another machine', async () => {
    const id = newId();
    await add(id, picture).expect(200);
    await add(id, picture).expect(200);
    const other = await sharp(picture).negate().jpeg().toBuffer();
    await add(id, other).expect(409);
    await add(id, picture, 'subject=glass&machineId=barrow').expect(409);
  });

  it('is refused by name where it is none, empty, of no machine, or of what nobody asked', async () => {
    const fields = async (response: ReturnType<typeof add>) =>
      ((await response.expect(422)).body as Problem).errors?.map(({ field }) => field);
    expect(await fields(add(newId(), Buffer.from('no picture')))).toEqual(['photo']);
    expect(await fields(add(newId(), Buffer.alloc(0)))).toEqual(['photo']);
    expect(await fields(add(newId(), picture, 'subject=glass&machineId=bandsaw'))).toEqual(['machineId']);
    expect(await fields(add(newId(), picture, 'subject=face&machineId=bench'))).toEqual(['subject']);
  });
});
