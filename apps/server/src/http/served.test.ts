import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { largestPhoto, type Problem } from '@lone-heron/contract';
import sharp from 'sharp';
import request from 'supertest';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

/** What a server answers as it is started: with the interface beside the API, which must not swallow a refusal. */

const webFolder = mkdtempSync(join(tmpdir(), 'heron-web-'));
let server: SampleServer;
beforeAll(async () => {
  writeFileSync(join(webFolder, 'index.html'), '<h1>Lone Heron</h1>');
  server = await startSampleServer({ webFolder });
});
afterAll(async () => {
  await server.stop();
  rmSync(webFolder, { recursive: true });
});

const coupon = () => `/api/coupons/${newId()}`;

interface Answer {
  readonly status: number;
  readonly headers: Record<string, string>;
  readonly body: unknown;
  readonly text: string;
}

function problemOf({ status, headers, body, text }: Answer): Problem {
  expect({ status, type: headers['content-type'] }).toEqual({
    status,
    type: expect.stringContaining('application/problem+json') as string,
  });
  return (Object.keys(body as object).length > 0 ? body : JSON.parse(text)) as Problem;
}

describe('a body that cannot be taken', () => {
  const json = () => server.http.put(coupon()).set('Content-Type', 'application/json');

  it.each([
    ['broken JSON', 400, '{"machineId": ', 'Broken JSON'],
    ['JSON of 300 kB', 413, JSON.stringify({ remark: 'x'.repeat(300_000) }), 'Too large'],
    ['JSON that is 20,000 deep', 400, `${'['.repeat(20_000)}${']'.repeat(20_000)}`, 'Broken JSON'],
    ['JSON that is no object', 422, '7', 'Not allowed'],
  ])('%s is %i', async (_, status, text, title) => {
    const answer = (await json().send(text)) as Answer;
    expect(problemOf(answer)).toMatchObject({ status, title });
  });

  it('in letters that nobody knows is 415', async () => {
    const answer = (await server.http
      .put(coupon())
      .set('Content-Type', 'application/json; charset=klingon')
      .send('{}')) as Answer;
    expect(problemOf(answer)).toMatchObject({ status: 415 });
  });

  it('as a photo of 21 MB is 413', async () => {
    const id = newId();
    await server.http.put(`/api/coupons/${id}`).send(couponDraft()).expect(201);
    const answer = (await server.http
      .put(`/api/coupons/${id}/photos/${newId()}?subject=face`)
      .set('Content-Type', 'image/jpeg')
      .send(Buffer.alloc(largestPhoto + 1))) as Answer;
    expect(problemOf(answer)).toMatchObject({ status: 413, title: 'Too large' });
  });
});

describe('a picture', () => {
  const noise = (seed: number) =>
    sharp({ create: { width: 900, height: 700, channels: 3, background: { r: seed, g: 9, b: 90 } } })
      .jpeg()
      .toBuffer();
  async function keptPhoto(picture: Buffer): Promise<string> {
    const id = newId();
    await server.http.put(`/api/coupons/${id}`).send(couponDraft()).expect(201);
    const { body } = await server.http
      .put(`/api/coupons/${id}/photos/${newId()}?subject=face`)
      .set('Content-Type', 'image/jpeg')
      .send(picture)
      .expect(200);
    return (body as { hash: string }).hash;
  }
  const fileOf = (hash: string) => join(server.place.photos, hash.slice(0, 2), hash);

  it('sent six times at once is kept six times, and asked for small six times is made once', async () => {
    const picture = await noise(1);
    const hashes = await Promise.all(Array.from({ length: 6 }, () => keptPhoto(picture)));
    expect(new Set(hashes).size).toBe(1);
    const [hash = ''] = hashes;
    rmSync(`${fileOf(hash)}.small.webp`);
    const small = () => server.http.get(`/api/photos/${hash}/small`);
    const answers = await Promise.all(Array.from({ length: 6 }, small));
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200, 200, 200, 200]);
  });

  it('whose file is damaged or gone is said to be, and never shown', async () => {
    const hash = await keptPhoto(await noise(2));
    const told = async (what: string) => {
      for (const path of [`/api/photos/${hash}`, `/api/photos/${hash}/small`])
        expect(problemOf((await server.http.get(path)) as Answer)).toMatchObject({
          status: 404,
          detail: `The file of photo ${hash} is ${what}; a backup may have it.`,
        });
    };
    const bytes = readFileSync(fileOf(hash));
    bytes[300] = (bytes[300] ?? 0) ^ 1;
    writeFileSync(fileOf(hash), bytes);
    await told('damaged');
    rmSync(fileOf(hash));
    await told('gone from the disk');
  });
});

describe('a path', () => {
  it('of the interface is the interface, one under /api a problem', async () => {
    const { text } = await request(server.app.getHttpServer()).get('/coupons/12').expect(200);
    expect(text).toContain('Lone Heron');
    const beyond = (await server.http.get('/index.html').set('Range', 'bytes=99999999-')) as Answer;
    expect(problemOf(beyond)).toMatchObject({ status: 416 });
    for (const path of ['/api', '/api/', '/api/nowhere'])
      expect(problemOf((await server.http.get(path)) as Answer)).toMatchObject({ status: 404 });
    expect(problemOf((await server.http.put('/nowhere').send({})) as Answer)).toMatchObject({ status: 404 });
  });
});
