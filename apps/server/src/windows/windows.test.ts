import type { Change, Problem, ProtectiveWindow, WindowFound, WindowHistory } from '@lone-heron/contract';
import {
  couponDraft,
  newId,
  startSampleServer,
  windowChange,
  type SampleServer,
} from '../testing/sampleServer.js';

import { DataSource } from 'typeorm';
import { Clock } from '../time/clock.js';
import { ProtectiveWindowEntity } from './protectiveWindow.entity.js';

let server: SampleServer;
beforeEach(async () => {
  server = await startSampleServer();
});
afterEach(() => server.stop());

const windowsOf = async (machineId: string): Promise<ProtectiveWindow[]> =>
  [
    ...((await server.http.get('/api/windows').expect(200)).body as ProtectiveWindow[]),
    ...((await server.http.get('/api/windows/history?offset=0&limit=50').expect(200)).body as WindowHistory)
      .windows,
  ].filter((one) => one.machineId === machineId);
const change = (id: string, what: object = windowChange()) =>
  server.http.put(`/api/windows/${id}`).send(what);

describe('changing a window', () => {
  it('takes the old one out with its reason and fits the next', async () => {
    const id = newId();
    await change(id, windowChange({ reason: 'paleSpecks', note: 'gun upright' })).expect(201);
    const [fitted, old] = await windowsOf('bench');
    expect(fitted).toMatchObject({
      id,
      number: 4,
      fittedBy: 'ines',
      removedAt: null,
      couponCount: 0,
      lightOnS: 0,
    });
    expect(old).toMatchObject({
      number: 3,
      removedReason: 'paleSpecks',
      removedNote: 'gun upright',
      removedAt: fitted?.fittedAt,
    });
  });

  it('counts the coupons and the light through each, taken-back ones left out', async () => {
    const [before] = await windowsOf('bench');
    const id = newId();
    await server.http
      .put(`/api/coupons/${id}`)
      .send(couponDraft({ lightOnS: 10 }))
      .expect(201);
    await server.http
      .put(`/api/coupons/${newId()}`)
      .send(couponDraft({ lightOnS: null, runLengthMm: null }))
      .expect(201);
    expect((await windowsOf('bench'))[0]).toMatchObject({
      couponCount: (before?.couponCount ?? 0) + 2,
      lightOnS: (before?.lightOnS ?? 0) + 10,
    });
    await server.http.put(`/api/coupons/${id}/withdrawal`).expect(200);
    expect((await windowsOf('bench'))[0]?.couponCount).toBe((before?.couponCount ?? 0) + 1);
  });

  it('is the same change when sent twice, and a conflict when it says something else', async () => {
    const id = newId();
    await change(id).expect(201);
    await change(id).expect(200);
    expect(await windowsOf('bench')).toHaveLength(4);
    await change(id, windowChange({ reason: 'cracked' })).expect(409);
    await change(id, windowChange({ machineId: 'barrow' })).expect(409);
  });

  it('leaves one window fitted when two people change it at once', async () => {
    await Promise.all([change(newId()), change(newId(), windowChange({ note: 'another' }))]);
    expect((await windowsOf('bench')).filter(({ removedAt }) => removedAt === null)).toHaveLength(1);
  });

  it.each<[string, object, string]>([
    ['an unknown machine', windowChange({ machineId: 'bandsaw' }), 'machineId'],
    ['no reason', { ...windowChange(), reason: undefined }, 'reason'],
  ])('refuses %s by name', async (_, what, field) => {
    const { body } = await change(newId(), what).expect(422);
    expect((body as Problem).errors?.map((error) => error.field)).toEqual([field]);
    expect(await windowsOf('bench')).toHaveLength(3);
  });
});

describe('a change of window that is taken back', () => {
  const light = (minutes: number) => ({
    ...{ machineId: 'bench', minutes, powerW: 900, metal: 'stainless304', gas: 'argon', batch: '' },
    ...{ gunAngleDeg: 45, isSoftStart: false, weldedAt: new Date().toISOString() },
  });

  it('gives the light that was logged since to the window that is in again', async () => {
    const [before] = await windowsOf('bench');
    const id = newId();
    await change(id).expect(201);
    await server.http.put(`/api/light/${newId()}`).send(light(30)).expect(200);
    expect((await windowsOf('bench'))[0]).toMatchObject({ id, lightOnS: 1800 });
    await server.http.delete(`/api/windows/${id}`).expect(204);
    const [after] = await windowsOf('bench');
    expect(after?.id).toBe(before?.id);
    expect(after?.lightOnS).toBeCloseTo((before?.lightOnS ?? 0) + 1800, 6);
    expect(after?.wornHours).toBeGreaterThan(before?.wornHours ?? 0);
  });

  it('bears who took it back and when, by the server’s clock, and stands in the history', async () => {
    const now = new Date('2031-05-04T10:00:00.000Z');
    server.app.get(Clock).now = () => now;
    // Who was signed in before the clock was set is not any more.
    const maren = await server.desk('maren');
    const id = newId();
    await maren
      .put(`/api/windows/${id}`)
      .send(windowChange({ reason: 'darkSpecks' }))
      .expect(201);
    await maren.delete(`/api/windows/${id}`).expect(204);
    await maren.delete(`/api/windows/${id}`).expect(204);
    const row = await server.app.get(DataSource).manager.findOneByOrFail(ProtectiveWindowEntity, { id });
    expect(row).toMatchObject({
      ...{ fittedAt: now.toISOString(), fittedBy: 'maren' },
      ...{ undoneAt: now.toISOString(), undoneBy: 'maren' },
    });
    const { body } = await maren.get('/api/changes').expect(200);
    expect((body as Change[]).slice(0, 2)).toMatchObject([
      {
        personId: 'maren',
        noun: 'window',
        subjectId: id,
        what: 'took back the change to window 4 on the bench unit',
      },
      {
        personId: 'maren',
        noun: 'window',
        subjectId: id,
        what: 'fitted window 4 on the bench unit: dark specks',
      },
    ]);
  });
});

describe('what was seen on a window that came out', () => {
  const found: WindowFound = {
    spots: [{ right: 0.2, up: -0.4 }],
    seal: 'damaged',
    place: 'openDoor',
  };

  it('stands on the old one, and where it was changed on the new one’s life', async () => {
    await change(newId(), windowChange({ found, supplier: 'quay optics', lot: 'q 12' })).expect(201);
    const [fitted, old] = await windowsOf('bench');
    expect(fitted).toMatchObject({ supplier: 'quay optics', lot: 'q 12', removedFound: null });
    expect(old?.removedFound).toEqual(found);
  });

  it('belongs to the change: sent again with another finding it is a conflict, taken back it is gone', async () => {
    const id = newId();
    await change(id, windowChange({ found })).expect(201);
    await change(id, windowChange({ found })).expect(200);
    await change(id, windowChange({ found: { ...found, seal: 'whole' } })).expect(409);
    await change(id, windowChange({ found, lot: 'another' })).expect(409);
    await server.http.delete(`/api/windows/${id}`).expect(204);
    expect((await windowsOf('bench'))[0]).toMatchObject({ removedFound: null, removedReason: null });
  });

  it('is refused beside the glass, in a place nobody knows, and with more marks than can be told apart', async () => {
    const refusedFields = async (what: object) =>
      ((await change(newId(), { ...windowChange(), found: what }).expect(422)).body as Problem).errors?.map(
        ({ field }) => field,
      );
    expect(await refusedFields({ ...found, spots: [{ right: 1.4, up: 0 }] })).toEqual([
      'found.spots.0.right',
    ]);
    expect(await refusedFields({ ...found, place: 'attic' })).toEqual(['found.place']);
    expect(await refusedFields({ ...found, spots: Array(13).fill({ right: 0, up: 0 }) })).toEqual([
      'found.spots',
    ]);
  });
});

describe('windows that came out', () => {
  it('are given some at a time, newest first, of all machines or of one', async () => {
    const ids = [newId(), newId(), newId()];
    for (const id of ids) await change(id).expect(201);
    const page = async (query: string) =>
      (await server.http.get(`/api/windows/history?${query}`).expect(200)).body as WindowHistory;
    const all = await page('offset=0&limit=50');
    expect(all.total).toBe(all.windows.length);
    expect(all.windows.map(({ number }) => number).slice(0, 2)).toEqual([5, 4]);
    const second = await page('offset=1&limit=1');
    expect(second).toEqual({ total: all.total, windows: all.windows.slice(1, 2) });
    expect((await page('offset=0&limit=50&machineId=barrow')).total).toBe(0);
    await server.http.get('/api/windows/history?offset=0&limit=500').expect(422);
  });

  it('are studied in every measure, and a study that nobody knows is refused by name', async () => {
    for (const measure of ['worn', 'light', 'days', 'coupons']) {
      const { body } = await server.http.get(`/api/windows/study?measure=${measure}`).expect(200);
      expect(body).toMatchObject({ measure, windows: 4 });
    }
    const { body } = await server.http.get('/api/windows/study?measure=weeks').expect(422);
    expect((body as Problem).errors?.map(({ field }) => field)).toEqual(['measure']);
    expect((await server.http.get('/api/windows/weights').expect(200)).body).toMatchObject({
      fitted: null,
      why: expect.stringContaining('windows that failed') as string,
    });
  });

  it('are studied anew after every write', async () => {
    const failures = async () =>
      ((await server.http.get('/api/windows/study?measure=days').expect(200)).body as { failures: number })
        .failures;
    const before = await failures();
    const id = newId();
    await change(id).expect(201);
    expect(await failures()).toBe(before + 1);
    await server.http.delete(`/api/windows/${id}`).expect(204);
    expect(await failures()).toBe(before);
  });
});

describe('taking a change back', () => {
  it('fits the window before it again', async () => {
    const before = await windowsOf('bench');
    const id = newId();
    await change(id).expect(201);
    await server.http.delete(`/api/windows/${id}`).expect(204);
    await server.http.delete(`/api/windows/${id}`).expect(204);
    expect(await windowsOf('bench')).toEqual(before);
    expect(((await change(newId()).expect(201)).body as ProtectiveWindow).number).toBe(4);
  });

  it('is refused once a coupon went through the new one, for the first one, and for an unknown one', async () => {
    const id = newId();
    await change(id).expect(201);
    const weldedAt = new Date().toISOString();
    await server.http.put(`/api/coupons/${newId()}`).send(couponDraft({ weldedAt })).expect(201);
    expect(((await server.http.delete(`/api/windows/${id}`).expect(409)).body as Problem).detail).toContain(
      'Coupons were welded through window 4',
    );
    const [first] = await windowsOf('barrow');
    await server.http.delete(`/api/windows/${first?.id}`).expect(409);
    await server.http.delete(`/api/windows/${newId()}`).expect(404);
  });

  it('is refused for a window that was replaced since', async () => {
    const id = newId();
    await change(id).expect(201);
    await change(newId()).expect(201);
    expect(((await server.http.delete(`/api/windows/${id}`).expect(409)).body as Problem).detail).toContain(
      'replaced since',
    );
  });
});
