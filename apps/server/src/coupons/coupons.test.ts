import type { Coupon, CouponPage, Problem } from '@lone-heron/contract';
import {
  couponDraft,
  newId,
  startSampleServer,
  windowChange,
  type SampleServer,
} from '../testing/sampleServer.js';

let server: SampleServer;
beforeEach(async () => {
  server = await startSampleServer();
});
afterEach(() => server.stop());

const list = async (query = ''): Promise<CouponPage> =>
  (await server.http.get(`/api/coupons${query}`).expect(200)).body as CouponPage;
const log = (id: string, draft: unknown) => server.http.put(`/api/coupons/${id}`).send(draft as object);

describe('logging a coupon', () => {
  it('keeps exactly what was sent, with number, machine revision, window and time', async () => {
    const before = await list();
    const id = newId();
    const sentAt = Date.now();
    const { body } = (await log(id, couponDraft()).expect(201)) as { body: Coupon };
    expect(body).toMatchObject({
      ...couponDraft(),
      id,
      number: before.total + 1,
      machineRevision: 1,
      windowNumber: 3,
      withdrawnAt: null,
    });
    expect(Date.parse(body.recordedAt)).toBeGreaterThanOrEqual(sentAt);
    expect(Date.parse(body.recordedAt)).toBeLessThanOrEqual(Date.now());
    expect((await list()).coupons[0]).toEqual(body);
  });

  it('takes the same save again without storing it twice', async () => {
    const id = newId();
    const first = (await log(id, couponDraft()).expect(201)).body as Coupon;
    const again = (await log(id, couponDraft()).expect(200)).body as Coupon;
    expect(again).toEqual(first);
    expect((await list()).coupons.filter((coupon) => coupon.id === id)).toHaveLength(1);
  });

  it('numbers coupons that arrive together one after the other', async () => {
    const ids = Array.from({ length: 8 }, newId);
    const answers = await Promise.all([...ids, ...ids].map((id) => log(id, couponDraft())));
    expect(answers.every(({ status }) => status === 200 || status === 201)).toBe(true);
    const numbers = (await list()).coupons.filter(({ id }) => ids.includes(id)).map(({ number }) => number);
    expect(new Set(numbers).size).toBe(8);
    expect(Math.max(...numbers) - Math.min(...numbers)).toBe(7);
  });

  it('refuses to overwrite a coupon', async () => {
    const id = newId();
    await log(id, couponDraft()).expect(201);
    const { body } = (await log(id, couponDraft({ back: 'hole' })).expect(409)) as { body: Problem };
    expect(body.detail).toContain('never overwritten');
    expect((await list()).coupons[0]?.back).toBe('even');
  });

  it('carries the window that was fitted when it was welded, however late it comes', async () => {
    const windowId = newId();
    await server.http.put(`/api/windows/${windowId}`).send(windowChange()).expect(201);
    const weldedAt = new Date().toISOString();
    const { body } = (await log(newId(), couponDraft({ weldedAt })).expect(201)) as { body: Coupon };
    expect(body).toMatchObject({ windowId, windowNumber: 4 });
    const late = (await log(newId(), couponDraft()).expect(201)).body as Coupon;
    expect(late.windowNumber).toBe(3);
  });
});

describe('refused coupons', () => {
  const joint = couponDraft().joint;
  const setting = couponDraft().setting;

  it.each<[string, Record<string, unknown>, string, string]>([
    [
      'a negative thickness',
      { joint: { ...joint, firstThicknessMm: -1 } },
      'joint.firstThicknessMm',
      'a number from 0.3 to 12 mm',
    ],
    [
      'a 400 mm sheet',
      { joint: { ...joint, secondThicknessMm: 400 } },
      'joint.secondThicknessMm',
      'a number from 0.3 to 12 mm',
    ],
    [
      'a gap of twice the sheet',
      { joint: { ...joint, gapMm: 3 } },
      'joint.gapMm',
      '0 to 1.5 mm, the thinner sheet’s thickness',
    ],
    [
      'a metal that does not exist',
      { joint: { ...joint, metal: 'unobtainium' } },
      'joint.metal',
      'one of lowCarbonSteel, galvanised, stainless304, stainless316, aluminium3003, aluminium5052, aluminium5083, aluminium6061, aluminium6082, copper, brass, titanium2, nickel625',
    ],
    ['a number as text', { joint: { ...joint, gapMm: '0.1' } }, 'joint.gapMm', 'a number from 0 to 12 mm'],
    ['an unknown look', { back: 'lovely' }, 'back', 'one of none, faint, even, heavy, hole'],
    ['a field nobody knows', { flavour: 'blue' }, '', 'no field called flavour'],
    ['a machine that does not exist', { machineId: 'bandsaw' }, 'machineId', 'a machine of this shop'],
    [
      'more power than the machine has',
      { setting: { ...setting, powerW: 1600 } },
      'setting.powerW',
      'up to 1500 W on the bench unit',
    ],
    [
      'wider wobble than the machine has',
      { setting: { ...setting, wobble: { shape: 'circle', widthMm: 5, frequencyHz: 60 } } },
      'setting.wobble.widthMm',
      'up to 4 mm on the bench unit',
    ],
    [
      'faster wire than the feeder has',
      { setting: { ...setting, pace: { by: 'wire', wireDiameterMm: 1, wireSpeedMmS: 90 } } },
      'setting.pace.wireSpeedMmS',
      expect.stringContaining('mm/s on the bench unit') as string,
    ],
    [
      'a day as a time',
      { weldedAt: 'Tuesday' },
      'weldedAt',
      'a moment in UTC such as 2026-11-24T09:30:00.000Z',
    ],
    ['a novel as a remark', { remark: 'x'.repeat(1001) }, 'remark', 'text of up to 1000 characters'],
    ['no time the light was on', { lightOnS: 0 }, 'lightOnS', 'a number from 0.2 to 600 s'],
  ])('%s: 422 with the field, what was given and what is allowed', async (_, change, field, allowed) => {
    const before = (await list()).total;
    const { body, headers } = await log(newId(), couponDraft(change)).expect(422);
    expect(headers['content-type']).toContain('application/problem+json');
    const problem = body as Problem;
    expect(problem.errors).toEqual([{ field, given: expect.any(String), allowed }]);
    expect((await list()).total).toBe(before);
  });

  it('shows what was given', async () => {
    const { body } = await log(newId(), couponDraft({ joint: { ...joint, gapMm: 3 } })).expect(422);
    expect((body as Problem).errors?.[0]?.given).toBe('3');
  });

  it('broken JSON: 400', async () => {
    const { body } = await server.http
      .put(`/api/coupons/${newId()}`)
      .type('json')
      .send('{"joint": ')
      .expect(400);
    expect((body as Problem).title).toBe('Broken JSON');
  });

  it('a body of 2 MB: 413', async () => {
    const { body } = await log(newId(), couponDraft({ remark: 'x'.repeat(2_000_000) })).expect(413);
    expect((body as Problem).detail).toContain('256kb');
  });

  it('no body, and an id that is no id: 422', async () => {
    await server.http.put(`/api/coupons/${newId()}`).expect(422);
    const { body } = await log('one', couponDraft()).expect(422);
    expect((body as Problem).errors?.[0]).toEqual({
      field: 'id',
      given: '"one"',
      allowed: 'a UUID of version 7',
    });
  });
});

describe('taking a coupon back', () => {
  it('hides it, keeps it, and puts it in again', async () => {
    const { coupons, total } = await list();
    const [newest] = coupons as [Coupon];
    const withdrawn = (await server.http.put(`/api/coupons/${newest.id}/withdrawal`).expect(200))
      .body as Coupon;
    expect(withdrawn.withdrawnAt).not.toBeNull();
    expect((await list()).coupons.map(({ id }) => id)).not.toContain(newest.id);
    await server.http.put(`/api/coupons/${newest.id}/withdrawal`).expect(200);
    const restored = (await server.http.delete(`/api/coupons/${newest.id}/withdrawal`).expect(200))
      .body as Coupon;
    expect(restored).toEqual(newest);
    expect((await list()).total).toBe(total);
  });

  it('does not give its number to another', async () => {
    const { coupons } = await list();
    await server.http.put(`/api/coupons/${coupons[0]?.id}/withdrawal`).expect(200);
    const { body } = (await log(newId(), couponDraft()).expect(201)) as { body: Coupon };
    expect(body.number).toBe((coupons[0]?.number ?? 0) + 1);
  });

  it('of an unknown one: 404', async () => {
    await server.http.put(`/api/coupons/${newId()}/withdrawal`).expect(404);
  });
});

describe('listing coupons', () => {
  it('pages through all of them, newest first, without a gap', async () => {
    const seen: number[] = [];
    for (let offset = 0; offset < 18; offset += 5) {
      const page = await list(`?limit=5&offset=${offset}`);
      expect(page.total).toBe(18);
      seen.push(...page.coupons.map(({ number }) => number));
    }
    expect(seen).toEqual(Array.from({ length: 18 }, (_, i) => 18 - i));
  });

  it('has nothing beyond its end', async () => {
    expect(await list('?offset=500')).toMatchObject({ coupons: [], offset: 500 });
  });

  it('filters by machine and metal', async () => {
    const { coupons, total } = await list('?machineId=barrow&metal=aluminium5052');
    expect(total).toBe(3);
    expect(
      coupons.every(({ machineId, joint }) => machineId === 'barrow' && joint.metal === 'aluminium5052'),
    ).toBe(true);
  });

  it.each(['?limit=0', '?limit=many', '?offset=-2', '?colour=blue', '?sort=colour', '?from=yesterday'])(
    'refuses %s',
    async (query) => {
      await server.http.get(`/api/coupons${query}`).expect(422);
    },
  );
});

describe('a coupon with everything that was seen', () => {
  const observed = {
    along: [
      { toMm: 40, back: 'none', slip: 'restarted' },
      { toMm: 120, back: 'even', slip: null },
    ],
    face: ['even'],
    colour: { left: 'straw', right: 'blue' },
    welding: ['steadySound', 'craterSunk'],
    gunAngleDeg: 60,
    stated: { none: 0.05, faint: 0.1, even: 0.7, heavy: 0.1, hole: 0.05 },
  };

  it('is kept whole, and a retried save is the same save', async () => {
    const id = newId();
    const draft = couponDraft(observed);
    const { body } = await log(id, draft).expect(201);
    expect(body).toMatchObject(observed);
    await log(id, draft).expect(200);
    const again = (await server.http.get(`/api/coupons/${id}`).expect(200)).body as Coupon;
    expect(again).toEqual(body);
  });

  it.each([
    [
      'along',
      [
        { toMm: 40, back: 'none', slip: null },
        { toMm: 40, back: 'even', slip: null },
      ],
      'further along',
    ],
    ['along', [], 'up to 12 stretches'],
    ['face', ['even', 'even'], 'at most once'],
    ['slip', 'sneezed', 'lifted, paused, snagged, restarted'],
    ['gunAngleDeg', 5, '10 to 90'],
  ])('with %s %j is refused, and says what is allowed', async (field, value, allowed) => {
    const { body } = await log(newId(), couponDraft({ [field]: value })).expect(422);
    expect(JSON.stringify((body as Problem).errors)).toContain(allowed);
  });
});

describe('amending a coupon', () => {
  const amend = (id: string, revision: number, changes: Record<string, unknown>, why = 'wrong length') =>
    server.http.put(`/api/coupons/${id}/revisions/${revision}`).send({ draft: couponDraft(changes), why });

  it('keeps the first entry beside what it says now, with why, when and by whom', async () => {
    const id = newId();
    await log(id, couponDraft()).expect(201);
    const { body } = (await amend(id, 2, { runLengthMm: 100, slip: 'snagged' }).expect(200)) as {
      body: Coupon;
    };
    expect(body).toMatchObject({ revision: 2, runLengthMm: 100, slip: 'snagged' });
    const { body: entries } = await server.http.get(`/api/coupons/${id}/entries`).expect(200);
    expect(entries).toMatchObject([
      { revision: 1, draft: { runLengthMm: 120 }, why: 'wrong length', supersededBy: 'ines' },
    ]);
    await log(id, couponDraft()).expect(200);
    await log(id, couponDraft({ runLengthMm: 100, slip: 'snagged' })).expect(409);
  });

  it('twice is the same save, and somebody who was slower is told', async () => {
    const id = newId();
    await log(id, couponDraft()).expect(201);
    await amend(id, 2, { remark: 'one' }).expect(200);
    await amend(id, 2, { remark: 'one' }).expect(200);
    await amend(id, 2, { remark: 'other' }).expect(409);
    await amend(id, 4, { remark: 'other' }).expect(409);
    expect((await server.http.get(`/api/coupons/${id}/entries`)).body).toHaveLength(1);
  });

  it('to another machine, moment and setting carries what that machine had then, the first entry kept', async () => {
    const id = newId();
    const { body: first } = (await log(id, couponDraft()).expect(201)) as { body: Coupon };
    const setting = { ...couponDraft().setting, powerW: 640 };
    const weldedAt = '2026-08-01T10:30:00.000Z';
    const changes = { machineId: 'barrow', weldedAt, setting };
    const { body } = (await amend(id, 2, changes, 'wrong machine picked').expect(200)) as { body: Coupon };
    expect(body).toMatchObject({ ...changes, number: first.number });
    expect(body.windowId).not.toBe(first.windowId);
    const { body: entries } = await server.http.get(`/api/coupons/${id}/entries`).expect(200);
    expect(entries).toMatchObject([{ draft: { machineId: 'bench' }, why: 'wrong machine picked' }]);
  });

  it('to what was not welded yet, beyond the machine, or of a rung to another setting is refused', async () => {
    const id = newId();
    await log(id, couponDraft()).expect(201);
    await amend(id, 2, { weldedAt: '2126-11-24T10:30:00.000Z' }).expect(422);
    await amend(id, 2, { setting: { ...couponDraft().setting, powerW: 5900 } }).expect(422);
    const rung = { ladderId: newId(), index: 0 };
    const step = newId();
    await log(step, couponDraft({ rung })).expect(201);
    await amend(step, 2, { rung, machineId: 'barrow' }).expect(422);
    await amend(step, 2, { rung, remark: 'of the ladder still' }).expect(200);
  });

  it('without a why is refused', async () => {
    const id = newId();
    await log(id, couponDraft()).expect(201);
    await amend(id, 2, { remark: 'x' }, ' ').expect(422);
    await amend(newId(), 2, {}).expect(404);
  });

  it('moves it in the lists that it is found by', async () => {
    const id = newId();
    await log(id, couponDraft({ remark: 'amend me 100 %' })).expect(201);
    expect((await list('?words=me+100+%25')).total).toBe(1);
    await amend(id, 2, { remark: 'other', slip: 'lifted', back: 'hole' }).expect(200);
    expect((await list('?words=me+100+%25')).total).toBe(0);
    expect((await list('?slips=only&back=hole')).coupons.map((each) => each.id)).toEqual([id]);
  });
});

describe('finding coupons', () => {
  it('sorts by a figure either way', async () => {
    const powers = (await list('?sort=powerW&order=up&limit=200')).coupons.map(
      ({ setting }) => setting.powerW,
    );
    expect(powers).toEqual(powers.toSorted((a, b) => a - b));
    expect(powers[0]).toBeLessThan(powers.at(-1) ?? 0);
  });

  it('gathers them under headings that add up', async () => {
    const { total } = await list('?machineId=bench');
    const { body } = (await server.http.get('/api/coupons/groups?by=metal&machineId=bench').expect(200)) as {
      body: { value: string; count: number; even: number }[];
    };
    expect(body.reduce((sum, { count }) => sum + count, 0)).toBe(total);
    expect(body.map(({ value }) => value)).toContain('stainless304');
    expect(body.every(({ even, count }) => even <= count)).toBe(true);
    await server.http.get('/api/coupons/groups?by=colour').expect(422);
  });
});
