import {
  startingProfiles,
  type MachineUpkeep,
  type UpkeepDraft,
  type UpkeepTask,
} from '@lone-heron/contract';
import ICAL from 'ical.js';
import { newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
beforeEach(async () => {
  server = await startSampleServer();
});
afterEach(() => server.stop());

const task = (changes: Partial<UpkeepTask> = {}): UpkeepTask => ({
  ...{ id: 'lens', title: 'Look at the lens', how: 'From the side; nobody looks through it.' },
  ...{ interval: { by: 'date', days: 30 }, part: 'focusLens', record: null, reads: '' },
  ...changes,
});
const plan = (tasks: readonly UpkeepTask[]): UpkeepDraft => ({ tasks: [...tasks], note: 'first one' });
const revise = (revision: number, draft: UpkeepDraft) =>
  server.http.put(`/api/machines/bench/upkeep/${revision}`).send(draft);
const bench = async () =>
  ((await server.http.get('/api/upkeep').expect(200)).body as MachineUpkeep[]).find(
    (each) => each.plan.machineId === 'bench',
  ) as MachineUpkeep;
const record = (detail: object) =>
  server.http.put(`/api/records/${newId()}`).send({ machineId: 'bench', detail, note: '' }).expect(200);

describe('upkeep', () => {
  it('begins with what such a machine usually asks, and knows what was done already', async () => {
    const { plan: usual, standings } = await bench();
    expect(usual.revision).toBe(0);
    const water = standings.find(({ taskId }) => taskId === 'water-1');
    expect(water?.share).toBeGreaterThan(0);
    expect(water?.dueAt).not.toBeNull();
    expect(standings.find(({ taskId }) => taskId === 'guide-look')).toMatchObject({ share: null, done: [] });
  });

  it('is written by a lead, revision by revision, and never over somebody else’s', async () => {
    await revise(1, plan([task()])).expect(200);
    await revise(1, plan([task()])).expect(200);
    await revise(1, plan([task({ title: 'Other' })])).expect(409);
    await revise(3, plan([task()])).expect(409);
    await revise(2, plan([task(), task()])).expect(422);
    expect((await bench()).plan).toMatchObject({ revision: 1, tasks: [{ id: 'lens' }] });
  });

  it('is done with a value, counts from there, and comes back when the record is taken back', async () => {
    await revise(1, plan([task({ reads: 'mm' })])).expect(200);
    expect((await bench()).standings[0]).toMatchObject({ share: null, dueAt: null });
    const id = newId();
    const detail = { kind: 'upkeep', taskId: 'lens', value: '4.1', photoId: null };
    await server.http.put(`/api/records/${id}`).send({ machineId: 'bench', detail, note: '' }).expect(200);
    const [standing] = (await bench()).standings;
    expect(standing?.done[0]).toMatchObject({ value: '4.1', share: null });
    expect(standing?.share).toBeLessThan(0.01);
    await server.http.put(`/api/records/${id}/withdrawal`).expect(200);
    expect((await bench()).standings[0]?.done).toEqual([]);
  });

  it('counts in light-on hours where it is told to', async () => {
    await revise(1, plan([task({ interval: { by: 'lightHours', hours: 2 } })])).expect(200);
    await record({ kind: 'upkeep', taskId: 'lens', value: '', photoId: null });
    const entry = {
      ...{ machineId: 'bench', minutes: 60, powerW: 900, metal: 'copper', gas: 'argon', batch: '' },
      ...{ gunAngleDeg: 45, isSoftStart: false, weldedAt: new Date().toISOString() },
    };
    await server.http.put(`/api/light/${newId()}`).send(entry).expect(200);
    expect((await bench()).standings[0]?.share).toBeCloseTo(0.5, 6);
  });

  it('shows what was done at once, however many machines there are', async () => {
    const [first] = startingProfiles;
    for (let i = 0; i < 41; i++) {
      const draft = { name: `one of many ${i}`, profile: first?.profile, note: '' };
      await server.http.put(`/api/machines/many-${i}/revisions/1`).send(draft).expect(201);
    }
    await revise(1, plan([task()])).expect(200);
    expect((await bench()).standings[0]?.done).toEqual([]);
    await record({ kind: 'upkeep', taskId: 'lens', value: '', photoId: null });
    expect((await bench()).standings[0]?.done).toHaveLength(1);
  });

  it('is that of one’s own workshop, and another’s where it is asked for', async () => {
    const workshopId = newId();
    await server.http.put(`/api/workshops/${workshopId}`).send({ name: 'Slipway' }).expect(200);
    await server.http.put('/api/machines/barrow/workshop').send({ workshopId }).expect(200);
    await server.http.put('/api/people/tobias/workshop').send({ workshopId }).expect(200);
    const tobias = await server.desk('tobias');
    const { body } = await tobias.get('/api/upkeep').expect(200);
    expect((body as MachineUpkeep[]).map((each) => each.plan.machineId)).toEqual(['barrow']);
    const { body: other } = await tobias.get('/api/machines/bench/upkeep').expect(200);
    const { plan: theirs, standings } = await bench();
    expect((other as MachineUpkeep).plan).toEqual(theirs);
    expect((other as MachineUpkeep).standings.map(({ taskId, done }) => [taskId, done.length])).toEqual(
      standings.map(({ taskId, done }) => [taskId, done.length]),
    );
    await tobias.get('/api/machines/none/upkeep').expect(404);
  });

  it('feeds a calendar that a calendar library reads: one event a task, under an id that stays', async () => {
    const title = 'Look at the lens; then, perhaps, clean';
    await revise(1, plan([task({ title }), task({ id: 'never' })])).expect(200);
    await record({ kind: 'upkeep', taskId: 'lens', value: '', photoId: null });
    const read = async () => {
      const { text, headers } = await server.http.get('/api/upkeep.ics').expect(200);
      expect(headers['content-type']).toContain('text/calendar');
      return new ICAL.Component(ICAL.parse(text) as unknown[])
        .getAllSubcomponents('vevent')
        .map((each) => new ICAL.Event(each));
    };
    const event = (await read()).find(({ uid }) => uid === 'bench-lens@lone-heron');
    expect(event?.summary).toBe(`${title}, the bench unit`);
    expect(event?.startDate.isDate).toBe(true);
    const dueIn = ((event?.startDate.toJSDate().getTime() ?? 0) - Date.now()) / 86_400_000;
    expect(dueIn).toBeGreaterThan(28);
    expect(dueIn).toBeLessThan(31);
    expect(
      event?.component.getFirstSubcomponent('valarm')?.getFirstPropertyValue('trigger')?.toString(),
    ).toBe('-P3D');
    const uids = (await read()).map(({ uid }) => uid);
    expect(new Set(uids).size).toBe(uids.length);
    expect(uids).not.toContain('bench-never@lone-heron');
  });
});
