import {
  changeoverSteps,
  startingProfiles,
  type Bottle,
  type Change,
  type Clearance,
  type Eyewear,
  type Problem,
  type ShopRecord,
} from '@lone-heron/contract';
import { newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
beforeAll(async () => {
  server = await startSampleServer();
});
afterAll(() => server.stop());

const put = (path: string, body: object = {}) => server.http.put(`/api/${path}`).send(body);

describe('records of a machine', () => {
  const record = { machineId: 'bench', detail: { kind: 'focus', tubeMm: 1.4 }, note: 'narrowest' };
  const list = async () =>
    (await server.http.get('/api/machines/bench/records').expect(200)).body as ShopRecord[];

  it('are kept once, with who wrote them, and can be taken back', async () => {
    const id = newId();
    await put(`records/${id}`, record).expect(200);
    await put(`records/${id}`, record).expect(200);
    await put(`records/${id}`, { ...record, note: 'other' }).expect(409);
    expect((await list()).filter((each) => each.id === id)).toMatchObject([{ ...record, personId: 'ines' }]);
    await put(`records/${id}/withdrawal`).expect(200);
    expect((await list()).some((each) => each.id === id)).toBe(false);
    await put(`records/${id}/withdrawal`).expect(200);
    await server.http.delete(`/api/records/${id}/withdrawal`).expect(200);
    expect((await list()).some((each) => each.id === id)).toBe(true);
    const changes = (await server.http.get('/api/changes')).body as Change[];
    expect(
      changes.filter(({ subjectId }) => subjectId === id).map(({ personId, what }) => [personId, what]),
    ).toEqual([
      ['ines', expect.stringContaining('put in again a record of bench: focus of')],
      ['ines', expect.stringContaining('took back a record of bench: focus of')],
    ]);
  });

  it('of upkeep can be dated back with a reason, and not ahead', async () => {
    const done = { kind: 'upkeep', taskId: 'nozzle-look', value: '', photoId: null };
    const dated = (doneAt: string, note: string) => ({
      machineId: 'bench',
      detail: { ...done, doneAt },
      note,
    });
    const id = newId();
    const { body } = await put(`records/${id}`, dated('2026-09-01T08:00:00.000Z', 'book was away')).expect(
      200,
    );
    expect(body).toMatchObject({ at: '2026-09-01T08:00:00.000Z', note: 'book was away' });
    await put(`records/${id}`, dated('2026-09-01T08:00:00.000Z', 'book was away')).expect(200);
    const without = (await put(`records/${newId()}`, dated('2026-09-01T08:00:00.000Z', '')).expect(422))
      .body as Problem;
    expect(JSON.stringify(without.errors)).toContain('why it is dated back');
    await put(`records/${newId()}`, dated('2126-09-01T08:00:00.000Z', 'early')).expect(422);
  });

  it('keep a fault with what was answered on the way', async () => {
    const id = newId();
    const detail = { kind: 'fault', cause: 'lowGas', seen: { yellowSeam: 'yes', gasAtTheGun: 'yes' } };
    await put(`records/${id}`, { ...record, detail }).expect(200);
    expect((await list()).find((each) => each.id === id)?.detail).toEqual(detail);
  });

  it.each([
    ['a tube beyond its scale', { ...record, detail: { kind: 'focus', tubeMm: 70 } }, 'detail.tubeMm'],
    ['a kind nobody keeps', { ...record, detail: { kind: 'weather' } }, 'detail.kind'],
    [
      'a fault of no cause',
      { ...record, detail: { kind: 'fault', cause: 'bats', seen: {} } },
      'detail.cause',
    ],
    [
      'an answer to nothing that is asked',
      { ...record, detail: { kind: 'fault', cause: 'lowGas', seen: { bats: 'yes' } } },
      'detail.seen',
    ],
    ['an unknown machine', { ...record, machineId: 'bandsaw' }, 'machineId'],
  ])('refuse %s by name', async (_, draft, field) => {
    const { body } = await put(`records/${newId()}`, draft).expect(422);
    expect((body as Problem).errors?.map((each) => each.field)).toEqual([field]);
  });
});

describe('bottles', () => {
  const bottle = {
    gas: 'argon',
    litres: 20,
    pressureBar: 200,
    purity: '4.6',
    batch: 'B-12',
    supplier: 'the quay',
    price: null,
    machineId: 'barrow',
  };
  const find = async (id: string) =>
    ((await server.http.get('/api/bottles').expect(200)).body as Bottle[]).find((each) => each.id === id);

  it('stand one on a machine: fitting another puts the first in the store', async () => {
    const [first, second] = [newId(), newId()];
    await put(`bottles/${first}`, bottle).expect(200);
    await put(`bottles/${second}`, { ...bottle, batch: 'B-13' }).expect(200);
    expect((await find(first))?.machineId).toBeNull();
    expect((await find(second))?.machineId).toBe('barrow');
  });

  it('are sent back and taken in again, each once in the history', async () => {
    const id = newId();
    await put(`bottles/${id}`, bottle).expect(200);
    await put(`bottles/${id}/gone`).expect(200);
    await put(`bottles/${id}/gone`).expect(200);
    expect(await find(id)).toMatchObject({ machineId: null, goneAt: expect.any(String) as string });
    await server.http.delete(`/api/bottles/${id}/gone`).expect(200);
    const changes = (await server.http.get('/api/changes')).body as Change[];
    expect(changes.filter(({ subjectId }) => subjectId === id).map(({ what }) => what)).toEqual([
      'took in again argon, 20 L at 200 bar, batch B-12',
      'sent back argon, 20 L at 200 bar, batch B-12',
      'added argon, 20 L at 200 bar, batch B-12',
    ]);
  });
});

describe('eyewear', () => {
  it('is kept as it was last found, by whom', async () => {
    const id = newId();
    const helmet = {
      name: 'helmet 9',
      kind: 'helmet',
      marking: 'D LB6 1070',
      opticalDensity: 6,
      shade: '5',
      condition: 'sound',
      isRetired: false,
    };
    await put(`eyewear/${id}`, helmet).expect(200);
    const tobias = await server.desk('tobias');
    await tobias
      .put(`/api/eyewear/${id}`)
      .send({ ...helmet, condition: 'scratched' })
      .expect(200);
    const all = (await server.http.get('/api/eyewear').expect(200)).body as Eyewear[];
    expect(all.find((each) => each.id === id)).toMatchObject({ condition: 'scratched', checkedBy: 'tobias' });
  });
});

describe('training', () => {
  const clearance = {
    personId: 'maren',
    machineId: 'barrow',
    mode: 'cut',
    until: '2027-06-30',
    note: 'two days',
  };

  it('is given, withdrawn and given again by a lead, named in the history', async () => {
    const id = newId();
    await put(`clearances/${id}`, clearance).expect(200);
    await put(`clearances/${id}`, clearance).expect(200);
    await put(`clearances/${id}/withdrawal`).expect(200);
    await server.http.delete(`/api/clearances/${id}/withdrawal`).expect(200);
    const all = (await server.http.get('/api/clearances').expect(200)).body as Clearance[];
    expect(all.find((each) => each.id === id)).toMatchObject({
      ...clearance,
      clearedBy: 'ines',
      withdrawnAt: null,
    });
    const changes = (await server.http.get('/api/changes')).body as Change[];
    expect(changes.filter(({ subjectId }) => subjectId === id).map(({ what }) => what)).toEqual([
      'gave again Maren on the barrow unit to cut',
      'withdrew Maren on the barrow unit to cut',
      'cleared Maren on the barrow unit to cut until 2027-06-30',
    ]);
  });

  it('refuses people, machines and days that are not', async () => {
    const wrong = { ...clearance, personId: 'nobody', machineId: 'bandsaw' };
    const { body } = await put(`clearances/${newId()}`, wrong).expect(422);
    expect((body as Problem).errors?.map(({ field }) => field)).toEqual(['personId', 'machineId']);
    await put(`clearances/${newId()}`, { ...clearance, until: '30.6.27' }).expect(422);
  });
});

describe('a change-over to cutting', () => {
  const bench = startingProfiles.find(({ id }) => id === 'bench')?.profile;
  if (bench === undefined) throw new Error('no starting profile for a bench');
  const detail = {
    ...{ kind: 'changeover', to: 'cut', pressureBar: 8, boreMm: 1.2, behind: 'brick tray' },
    confirmed: changeoverSteps('cut', bench).map(({ id }) => id),
  };
  const put = (changes: object) =>
    server.http
      .put(`/api/records/${newId()}`)
      .send({ machineId: 'bench', detail: { ...detail, ...changes }, note: '' });

  it('is kept once all that the mode asks was confirmed and read', async () => {
    await put({}).expect(200);
    const { body } = await put({ confirmed: detail.confirmed.slice(1), behind: '' }).expect(422);
    expect((body as Problem).errors?.map(({ field }) => field)).toEqual([
      'detail.confirmed',
      'detail.behind',
    ]);
    const other = await put({ to: 'clean' }).expect(422);
    expect((other.body as Problem).errors?.[0]?.allowed).toBe('weld, cut');
  });
});
