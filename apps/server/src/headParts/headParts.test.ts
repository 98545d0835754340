import type { Change, HeadPart, PartChange, StockItem } from '@lone-heron/contract';
import { newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

import { DataSource } from 'typeorm';
import { HeadPartEntity } from './headPart.entity.js';

let server: SampleServer;
beforeEach(async () => {
  server = await startSampleServer();
});
afterEach(() => server.stop());

const nozzle = (changes: Partial<PartChange> = {}): PartChange => ({
  ...{ machineId: 'bench', kind: 'nozzle', place: '', reason: 'worn', note: '', supplier: '', lot: '' },
  ...changes,
});
const change = (id: string, what: object = nozzle()) => server.http.put(`/api/parts/${id}`).send(what);
const parts = async () => (await server.http.get('/api/machines/bench/parts').expect(200)).body as HeadPart[];

describe('a part that is changed', () => {
  it('goes in, and the one of its kind and place comes out for the reason', async () => {
    const [first, second, seal] = [newId(), newId(), newId()];
    await change(first).expect(200);
    await change(seal, nozzle({ kind: 'seal', reason: 'planned' })).expect(200);
    await change(second, nozzle({ reason: 'burnt', note: 'stuck wire' })).expect(200);
    const [now, , old] = await parts();
    expect(now).toMatchObject({ id: second, removedAt: null, lightHours: 0 });
    expect(old).toMatchObject({ id: first, removedReason: 'burnt', removedNote: 'stuck wire' });
    expect((await parts()).find(({ id }) => id === seal)?.removedAt).toBeNull();
  });

  it('counts the light while it is in', async () => {
    await change(newId()).expect(200);
    const entry = {
      ...{ machineId: 'bench', minutes: 90, powerW: 900, metal: 'copper', gas: 'argon', batch: '' },
      ...{ gunAngleDeg: 45, isSoftStart: false, weldedAt: new Date().toISOString() },
    };
    await server.http.put(`/api/light/${newId()}`).send(entry).expect(200);
    expect((await parts())[0]?.lightHours).toBeCloseTo(1.5, 9);
  });

  it('is the same change when sent twice, a conflict when it says something else, and can be taken back', async () => {
    const [first, second] = [newId(), newId()];
    await change(first).expect(200);
    await change(second).expect(200);
    await change(second).expect(200);
    await change(second, nozzle({ lot: '7' })).expect(409);
    await server.http.delete(`/api/parts/${first}`).expect(409);
    await server.http.delete(`/api/parts/${second}`).expect(204);
    await server.http.delete(`/api/parts/${second}`).expect(204);
    expect((await parts()).map(({ id, removedAt }) => [id, removedAt])).toEqual([[first, null]]);
    await server.http.delete(`/api/parts/${newId()}`).expect(404);
  });

  it('bears who took it back, and stands in the history', async () => {
    const id = newId();
    await change(id).expect(200);
    await server.http.delete(`/api/parts/${id}`).expect(204);
    const row = await server.app.get(DataSource).manager.findOneByOrFail(HeadPartEntity, { id });
    expect(row.undoneBy).toBe('ines');
    const { body } = await server.http.get('/api/changes').expect(200);
    expect((body as Change[]).slice(0, 2)).toMatchObject([
      { personId: 'ines', noun: 'part', what: 'took back the change to nozzle on the bench unit' },
      { personId: 'ines', noun: 'part', what: 'fitted nozzle on the bench unit: worn' },
    ]);
  });

  it('comes out of the drawer, of its supplier where there is one, and goes back when taken back', async () => {
    const draft = {
      ...{ kind: 'nozzle', lot: '', price: null, deliveryDays: 3, serviceLevel: 0.95, usedPerMonth: null },
    };
    const [one, other] = [newId(), newId()];
    const store = (id: string, name: string, supplier: string) =>
      server.http
        .put(`/api/stock/${id}`)
        .send({ ...draft, name, supplier, count: 2 })
        .expect(200);
    await store(one, 'plain', 'the weld store');
    await store(other, 'grooved', 'quay optics');
    const counts = async () =>
      Object.fromEntries(
        ((await server.http.get('/api/stock').expect(200)).body as StockItem[]).map((item) => [
          item.name,
          item.count,
        ]),
      );
    const id = newId();
    await change(id, nozzle({ supplier: 'quay optics' })).expect(200);
    expect(await counts()).toEqual({ plain: 2, grooved: 1 });
    await server.http.delete(`/api/parts/${id}`).expect(204);
    expect(await counts()).toEqual({ plain: 2, grooved: 2 });
  });
});
