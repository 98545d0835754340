import type { Change, Person, Problem } from '@lone-heron/contract';
import { DataSource, type EntityManager } from 'typeorm';
import { ChangeEntity } from '../changes/change.entity.js';
import { HeadPartEntity } from '../headParts/headPart.entity.js';
import { HouseSheetEntity } from '../house/houseSheet.entity.js';
import { ProblemException } from '../http/problem.js';
import { ShopRecordEntity } from '../records/shopRecord.entity.js';
import { newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';
import { Clock } from '../time/clock.js';
import { ClientRecords } from './ClientRecords.js';
import { FittedParts } from './FittedParts.js';
import { RecordKit } from './recordKit.js';
import { RevisionLog } from './RevisionLog.js';

let server: SampleServer;
let kit: RecordKit;
let manager: EntityManager;
const now = '2031-05-04T10:00:00.000Z';
beforeAll(async () => {
  server = await startSampleServer();
  server.app.get(Clock).now = () => new Date(now);
  kit = server.app.get(RecordKit);
  ({ manager } = server.app.get(DataSource));
});
afterAll(() => server.stop());

const ines = { id: 'ines' } as Person;
const maren = { id: 'maren' } as Person;

/** What a refusal says; fails where nothing was refused. */
async function refusalOf(attempt: Promise<unknown>): Promise<Problem> {
  const fault: unknown = await attempt.then(
    () => null,
    (thrown: unknown) => thrown,
  );
  if (!(fault instanceof ProblemException)) throw new Error(`not refused: ${String(fault)}`);
  return fault.problem;
}

const newestChange = async (): Promise<Change | undefined> =>
  (await manager.find(ChangeEntity, { order: { id: 'DESC' }, take: 1 }))[0];

describe('an entry', () => {
  it('bears its author and the moment of the server’s clock, in the history too', async () => {
    await kit.enter(maren, async (entry) => {
      expect([entry.by.id, entry.at]).toEqual(['maren', now]);
      await entry.tell('spare', 'x', 'counted the drawer');
    });
    expect(await newestChange()).toMatchObject({ personId: 'maren', at: now, what: 'counted the drawer' });
  });

  it('leaves nothing where it fails half-way, not even its line of history', async () => {
    const before = await newestChange();
    const failing = kit.enter(ines, async (entry) => {
      await entry.tell('spare', 'x', 'began');
      throw new Error('half-way');
    });
    await expect(failing).rejects.toThrow('half-way');
    expect(await newestChange()).toEqual(before);
  });
});

describe('a log of revisions', () => {
  const log = new RevisionLog<HouseSheetEntity, unknown>({
    whose: () => ({ workshopId: null }),
    entity: HouseSheetEntity,
    ...{ subject: 'sheet', counter: 'revision', author: 'madeBy' },
    draftOf: ({ content }) => content,
    meanwhile: (asked) => `${asked} was written meanwhile`,
  });
  const subject = 'nozzles';
  let inserts = 0;
  const write = (revision: number, draft: HouseSheetEntity['content'], by = ines) =>
    kit.enter(by, (entry) =>
      log.write(entry, { subject, revision, draft }, async () => {
        inserts++;
        const row = { sheet: subject, revision, content: draft, madeAt: entry.at, madeBy: entry.by.id };
        await entry.manager.insert(HouseSheetEntity, row as never);
      }),
    );
  const next = async () => ((await log.newest(manager, subject))?.revision ?? 0) + 1;

  it('takes the next, and the same again from the same person as one save', async () => {
    const revision = await next();
    inserts = 0;
    expect(await write(revision, [])).toBe(true);
    expect(await write(revision, [])).toBe(false);
    expect(inserts).toBe(1);
    expect((await log.all(manager, subject))[0]).toMatchObject({ revision, madeBy: 'ines', madeAt: now });
  });

  it('has a conflict where somebody else says the same, or the same person something else', async () => {
    const revision = await next();
    await write(revision, []);
    const other = { status: 409, detail: `${revision} was written meanwhile` };
    expect(await refusalOf(write(revision, [], maren))).toMatchObject(other);
    expect(await refusalOf(write(revision, [{ shape: 'flat' }] as never))).toMatchObject(other);
  });

  it('has a conflict with a gap, and stores nothing of it', async () => {
    const revision = await next();
    const { status, detail } = await refusalOf(write(revision + 3, []));
    expect([status, detail]).toEqual([
      409,
      `${revision + 3} does not come next: ${revision} does. Look at it, then save again.`,
    ]);
    expect(await next()).toBe(revision);
  });
});

describe('records under a client’s id', () => {
  const records = new ClientRecords<ShopRecordEntity, { readonly note: string }>({
    whose: ({ machineId }) => ({ machineId }),
    entity: ShopRecordEntity,
    ...{ called: 'record', author: 'personId', takenBack: 'withdrawnAt' },
    draftOf: ({ note }) => ({ note }),
  });
  const write = (id: string, note: string, by = ines) =>
    kit.enter(by, (entry) =>
      records.write(entry, id, { note }, async () => {
        const detail = { kind: 'hourCounter', hours: 1 };
        const row = {
          id,
          machineId: 'bench',
          kind: detail.kind,
          detail,
          note,
          at: entry.at,
          personId: entry.by.id,
        };
        await entry.manager.insert(ShopRecordEntity, row as never);
      }),
    );

  it('are written once: the same again is one save, anything else a conflict', async () => {
    const id = newId();
    expect((await write(id, 'read')).isNew).toBe(true);
    expect((await write(id, 'read')).isNew).toBe(false);
    for (const clash of [write(id, 'misread'), write(id, 'read', maren)]) {
      const { status, detail } = await refusalOf(clash);
      expect(status).toBe(409);
      expect(detail).toBe(`Record ${id} is stored already with other content. It is never overwritten.`);
    }
  });

  it('are taken back and put in again, told once each', async () => {
    const id = newId();
    await write(id, 'read');
    const told: boolean[] = [];
    const take = (isTakenBack: boolean) =>
      kit.enter(maren, (entry) =>
        records.setTakenBack(entry, id, isTakenBack, () => {
          told.push(isTakenBack);
          return Promise.resolve();
        }),
      );
    expect((await take(true)).withdrawnAt).toBe(now);
    await take(true);
    expect((await take(false)).withdrawnAt).toBeNull();
    expect(told).toEqual([true, false]);
  });

  it('are told from those that are not there', async () => {
    const id = newId();
    expect(await records.find(manager, id)).toBeNull();
    expect(await refusalOf(records.require(manager, id))).toMatchObject({
      status: 404,
      detail: `There is no record ${id}.`,
    });
  });
});

describe('parts that are fitted', () => {
  interface Change {
    readonly place: string;
    readonly lot: string;
    readonly reason: HeadPartEntity['removedReason'];
  }
  const parts = new FittedParts<HeadPartEntity, Change>({
    entity: HeadPartEntity,
    noun: 'part',
    called: ({ place }) => `liner ${place}`,
    placeOf: ({ place }) => ({ machineId: 'bench', kind: 'liner', place }),
    ownOf: ({ lot }) => ({ lot, supplier: '' }),
    removalOf: ({ reason }) => ({ removedReason: reason }),
    noRemoval: { removedReason: null },
    spareOf: ({ lot }) => ({ kind: 'liner', supplier: '', lot }),
    whyOf: ({ reason }) => String(reason),
  });
  const fit = (id: string, change: Change, by = ines) =>
    kit.enter(by, (entry) => parts.fit(entry, id, change, () => Promise.resolve({})));
  const undo = (id: string, by = ines, settle: () => Promise<void> = () => Promise.resolve()) =>
    kit.enter(by, (entry) => parts.undo(entry, id, settle));
  const rowOf = (id: string) => manager.findOneByOrFail(HeadPartEntity, { id });

  it('come out for the reason of the next, and go in again when that is taken back', async () => {
    const [one, other] = [newId(), newId()];
    const worn = { place: 'left', lot: '1', reason: 'worn' } as const;
    await fit(one, worn);
    expect((await fit(other, worn, maren)).isNew).toBe(true);
    expect((await fit(other, worn, maren)).isNew).toBe(false);
    expect(await rowOf(one)).toMatchObject({ removedAt: now, removedReason: 'worn' });
    expect((await refusalOf(undo(one))).detail).toContain('Liner left was replaced since');
    await undo(other);
    expect(await rowOf(other)).toMatchObject({ undoneAt: now, undoneBy: 'ines', fittedBy: 'maren' });
    expect(await rowOf(one)).toMatchObject({ removedAt: null, removedReason: null });
    expect((await fit(other, worn, maren)).isNew).toBe(false);
  });

  it('are another change from another person, of another lot or for another reason', async () => {
    const [one, other] = [newId(), newId()];
    const worn = { place: 'right', lot: '1', reason: 'worn' } as const;
    await fit(one, worn);
    await fit(other, worn);
    for (const clash of [
      fit(other, worn, maren),
      fit(other, { ...worn, lot: '2' }),
      fit(other, { ...worn, reason: 'burnt' }),
    ])
      expect((await refusalOf(clash)).status).toBe(409);
  });

  it('stay where what must be settled first refuses', async () => {
    const id = newId();
    await fit(id, { place: 'third', lot: '', reason: 'planned' });
    const refusing = undo(id, ines, () => Promise.reject(new Error('not now')));
    await expect(refusing).rejects.toThrow('not now');
    expect((await rowOf(id)).undoneAt).toBeNull();
  });
});
