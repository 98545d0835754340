import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Photo } from '@lone-heron/contract';
import { couponWithPhoto } from '../testing/couponWithPhoto.js';
import { startBucketServer, type SampleServer } from '../testing/sampleServer.js';
import { startStandInBucket, type StandInBucket } from '../testing/standInBucket.js';
import { copyPhotos } from '../move/copyPhotos.js';
import { photoFilesOf } from './face/photoFilesOf.js';
import { isBucketAddress } from './face/S3Bucket.js';

let bucket: StandInBucket;
let server: SampleServer;
let elsewhere: string;
beforeAll(async () => {
  bucket = await startStandInBucket();
});
afterAll(() => bucket.close());
beforeEach(async () => {
  bucket.isAway = false;
  bucket.objects.clear();
  elsewhere = mkdtempSync(join(tmpdir(), 'other-server-'));
  server = await startBucketServer(bucket.address);
});
afterEach(async () => {
  await server.stop();
  rmSync(elsewhere, { recursive: true });
});

const picture = (hash: string, size = '') =>
  server.http.get(`/api/photos/${hash}${size}`).buffer(true).responseType('blob');
const keyOf = ({ hash }: Photo) => `heron/${hash.slice(0, 2)}/${hash}`;

describe('photos in a bucket', () => {
  it('lie there before anything names them, and are fetched by a server that has none of them', async () => {
    const photo = await couponWithPhoto(server.http);
    expect([...bucket.objects.keys()]).toContain(keyOf(photo));
    const other = photoFilesOf({ folder: elsewhere, photos: bucket.address });
    expect(Buffer.isBuffer(await other.read(photo.hash))).toBe(true);
    expect(existsSync(await other.small(photo.hash))).toBe(true);
    await picture(photo.hash).expect(200);
    await picture(photo.hash, '?size=small').expect(200);
  });

  it('are not named where the store is away: nothing is stored, and it says so', async () => {
    bucket.isAway = true;
    await expect(couponWithPhoto(server.http)).rejects.toThrow(/503/);
    bucket.isAway = false;
    await couponWithPhoto(server.http);
  }, 60_000);

  it('that are gone there, or not what they were, are told by the look through the shop', async () => {
    const photo = await couponWithPhoto(server.http);
    const files = photoFilesOf(server.place);
    expect(await files.isWhole(photo.hash)).toBe(true);
    bucket.objects.set(keyOf(photo), Buffer.from('another picture'));
    // The folder still has it, and says nothing of the store.
    expect(await files.isWhole(photo.hash)).toBe(false);
    const other = photoFilesOf({ folder: elsewhere, photos: bucket.address });
    expect(await other.read(photo.hash)).toBe('gone');
    bucket.objects.delete(keyOf(photo));
    expect(await other.read(photo.hash)).toBe('gone');
  });

  it('are carried into a folder and back, each held against its hash', async () => {
    const photo = await couponWithPhoto(server.http);
    const folder = { ...server.place, photos: join(elsewhere, 'photos') };
    const carried = await copyPhotos(server.place, folder);
    expect(carried).toBeGreaterThan(0);
    expect(await photoFilesOf(folder).isWhole(photo.hash)).toBe(true);
    bucket.objects.clear();
    const back = { ...server.place, folder: join(elsewhere, 'fresh') };
    expect(await copyPhotos({ ...server.place, photos: folder.photos }, back)).toBe(carried);
    expect(bucket.objects.size).toBe(carried);
  });

  it('is named by an address with a bucket in it', () => {
    expect(isBucketAddress('s3://pictures')).toBe(true);
    for (const none of ['/mnt/photos', 's3://', 's3:/pictures', 'http://store/pictures'])
      expect(isBucketAddress(none)).toBe(false);
  });
});
