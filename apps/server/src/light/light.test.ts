import type { LightDraft, LightEntry, Problem, ProtectiveWindow } from '@lone-heron/contract';
import { newId, startSampleServer, windowChange, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
beforeEach(async () => {
  server = await startSampleServer();
});
afterEach(() => server.stop());

const draft = (changes: Partial<LightDraft> = {}): LightDraft => ({
  ...{ machineId: 'bench', minutes: 30, powerW: 1000, metal: 'lowCarbonSteel', gas: 'argon' },
  ...{ batch: 'ebb 114', gunAngleDeg: 45, isSoftStart: true, weldedAt: new Date().toISOString() },
  ...changes,
});
const write = (id: string, what: object) => server.http.put(`/api/light/${id}`).send(what);
const fittedOn = async (machineId: string) => {
  const { body } = await server.http.get('/api/windows').expect(200);
  return (body as ProtectiveWindow[]).find((one) => one.machineId === machineId) as ProtectiveWindow;
};

describe('the light log', () => {
  it('counts into the window that was in, weighted by what wears glass', async () => {
    const before = await fittedOn('bench');
    await write(newId(), draft()).expect(200);
    const plain = await fittedOn('bench');
    expect(plain.lightOnS - before.lightOnS).toBeCloseTo(1800, 6);
    expect(plain.wornHours - before.wornHours).toBeCloseTo(0.5, 6);
    await write(newId(), draft({ gunAngleDeg: 90 })).expect(200);
    expect((await fittedOn('bench')).wornHours - plain.wornHours).toBeCloseTo(0.75, 6);
    expect((await fittedOn('bench')).couponCount).toBe(before.couponCount);
  });

  it('goes to the window of its day where it is written down late', async () => {
    const weldedAt = new Date(Date.now() - 3_600_000).toISOString();
    const old = await fittedOn('bench');
    await server.http.put(`/api/windows/${newId()}`).send(windowChange()).expect(201);
    const { body } = await write(newId(), draft({ weldedAt })).expect(200);
    expect((body as LightEntry).windowId).toBe(old.id);
  });

  it('is raised to what the machine’s own counter says', async () => {
    await server.http.put(`/api/windows/${newId()}`).send(windowChange()).expect(201);
    const counter = (hours: number) =>
      server.http
        .put(`/api/records/${newId()}`)
        .send({ machineId: 'bench', detail: { kind: 'hourCounter', hours }, note: '' })
        .expect(200);
    await counter(200);
    await write(newId(), draft({ minutes: 60 })).expect(200);
    const known = (await fittedOn('bench')).wornHours;
    await counter(203);
    const settled = (await fittedOn('bench')).wornHours;
    expect(known).toBeCloseTo(1, 6);
    expect(settled / known).toBeCloseTo(3, 1);
  });

  it('is the same save when sent twice, taken back, put in again, and refused by name', async () => {
    const id = newId();
    const entry = draft();
    await write(id, entry).expect(200);
    await write(id, entry).expect(200);
    await write(id, { ...entry, minutes: 31 }).expect(409);
    const list = async () =>
      ((await server.http.get('/api/machines/bench/light').expect(200)).body as LightEntry[]).length;
    expect(await list()).toBe(1);
    await server.http.put(`/api/light/${id}/withdrawal`).expect(200);
    expect(await list()).toBe(0);
    await server.http.delete(`/api/light/${id}/withdrawal`).expect(200);
    expect(await list()).toBe(1);
    const { body } = await write(newId(), draft({ minutes: 0, machineId: 'bench' })).expect(422);
    expect((body as Problem).errors).toEqual([
      { field: 'minutes', given: '0', allowed: 'a number from 0.1 to 1440 min' },
    ]);
    await write(newId(), draft({ machineId: 'bandsaw' })).expect(422);
  });
});
