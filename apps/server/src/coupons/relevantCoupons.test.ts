import { evidenceBudget, type RelevantCoupons } from '@lone-heron/contract';
import { DataSource } from 'typeorm';
import { CouponEntity } from './coupon.entity.js';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

const steel = {
  kind: 'butt',
  metal: 'lowCarbonSteel',
  firstThicknessMm: 2,
  secondThicknessMm: 2,
  gapMm: 0,
} as const;
const copper = { ...steel, metal: 'copper', firstThicknessMm: 1, secondThicknessMm: 1 } as const;
const copperCoupons = 11;
const busyWeeks = 100_000;
/** The one coupon of steel on the other machine. */
const barrows = 'on the barrow';

let server: SampleServer;
beforeAll(async () => {
  server = await startSampleServer();
});
afterAll(() => server.stop());

const log = (draft: Record<string, unknown>) =>
  server.http.put(`/api/coupons/${newId()}`).send(couponDraft(draft)).expect(201);

/** Copper that was welded years ago, and behind it week upon week of steel. */
async function fillTheShop(): Promise<void> {
  for (let i = 0; i < copperCoupons; i++) await log({ joint: copper });
  const rows = server.app.get(DataSource);
  await rows.query("UPDATE coupon SET welded_at = '2021-05-04T08:00:00.000Z' WHERE metal = 'copper'");
  await log({ joint: steel, machineId: 'barrow', remark: barrows });
  await log({ joint: steel });
  const columns = rows.getMetadata(CouponEntity).columns.map(({ databaseName }) => databaseName);
  const value = (name: string) =>
    name === 'id' ? "c.id || '-' || n.i" : name === 'number' ? 'c.number + n.i' : `c.${name}`;
  await rows.query(
    `WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < ${busyWeeks})
     INSERT INTO coupon (${columns.join(', ')})
     SELECT ${columns.map(value).join(', ')} FROM coupon c, n
     WHERE c.number = (SELECT MAX(number) FROM coupon)`,
  );
}

async function relevant(query: Record<string, string | number>): Promise<RelevantCoupons> {
  const { body } = await server.http.get('/api/coupons/relevant').query(query).expect(200);
  return body as RelevantCoupons;
}

const aboutCopper = { machineId: 'bench', metal: 'copper', kind: 'butt', thicknessMm: 1 };

describe('the coupons that speak to a joint', () => {
  beforeAll(fillTheShop);

  it('of copper are found among 100,000 of steel, years old as they are, with how many were left out', async () => {
    const { coupons, alike, leftOut } = await relevant(aboutCopper);
    expect(coupons.filter(({ joint }) => joint.metal === 'copper')).toHaveLength(copperCoupons);
    expect(alike).toBe(copperCoupons);
    expect(coupons.slice(0, copperCoupons).every(({ joint }) => joint.metal === 'copper')).toBe(true);
    expect(coupons.length).toBeLessThanOrEqual(evidenceBudget);
    expect(leftOut.older).toBe(0);
    expect(leftOut.unlike).toBeGreaterThan(busyWeeks - evidenceBudget);
  });

  it('of steel are the newest, and say how many older ones there are', async () => {
    const { coupons, alike, leftOut } = await relevant({
      machineId: 'bench',
      metal: 'lowCarbonSteel',
      kind: 'butt',
      thicknessMm: 2,
    });
    expect(alike).toBeGreaterThan(0.7 * evidenceBudget);
    const numbers = coupons.slice(0, alike).map(({ number }) => number);
    expect(numbers).toEqual(numbers.toSorted((a, b) => b - a));
    expect(leftOut.older).toBeGreaterThan(busyWeeks - evidenceBudget);
  });

  it('are of sheet at most twice as thick or as thin, and of the one machine where no other is asked for', async () => {
    expect((await relevant({ ...aboutCopper, thicknessMm: 3 })).alike).toBe(0);
    expect((await relevant({ ...aboutCopper, machineId: 'barrow', machine: 'only' })).alike).toBe(0);
    expect((await relevant({ ...aboutCopper, machineId: 'barrow' })).alike).toBe(copperCoupons);
  });

  it('begin with those of the machine’s own workshop, however busy another one is', async () => {
    const aboutBarrow = { machineId: 'barrow', metal: 'lowCarbonSteel', kind: 'butt', thicknessMm: 2 };
    const isIn = async () =>
      (await relevant(aboutBarrow)).coupons.findIndex(({ remark }) => remark === barrows);
    // Where the shop is one workshop, the newest count, whichever machine they are of.
    expect(await isIn()).toBe(-1);
    const workshopId = newId();
    await server.http.put(`/api/workshops/${workshopId}`).send({ name: 'Slipway' }).expect(200);
    await server.http.put('/api/machines/barrow/workshop').send({ workshopId }).expect(200);
    expect(await isIn()).toBeGreaterThanOrEqual(0);
    const { coupons, alike } = await relevant(aboutBarrow);
    expect(coupons[0]?.machineId).toBe('barrow');
    expect(alike).toBeGreaterThan(0.7 * evidenceBudget);
    await server.http.put('/api/machines/barrow/workshop').send({ workshopId: null }).expect(200);
  });

  it('are refused for a question that cannot be, with what is allowed', async () => {
    const { body } = await server.http
      .get('/api/coupons/relevant')
      .query({ ...aboutCopper, kind: 'knot' })
      .expect(422);
    expect(JSON.stringify(body)).toContain('flareGroove');
    await server.http
      .get('/api/coupons/relevant')
      .query({ ...aboutCopper, metal: 'unobtainium' })
      .expect(422);
  });
});
