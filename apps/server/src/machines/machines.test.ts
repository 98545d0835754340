import {
  startingProfiles,
  type Coupon,
  type Machine,
  type MachineRevision,
  type MachineRevisionDraft,
  type MachineUpkeep,
  type Problem,
} from '@lone-heron/contract';
import Database from 'better-sqlite3';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DataSource } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { fileOptions } from '../storage/database.js';
import { migrations } from '../storage/migrations/index.js';
import { couponDraft, startSampleServer, windowChange, type SampleServer } from '../testing/sampleServer.js';
import { MachinesService } from './machines.service.js';

let server: SampleServer;
beforeAll(async () => {
  server = await startSampleServer();
});
afterAll(() => server.stop());

const [bench, , plate] = startingProfiles.map(({ profile }) => profile) as [
  MachineRevisionDraft['profile'],
  MachineRevisionDraft['profile'],
  MachineRevisionDraft['profile'],
];
const draft = (changes: Partial<MachineRevisionDraft> = {}): MachineRevisionDraft => ({
  name: 'the bench unit',
  profile: { ...bench, configuredPowerW: 1200, powerW: { least: 120, most: 1200, step: 12 } },
  note: 'configured down for thin sheet',
  ...changes,
});
const put = (id: string, revision: number | string, body: object) =>
  server.http.put(`/api/machines/${id}/revisions/${revision}`).send(body);
const benchNow = async () =>
  ((await server.http.get('/api/machines')).body as Machine[]).find(({ id }) => id === 'bench')!;
const historyOf = async (id: string) =>
  (await server.http.get(`/api/machines/${id}/revisions`).expect(200)).body as MachineRevision[];

describe('a machine out of use', () => {
  const machineNow = async (id: string) =>
    ((await server.http.get('/api/machines')).body as Machine[]).find((each) => each.id === id);

  it('stays with everything that was done with it, has nothing due, and can be used again', async () => {
    const due = async () =>
      ((await server.http.get('/api/upkeep')).body as MachineUpkeep[]).map(({ plan }) => plan.machineId);
    expect(await due()).toContain('barrow');
    const { body } = await server.http.put('/api/machines/barrow/retired').expect(200);
    expect((body as Machine).retiredAt).toBeDefined();
    await server.http.put('/api/machines/barrow/retired').expect(200);
    expect((await machineNow('barrow'))?.retiredAt).toBe((body as Machine).retiredAt);
    expect(await due()).not.toContain('barrow');
    expect(await historyOf('barrow')).not.toHaveLength(0);
    await server.http.delete('/api/machines/barrow/retired').expect(200);
    expect((await machineNow('barrow'))?.retiredAt).toBeUndefined();
    const { body: changes } = await server.http.get('/api/changes?limit=2').expect(200);
    expect(JSON.stringify(changes)).toContain('took into use again the barrow unit');
  });

  it('is named right: one that the shop does not have is told', async () => {
    await server.http.put('/api/machines/bandsaw/retired').expect(404);
  });
});

describe('changing a machine', () => {
  it('makes a revision, and a coupon keeps the one it was welded with', async () => {
    const before = (await server.http.put(`/api/coupons/${uuid()}`).send(couponDraft()).expect(201))
      .body as Coupon;
    expect(before.machineRevision).toBe(1);
    const changed = (await put('bench', 2, draft()).expect(201)).body as Machine;
    expect(changed).toMatchObject({ id: 'bench', revision: 2, profile: { configuredPowerW: 1200 } });
    expect(await benchNow()).toEqual(changed);
    const after = (await server.http.put(`/api/coupons/${uuid()}`).send(couponDraft()).expect(201))
      .body as Coupon;
    expect(after.machineRevision).toBe(2);
    const page = (await server.http.get('/api/coupons?limit=200')).body as { coupons: Coupon[] };
    expect(page.coupons.find(({ id }) => id === before.id)?.machineRevision).toBe(1);
  });

  it('is the same save when it is repeated, and a conflict when somebody else was quicker', async () => {
    await put('bench', 2, draft()).expect(200);
    const { body } = await put('bench', 2, draft({ note: 'another thought' })).expect(409);
    expect((body as Problem).detail).toContain('Look at it, then change it again.');
    expect((await benchNow()).revision).toBe(2);
  });

  it('keeps every revision with who made it and why', async () => {
    const history = await historyOf('bench');
    expect(history.map(({ revision }) => revision)).toEqual([2, 1]);
    expect(history[0]).toMatchObject({ madeBy: 'ines', note: 'configured down for thin sheet' });
    expect(history[1]?.profile.configuredPowerW).toBe(1500);
  });

  it('takes two at once one after the other: one is stored, the other told', async () => {
    const revision = (await benchNow()).revision + 1;
    const answers = await Promise.all([
      put('bench', revision, draft({ note: 'first' })),
      put('bench', revision, draft({ note: 'second' })),
    ]);
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 409]);
  });

  it.each<[string, number | string, object, number, string]>([
    ['a revision that does not come next', 9, draft(), 409, '9 does not come next: 4 does'],
    ['no revision at all', 'two', draft(), 422, 'a whole number from 1'],
    ['a name that is taken', 4, draft({ name: 'the barrow unit' }), 422, 'a name that no other machine has'],
    ['no name', 4, draft({ name: '' }), 422, 'a name of up to 60 characters'],
    [
      'more power than the machine has',
      4,
      draft({ profile: { ...bench, configuredPowerW: 9000 } }),
      422,
      'a number from 50 to 6000 W',
    ],
    ['a field nobody knows', 4, { ...draft(), colour: 'red' }, 422, 'no field called colour'],
  ])('refuses %s and changes nothing', async (_, revision, body, status, allowed) => {
    const before = await benchNow();
    const answer = await put('bench', revision, body).expect(status);
    expect((answer.body as Problem).detail).toContain(allowed);
    expect(await benchNow()).toEqual(before);
  });
});

describe('a new machine', () => {
  it('is made by its first revision, comes last, and can be welded with once a window is recorded', async () => {
    const id = uuid();
    await put(id, 2, draft({ name: 'the plate unit', profile: plate })).expect(409);
    await put(id, 1, draft({ name: 'the plate unit', profile: plate })).expect(201);
    const machines = (await server.http.get('/api/machines')).body as Machine[];
    expect(machines.at(-1)).toMatchObject({ id, name: 'the plate unit', revision: 1 });
    const coupon = couponDraft({ machineId: id });
    const refused = await server.http.put(`/api/coupons/${uuid()}`).send(coupon).expect(409);
    expect((refused.body as Problem).detail).toContain('No protective window');
    const window = windowChange({ machineId: id });
    await server.http.put(`/api/windows/${uuid()}`).send(window).expect(201);
    await server.http.put(`/api/coupons/${uuid()}`).send(coupon).expect(201);
  });

  it('that nobody made has no history', async () => {
    await server.http.get(`/api/machines/${uuid()}/revisions`).expect(404);
    await server.http.get('/api/machines/no%20such/revisions').expect(422);
  });
});

/** What the oldest revisions did not keep, as it reads now. */
const notKnown = {
  optics: null,
  mains: null,
  coolant: [],
  pointer: null,
  feederMenu: [],
  programSlots: 0,
  panelFaces: [],
  dutyPercent: null,
  modulationHz: null,
  pulseOnMs: null,
  pulseOffMs: null,
  readyLights: [],
  lamp: null,
};

describe('a database from before revisions had names and makers', () => {
  it('is carried over: names are filled in, what was not kept reads as not known', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'heron-machines-'));
    const file = join(folder, 'old.sqlite');
    const old = await new DataSource({
      ...fileOptions(file),
      migrations: migrations.slice(0, 1),
    }).initialize();
    await old.destroy();
    const profile: Record<string, unknown> = { ...bench };
    for (const later of Object.keys(notKnown)) {
      Reflect.deleteProperty(profile, later);
    }
    const raw = new Database(file);
    raw.prepare("INSERT INTO machine VALUES ('m', 'the old unit', 1, 1)").run();
    raw
      .prepare("INSERT INTO machine_revision VALUES ('m', 1, ?, '2026-01-01T00:00:00.000Z')")
      .run(JSON.stringify(profile));
    raw.close();
    const dataSource = await new DataSource(fileOptions(file)).initialize();
    const service = new MachinesService(dataSource, null as never);
    expect(await service.history('m')).toEqual([
      {
        machineId: 'm',
        revision: 1,
        name: 'the old unit',
        profile: {
          ...profile,
          ...notKnown,
        },
        madeAt: '2026-01-01T00:00:00.000Z',
        madeBy: null,
        note: '',
      },
    ]);
    await dataSource.destroy();
    rmSync(folder, { recursive: true });
  });
});
