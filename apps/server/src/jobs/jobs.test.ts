import type {
  Change,
  Job,
  JobLine,
  Problem,
  ProtectiveWindow,
  RunTime,
  ShopPhoto,
  WeldRunDraft,
} from '@lone-heron/contract';
import sharp from 'sharp';
import { jobDraft, jobWeld, weldCheckDraft, weldRunDraft } from '@lone-heron/contract/testing';
import {
  newId,
  startSampleServer,
  windowChange,
  type Desk,
  type SampleServer,
} from '../testing/sampleServer.js';

let server: SampleServer;
let maren: Desk;
beforeAll(async () => {
  server = await startSampleServer();
  maren = await server.desk('maren');
});
afterAll(() => server.stop());

async function planned(changes: Parameters<typeof jobDraft>[0] = {}): Promise<string> {
  const id = newId();
  await server.http.put(`/api/jobs/${id}/revisions/1`).send(jobDraft(changes)).expect(200);
  return id;
}
const read = async (id: string) => (await server.http.get(`/api/jobs/${id}`).expect(200)).body as Job;
const line = async (id: string) =>
  ((await server.http.get('/api/jobs').expect(200)).body as JobLine[]).find((each) => each.id === id);
const weld = (jobId: string, mark: string, changes: Partial<WeldRunDraft> = {}, desk = server.http) =>
  desk.put(`/api/weld-runs/${newId()}`).send(weldRunDraft(jobId, mark, changes));
const problemOf = async (asked: PromiseLike<{ body: unknown }>) => (await asked).body as Problem;

it('gathers the photos of a job by what names them, once each, as far as they have arrived', async () => {
  const photo = async (width: number) => {
    const id = newId();
    await server.http
      .put(`/api/shop-photos/${id}?subject=job&machineId=bench`)
      .set('Content-Type', 'image/png')
      .send(
        await sharp({ create: { width, height: 40, channels: 3, background: '#9ab' } })
          .png()
          .toBuffer(),
      )
      .expect(200);
    return id;
  };
  const [drawing, seam, found, foreign] = [
    await photo(40),
    await photo(41),
    await photo(42),
    await photo(43),
  ];
  const onTheWay = newId();
  const picture = { photoId: drawing, name: '', heightShare: 1, widthMm: null };
  const id = await planned({ pictures: [picture] });
  await weld(id, 'W1', { photoIds: [seam, onTheWay] }).expect(200);
  const check = weldCheckDraft(id, 'W1', { photoIds: [found, seam] });
  await server.http.put(`/api/weld-checks/${newId()}`).send(check).expect(200);
  const { body } = await server.http.get(`/api/jobs/${id}/photos`).expect(200);
  const ids = (body as ShopPhoto[]).map((each) => each.id);
  expect(ids).toEqual([drawing, seam, found]);
  expect(ids).not.toContain(foreign);
  expect((await read(id)).checks[0]?.photoIds).toEqual([found, seam]);
});

describe('planning a job', () => {
  it('numbers it, keeps every revision, and says in the list what it is', async () => {
    const id = await planned({ dueOn: '2026-12-04', customer: 'the ferry', quantity: 4 });
    const draft = jobDraft({ name: 'locker frame, wider', why: 'measured again' });
    await maren.put(`/api/jobs/${id}/revisions/2`).send(draft).expect(200);
    const job = await read(id);
    expect(job).toMatchObject({ revision: 2, state: 'planned', draft: { name: 'locker frame, wider' } });
    expect((await server.http.get(`/api/jobs/${id}/revisions/1`).expect(200)).body).toMatchObject({
      quantity: 4,
    });
    await server.http.get(`/api/jobs/${id}/revisions/3`).expect(404);
    expect(await line(id)).toMatchObject({
      number: job.number,
      name: 'locker frame, wider',
      seams: 2,
      settled: 0,
    });
  });

  it('counts the seams of sub-assemblies, each as often as it goes in', async () => {
    const parts = [
      { key: 'A', name: 'door', count: 2, into: null },
      { key: 'B', name: 'hinge', count: 3, into: 'A' },
    ];
    const welds = [jobWeld('W1', { part: 'B', count: 2 }), jobWeld('W2', { part: 'A' }), jobWeld('W3')];
    const id = await planned({ parts, welds, quantity: 5 });
    expect((await line(id))?.seams).toBe(5 * (2 * 3 * 2 + 2 + 1));
  });

  it.each<[string, Parameters<typeof jobDraft>[0], string]>([
    [
      'the same mark twice',
      { welds: [jobWeld('W1'), jobWeld('w1')] },
      'welds.1.mark is "w1"; allowed is a mark that no other weld has',
    ],
    [
      'a part that is not there',
      { welds: [jobWeld('W1', { part: 'A' })] },
      'welds.0.part is "A"; allowed is null: this job has no parts',
    ],
    [
      'a weld after one that is not there',
      { welds: [jobWeld('W1', { after: ['W9'] })] },
      'welds.0.after.0 is "W9"; allowed is marks of welds of this job',
    ],
    [
      'work that its machine cannot do',
      {
        works: [
          {
            ...{ id: '019a0000-0000-7000-8000-0000000000c1', name: 'spots', machineId: 'bench', count: 4 },
            work: { mode: 'spot', metal: 'stainless304', thicknessMm: 0.5, underMm: 1, wantedMm: 0.7 },
            setting: { mode: 'spot', currentA: 200, pulseMs: 5, rateHz: 2, spotMm: 0.9 },
          },
        ],
      },
      'works.0.work.mode is spot',
    ],
    [
      'welds that go round',
      { welds: [jobWeld('W1', { after: ['W2'] }), jobWeld('W2', { after: ['W1'] })] },
      'allowed is welds whose “after” does not go round, as W1 before W2 before W1 does',
    ],
    [
      'parts that go round',
      {
        parts: [
          { key: 'A', name: 'door', count: 1, into: 'B' },
          { key: 'B', name: 'side', count: 1, into: 'A' },
        ],
      },
      'allowed is parts that do not go into themselves, as door into side into door do',
    ],
    ['an order without a weld', { order: ['W1'] }, 'order is ["W1"]; allowed is every mark of this job once'],
    [
      'an order that breaks a link',
      { welds: [jobWeld('W1', { after: ['W2'] }), jobWeld('W2')], order: ['W1', 'W2'] },
      'order is ["W1","W2"]; allowed is an order with W2 before W1',
    ],
    ['a machine that is not there', { machineId: 'lathe' }, 'machineId is "lathe"'],
  ])('refuses %s by name', async (_, changes, said) => {
    const sent = server.http.put(`/api/jobs/${newId()}/revisions/1`).send(jobDraft(changes)).expect(422);
    expect((await problemOf(sent)).detail).toContain(said);
  });
});

describe('a go at a seam', () => {
  it('settles the seam, sets the job on its way, and its light wears the glass of then', async () => {
    const id = await planned({ welds: [jobWeld('W1', { count: 2 }), jobWeld('W2')] });
    const worn = async () =>
      ((await server.http.get('/api/windows').expect(200)).body as ProtectiveWindow[]).find(
        ({ machineId }) => machineId === 'bench',
      )!;
    const before = await worn();
    await weld(id, 'W1', { seam: 1, lightOnS: 6 }).expect(200);
    await weld(id, 'W1', { seam: 2, lightOnS: 4, outcome: 'slipped' }).expect(200);
    await weld(id, 'W2', {
      outcome: 'skipped',
      dialled: null,
      lightOnS: null,
      remark: 'left to the arc',
    }).expect(200);
    expect(await line(id)).toMatchObject({ state: 'released', settled: 2, lightOnS: 10 });
    expect((await read(id)).runs.map(({ windowId }) => windowId)).toEqual([before.id, before.id, null]);
    const after = await worn();
    expect(after.lightOnS - before.lightOnS).toBeCloseTo(10, 6);
  });

  it('teaches how long things take, where it was timed', async () => {
    const id = await planned({ quantity: 3 });
    const times = async () => (await server.http.get('/api/weld-runs/times').expect(200)).body as RunTime[];
    const before = (await times()).length;
    await weld(id, 'W1', { lightOnS: 7.5, handsS: 61 }).expect(200);
    await weld(id, 'W1', { seam: 2, handsS: null }).expect(200);
    expect((await times()).length).toBe(before + 1);
    expect((await times())[0]).toEqual({ outcome: 'welded', lightOnS: 7.5, handsS: 61 });
  });

  it('taken back frees the seam and takes its light along', async () => {
    const id = await planned();
    const runId = newId();
    await server.http.put(`/api/weld-runs/${runId}`).send(weldRunDraft(id, 'W1')).expect(200);
    await maren.put(`/api/weld-runs/${runId}/withdrawal`).expect(200);
    expect(await line(id)).toMatchObject({ settled: 0, lightOnS: 0 });
    expect((await read(id)).runs).toEqual([]);
    await maren.delete(`/api/weld-runs/${runId}/withdrawal`).expect(200);
    expect(await line(id)).toMatchObject({ settled: 1, lightOnS: 5.2 });
  });

  it('moves with the glass where its change is taken back', async () => {
    const windowId = newId();
    await server.http.put(`/api/windows/${windowId}`).send(windowChange()).expect(201);
    const id = await planned();
    await weld(id, 'W1').expect(200);
    expect((await read(id)).runs[0]?.windowId).toBe(windowId);
    await server.http.delete(`/api/windows/${windowId}`).expect(204);
    expect((await read(id)).runs[0]?.windowId).not.toBe(windowId);
  });

  it('by a plan that was changed meanwhile is kept; by none it is refused with what there is', async () => {
    const id = await planned({ quantity: 3 });
    const fewer = jobDraft({ quantity: 1, welds: [jobWeld('W2')] });
    await server.http.put(`/api/jobs/${id}/revisions/2`).send(fewer).expect(200);
    await weld(id, 'W1', { seam: 3 }).expect(200);
    const refusals: [Partial<WeldRunDraft>, string][] = [
      [{ mark: 'W9' }, 'mark is W9; allowed is the mark of a weld of this job'],
      [{ mark: 'W2', seam: 4 }, 'seam is 4; allowed is 1 to 1, the seams of W2'],
      [{ machineId: 'lathe' }, 'machineId is "lathe"'],
      [{ weldedAt: '2031-01-01T00:00:00.000Z' }, 'weldedAt is 2031-01-01'],
      [{ outcome: 'skipped', dialled: null, lightOnS: null }, 'allowed is why it was left out'],
      [{ isRepair: true }, 'allowed is why it was left out or welded again'],
      [{ dialled: null }, 'dialled is null; allowed is the setting it was welded with'],
    ];
    for (const [changes, said] of refusals)
      expect((await problemOf(weld(id, 'W2', changes).expect(422))).detail).toContain(said);
    await weld(newId(), 'W1').expect(404);
  });
});

describe('a check of a weld', () => {
  it('is read with its job until it is taken back, and refused for a weld that is not there', async () => {
    const id = await planned();
    const checkId = newId();
    const draft = weldCheckDraft(id, 'W1', { undercutMm: 0.1, found: 'even' });
    await server.http.put(`/api/weld-checks/${checkId}`).send(draft).expect(200);
    expect((await read(id)).checks).toMatchObject([
      { mark: 'W1', kind: 'look', undercutMm: 0.1, personId: 'ines' },
    ]);
    await maren.put(`/api/weld-checks/${checkId}/withdrawal`).expect(200);
    expect((await read(id)).checks).toEqual([]);
    const refusals: [object, string][] = [
      [{ mark: 'W9' }, 'mark is W9; allowed is the mark of a weld of this job'],
      [{ undercutMm: 40 }, 'undercutMm is 40; allowed is a number from 0 to 10 mm'],
      [{ doneAt: '2031-01-01T00:00:00.000Z' }, 'doneAt is 2031-01-01'],
    ];
    for (const [changes, said] of refusals) {
      const sent = server.http
        .put(`/api/weld-checks/${newId()}`)
        .send({ ...draft, ...changes })
        .expect(422);
      expect((await problemOf(sent)).detail).toContain(said);
    }
  });
});

describe('a seam in hand', () => {
  it('is nobody else’s until it is let go or welded', async () => {
    const id = await planned();
    const at = `/api/jobs/${id}/claims/W1/1`;
    await server.http.put(at).expect(200);
    expect((await read(id)).claims).toMatchObject([{ mark: 'W1', seam: 1, personId: 'ines' }]);
    expect((await problemOf(maren.put(at).expect(409))).detail).toContain('has W1, seam 1, in hand');
    await maren.delete(at).expect(200);
    await maren.put(at).expect(409);
    await server.http.delete(at).expect(200);
    await maren.put(at).expect(200);
    await weld(id, 'W1', {}, maren).expect(200);
    expect((await read(id)).claims).toEqual([]);
    await maren.put(`/api/jobs/${newId()}/claims/W1/1`).expect(404);
  });
});

describe('how far a job is', () => {
  it('is said by somebody and told once', async () => {
    const id = await planned();
    for (let i = 0; i < 2; i++)
      await maren.put(`/api/jobs/${id}/state`).send({ state: 'quoted' }).expect(200);
    expect((await read(id)).state).toBe('quoted');
    const told = ((await server.http.get('/api/changes').expect(200)).body as Change[]).filter(
      ({ subjectId }) => subjectId === id,
    );
    expect(told.map(({ what }) => what)).toEqual([
      expect.stringMatching(/^said that job \d+ is quoted, after planned$/),
    ]);
    await maren.put(`/api/jobs/${id}/state`).send({ state: 'lost' }).expect(422);
    await maren.put(`/api/jobs/${id}/withdrawal`).expect(200);
    await maren.put(`/api/jobs/${id}/state`).send({ state: 'done' }).expect(409);
  });
});
