import { couponFileName, mostCouponsInFile, type Problem } from '@lone-heron/contract';
import { strToU8, zipSync } from 'fflate';
import { DataSource } from 'typeorm';
import { WriteQueue } from '../storage/writeQueue.js';
import { couponsMatching } from '../coupons/face/readCoupons.js';
import { newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

/** Files larger than a shop's own: refused before they are taken apart, and written without anybody waiting. */

let server: SampleServer;
beforeAll(async () => {
  server = await startSampleServer();
});
afterAll(() => server.stop());

const preview = (format: string, bytes: Buffer) =>
  server.http
    .put(`/api/coupon-files/${format}/preview`)
    .set('Content-Type', format === 'zip' ? 'application/zip' : 'application/octet-stream')
    .send(bytes);
const emptyCoupons = JSON.stringify({ format: couponFileName, version: 1, coupons: [{}] });
const zipOf = (files: Record<string, string>) =>
  Buffer.from(
    zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)]))),
  );

describe('a file with more than is read', () => {
  it.each([
    ['csv', Buffer.from(`back\n${'even\n'.repeat(900_000)}`), `more than ${mostCouponsInFile} rows`],
    [
      'json',
      Buffer.from(JSON.stringify({ format: couponFileName, version: 1, coupons: Array(33_000).fill({}) })),
      '33000 coupons',
    ],
    [
      'zip',
      zipOf({ 'coupons.json': emptyCoupons, 'tests.json': JSON.stringify(Array(33_000).fill({})) }),
      '33000 records in tests.json',
    ],
  ])('%s is refused by the number alone', async (format, bytes, given) => {
    const { body } = await preview(format, bytes).expect(422);
    expect((body as Problem).errors).toEqual([
      { field: 'file', given, allowed: `up to ${mostCouponsInFile} at once` },
    ]);
  });

  it('says less than there is, and is refused once there is more', async () => {
    const bytes = zipOf({ 'coupons.json': ' '.repeat(3_000_000) + emptyCoupons });
    // The size that is said stands in the entry's own head and in the list at the end.
    const said = Buffer.alloc(4);
    said.writeUInt32LE(3_000_000 + emptyCoupons.length);
    for (let at = bytes.indexOf(said); at >= 0; at = bytes.indexOf(said, at + 4))
      bytes.writeUInt32LE(100, at);
    const { body } = await preview('zip', bytes).expect(422);
    expect((body as Problem).errors?.[0]).toMatchObject({ field: 'file', allowed: 'a whole ZIP file' });
  });
});

/** The newest coupon again and again, as it stands in its row. */
async function manyMore(count: number): Promise<void> {
  const { manager } = server.app.get(DataSource);
  const [row] = await manager.query<Record<string, unknown>[]>(
    'SELECT * FROM coupon ORDER BY number DESC LIMIT 1',
  );
  const columns = Object.keys(row ?? {});
  const places = columns.map((_, at) => manager.dataSource.driver.createParameter('', at));
  const statement = `INSERT INTO coupon (${columns.join()}) VALUES (${places.join()})`;
  await server.app.get(WriteQueue).run(async (inside) => {
    for (let i = 1; i <= count; i++) {
      const next = { ...row, id: newId(), number: Number(row?.['number']) + i };
      await inside.query(statement, Object.values(next));
    }
  });
}

describe('many coupons', () => {
  it('are written in pages, with a turn for others after each, and are all in the file', async () => {
    await manyMore(1000);
    const { manager } = server.app.get(DataSource);
    let turns = 0;
    let isOn = true;
    const turn = () => {
      turns++;
      if (isOn) setImmediate(turn);
    };
    setImmediate(turn);
    const pages: number[] = [];
    for await (const coupons of couponsMatching(manager, {})) pages.push(coupons.length);
    isOn = false;
    expect(pages.length).toBeGreaterThan(5);
    expect(turns).toBeGreaterThanOrEqual(pages.length - 1);
    const all = pages.reduce((sum, page) => sum + page, 0);
    const { text } = await server.http.get('/api/coupon-files/csv').buffer(true).expect(200);
    expect(text.trim().split('\n').length).toBeGreaterThan(all);
    const { body } = await server.http.get('/api/coupon-files/json').expect(200);
    const { coupons, machines } = body as { coupons: object[]; machines: object[] };
    expect(coupons).toHaveLength(all);
    expect(machines).toContainEqual({ id: 'bench', name: expect.any(String) as string });
  });
});
