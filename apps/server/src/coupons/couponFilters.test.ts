import { couponFilterSchema, type Coupon, type CouponPage } from '@lone-heron/contract';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
afterAll(() => server.stop());

const list = async (query: string): Promise<CouponPage> =>
  (await server.http.get(`/api/coupons${query}`).expect(200)).body as CouponPage;

const slipway = newId();

describe('finding coupons', () => {
  /** Coupons either side of every filter, made here: thin, middling and thick, on three days, by two people. */
  const made: Coupon[] = [];
  beforeAll(async () => {
    server = await startSampleServer();
    const maren = await server.desk('maren');
    const sheets = (mm: number) => ({
      ...couponDraft().joint,
      ...{ firstThicknessMm: mm, secondThicknessMm: mm, metal: mm > 2 ? 'copper' : 'stainless304' },
    });
    const drafts = [
      { joint: sheets(1), weldedAt: '2026-01-09T23:59:59.999Z', back: 'none', remark: 'Hatch, first' },
      { joint: sheets(2), weldedAt: '2026-01-10T00:00:00.000Z', back: 'even', remark: 'hatch, second' },
      { joint: { ...sheets(2.5), kind: 'lap' }, weldedAt: '2026-01-10T23:59:59.999Z', slip: 'paused' },
      { joint: sheets(3), weldedAt: '2026-01-11T00:00:00.000Z', machineId: 'barrow' },
    ];
    await server.http.put(`/api/workshops/${slipway}`).send({ name: 'Slipway' }).expect(200);
    await server.http.put('/api/machines/barrow/workshop').send({ workshopId: slipway }).expect(200);
    for (const [i, changes] of drafts.entries()) {
      const desk = i === 1 ? maren : server.http;
      const { body } = await desk.put(`/api/coupons/${newId()}`).send(couponDraft(changes)).expect(201);
      made.push(body as Coupon);
    }
  });

  const filters: readonly [query: string, fits: (coupon: Coupon) => boolean][] = [
    ['machineId=barrow', ({ machineId }) => machineId === 'barrow'],
    [`workshopId=${slipway}`, ({ machineId }) => machineId === 'barrow'],
    ['metal=copper', ({ joint }) => joint.metal === 'copper'],
    ['kind=lap', ({ joint }) => joint.kind === 'lap'],
    ['personId=maren', ({ personId }) => personId === 'maren'],
    ['back=even', ({ back }) => back === 'even'],
    ['slips=only', ({ slip }) => slip !== undefined],
    ['slips=no', ({ slip }) => slip === undefined],
    ['thinnestMm=2', ({ joint }) => joint.firstThicknessMm >= 2],
    ['thickestMm=2.5', ({ joint }) => joint.firstThicknessMm <= 2.5],
    ['from=2026-01-10', ({ weldedAt }) => weldedAt >= '2026-01-10'],
    ['to=2026-01-10', ({ weldedAt }) => weldedAt.slice(0, 10) <= '2026-01-10'],
    ['words=HATCH,', ({ remark }) => remark.toLowerCase().includes('hatch,')],
  ];
  it.each(filters)('by %s alone lets through just those that fit', async (query, fits) => {
    const all = (await list('?limit=200')).coupons;
    const found = (await list(`?limit=200&${query}`)).coupons;
    expect(found.map(({ id }) => id)).toEqual(all.filter(fits).map(({ id }) => id));
    // Of those made here some are in and some are out, so that no filter passes by doing nothing.
    const ours = found.filter(({ id }) => made.some((each) => each.id === id));
    expect(ours.length).toBeGreaterThan(0);
    expect(ours.length).toBeLessThan(made.length);
  });

  it('by its number, with “No” before it or not', async () => {
    const number = made[1]?.number ?? 0;
    for (const words of [`No+${number}`, String(number)])
      expect((await list(`?words=${words}`)).coupons.map((coupon) => coupon.id)).toContain(made[1]?.id);
  });

  it('by every filter the contract has', () => {
    const named = new Set(filters.map(([query]) => query.split('=')[0]));
    const asked = Object.keys(couponFilterSchema.shape).filter((key) => key !== 'ladderId');
    expect(asked.filter((key) => !named.has(key))).toEqual([]);
  });
});
