import type { Problem, StockDraft, StockItem } from '@lone-heron/contract';
import { parse } from 'csv-parse/sync';
import { newId, startSampleServer, windowChange, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
beforeEach(async () => {
  server = await startSampleServer();
});
afterEach(() => server.stop());

const glass = (changes: Partial<StockDraft> = {}): StockDraft => ({
  ...{ kind: 'window', name: 'Window 30 x 5', supplier: 'the glass yard', lot: '', count: 3, price: 12 },
  ...{ deliveryDays: 10, serviceLevel: 0.95, usedPerMonth: null },
  ...changes,
});
const save = (id: string, what: object) => server.http.put(`/api/stock/${id}`).send(what);
const list = async () => (await server.http.get('/api/stock').expect(200)).body as StockItem[];

describe('the drawer', () => {
  it('counts down when a window is changed, and up when that is taken back', async () => {
    await save(newId(), glass()).expect(200);
    const change = newId();
    await server.http.put(`/api/windows/${change}`).send(windowChange()).expect(201);
    await server.http.put(`/api/windows/${change}`).send(windowChange()).expect(200);
    expect((await list())[0]?.count).toBe(2);
    await server.http.delete(`/api/windows/${change}`).expect(204);
    expect((await list())[0]?.count).toBe(3);
  });

  it('knows how fast a part is used from the changes that were recorded', async () => {
    await save(newId(), glass()).expect(200);
    const before = (await list())[0]?.changesPerMonth ?? 0;
    await server.http.put(`/api/windows/${newId()}`).send(windowChange()).expect(201);
    expect(((await list())[0]?.changesPerMonth ?? 0) - before).toBeCloseTo(1 / 6, 9);
  });

  it('shares changes that name no sort out among the sorts of a part', async () => {
    await save(newId(), glass()).expect(200);
    const alone = (await list())[0]?.changesPerMonth ?? 0;
    expect(alone).toBeGreaterThan(0);
    await save(newId(), glass({ name: 'Window, coated' })).expect(200);
    for (const item of await list()) expect(item.changesPerMonth).toBeCloseTo(alone / 2, 9);
  });

  it('writes what to order now as a table, and nothing else', async () => {
    await save(newId(), glass({ usedPerMonth: 6, count: 1 })).expect(200);
    await save(newId(), glass({ name: '=Liner', kind: 'liner', usedPerMonth: 1, count: 9 })).expect(200);
    const { text, headers } = await server.http.get('/api/stock/order.csv').expect(200);
    expect(headers['content-type']).toContain('text/csv');
    const rows: Record<string, string>[] = parse(text, { columns: true });
    expect(rows).toHaveLength(1);
    const [row] = rows;
    // Six a month and ten days: 2 in a delivery, so 5 last it with 95 %; a month beyond is 6 more.
    expect(row).toMatchObject({ name: 'Window 30 x 5', order: '10', 'order when down to': '5', cost: '120' });
  });

  it('takes a sort off the list and puts it back, and refuses by name', async () => {
    const id = newId();
    await save(id, glass()).expect(200);
    await save(id, glass()).expect(200);
    await server.http.put(`/api/stock/${id}/removal`).expect(200);
    expect(await list()).toEqual([]);
    await server.http.delete(`/api/stock/${id}/removal`).expect(200);
    expect(await list()).toHaveLength(1);
    const { body } = await save(newId(), glass({ count: -1, serviceLevel: 1 })).expect(422);
    expect((body as Problem).errors?.map(({ field }) => field)).toEqual(['count', 'serviceLevel']);
    await server.http.put(`/api/stock/${newId()}/removal`).expect(404);
  });
});
