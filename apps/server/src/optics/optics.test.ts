import type { Problem, ProtectiveWindow, WindowHistory } from '@lone-heron/contract';
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
