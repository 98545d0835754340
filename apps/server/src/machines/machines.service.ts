import {
  beyondMode,
  type FieldProblem,
  type Machine,
  type MachineRevision,
  type MachineRevisionDraft,
  type Person,
  type TrialDraft,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager, type SelectQueryBuilder } from 'typeorm';
import { notFound, refused } from '../http/problem.js';
import type { Entry } from '../kit/Entry.js';
import { RecordKit } from '../kit/recordKit.js';
import { RevisionLog } from '../kit/RevisionLog.js';
import { workshopInWords } from '../workshops/face/workshopInWords.js';
import { MachineEntity } from './machine.entity.js';
import { MachineRevisionEntity } from './machineRevision.entity.js';
import { draftFromRow, revisionFromRow } from './machineRow.js';

/** A machine and whether this call changed it (a retried save finds it changed already). */
export interface RevisedMachine {
  machine: Machine;
  isNew: boolean;
}

@Injectable()
export class MachinesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
  ) {}

  /** Every machine of the shop at its newest revision, in the shop's own order. */
  async list(manager: EntityManager = this.dataSource.manager): Promise<Machine[]> {
    const newest = await newestRevisions(manager).orderBy('machine.position', 'ASC').getMany();
    return newest.map((row) => machineFromRows(row.machine, row));
  }

  /** {@link list} for somebody: the machines of their own workshop come first, wherever one is picked. */
  async listFor(asker: Person | null): Promise<Machine[]> {
    const machines = await this.list();
    const own = asker?.workshopId ?? null;
    if (own === null) return machines;
    const isOwn = ({ workshopId }: Machine) => workshopId === own;
    return [...machines.filter(isOwn), ...machines.filter((machine) => !isOwn(machine))];
  }

  /** A machine at its newest revision; null where the shop has none of that id. */
  async find(id: string, manager: EntityManager = this.dataSource.manager): Promise<Machine | null> {
    const row = await newestRevisions(manager).andWhere('machine.id = :id', { id }).getOne();
    return row === null ? null : machineFromRows(row.machine, row);
  }

  /** The machine that is to do something beside welding. @throws Refused for one that is not here, or cannot */
  async requireDoing(
    { machineId, work, setting }: Pick<TrialDraft, 'machineId' | 'work' | 'setting'>,
    manager: EntityManager,
  ): Promise<Machine> {
    const machine = await this.find(machineId, manager);
    if (machine === null) throw refused([unknownMachine(machineId)]);
    const beyond = beyondMode(work, setting, machine);
    if (beyond.length > 0) throw refused(beyond);
    return machine;
  }

  /** The machine that a file calls so, by its id or its name; null where the shop has none. */
  async findCalled(said: string, manager: EntityManager): Promise<Machine | null> {
    const machine = await manager.findOneBy(MachineEntity, [{ id: said }, { name: said }]);
    return machine === null ? null : atRevision(manager, machine);
  }

  /** Takes a machine out of use, or into use again; what was done with it stays. Repeating it changes nothing. */
  setRetired(id: string, isRetired: boolean, by: Person): Promise<Machine> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const machine = await manager.findOneBy(MachineEntity, { id });
      if (machine === null) throw notFound('machine', id);
      await entry.requireOwn({ machineId: id });
      if ((machine.retiredAt !== null) !== isRetired) {
        await manager.update(MachineEntity, { id }, { retiredAt: isRetired ? at : null });
        await entry.tell('machine', id, `${isRetired ? 'retired' : 'took into use again'} ${machine.name}`);
      }
      return atRevision(manager, await manager.findOneByOrFail(MachineEntity, { id }));
    });
  }

  /** Puts a machine into a workshop, or makes it the firm’s: everything of it goes with it. Repeating it changes nothing. */
  setWorkshop(id: string, workshopId: string | null, by: Person): Promise<Machine> {
    return this.kit.enter(by, async (entry) => {
      const { manager } = entry;
      const machine = await manager.findOneBy(MachineEntity, { id });
      if (machine === null) throw notFound('machine', id);
      await entry.requireOwn({ workshopId: null });
      const name = await workshopInWords(manager, workshopId);
      if (machine.workshopId !== workshopId) {
        await manager.update(MachineEntity, { id }, { workshopId });
        await entry.tell('machine', id, `moved ${machine.name} to ${name}`);
      }
      return atRevision(manager, await manager.findOneByOrFail(MachineEntity, { id }));
    });
  }

  /** Every revision of a machine, newest first. */
  async history(id: string): Promise<MachineRevision[]> {
    const { manager } = this.dataSource;
    const rows = await revisions.all(manager, id);
    if (rows.length === 0) throw notFound('machine', id);
    return rows.map(revisionFromRow);
  }

  /**
   * Stores the next revision of a machine, or the first one of a new machine. What was recorded with an older revision
   * keeps it. Saving the same revision with the same content again changes nothing; with other content somebody else
   * was quicker, which is a conflict.
   */
  revise(id: string, revision: number, draft: MachineRevisionDraft, by: Person): Promise<RevisedMachine> {
    return this.kit.enter(by, async (entry) => {
      const isNew = await this.reviseWithin(entry, id, revision, draft);
      const machine = await entry.manager.findOneByOrFail(MachineEntity, { id });
      return { machine: await atRevision(entry.manager, machine), isNew };
    });
  }

  /** {@link revise} within somebody else's write. @returns whether it is new */
  reviseWithin(entry: Entry, id: string, revision: number, draft: MachineRevisionDraft): Promise<boolean> {
    const { manager, by, at } = entry;
    return revisions.write(entry, { subject: id, revision, draft }, async () => {
      await moveToRevision(entry, id, revision, draft.name);
      await manager.insert(MachineRevisionEntity, {
        ...{ machineId: id, revision, ...draft },
        ...{ madeAt: at, madeBy: by.id },
      });
      const note = draft.note === '' ? '' : `: ${draft.note}`;
      const did = revision === 1 ? 'set up' : 'changed';
      await entry.tell('machine', id, `${did} ${draft.name}, revision ${revision}${note}`);
    });
  }
}

const revisions = new RevisionLog<MachineRevisionEntity, MachineRevisionDraft>({
  entity: MachineRevisionEntity,
  ...{ subject: 'machineId', counter: 'revision', author: 'madeBy' },
  whose: ({ machineId }) => ({ machineId }),
  draftOf: draftFromRow,
  meanwhile: (asked) =>
    `Revision ${asked} of this machine was made meanwhile with other content. Look at it, then change it again.`,
});

/** Makes the machine, or moves it on by one revision; refuses a name that is taken. */
async function moveToRevision(
  { manager, workshopId }: Entry,
  id: string,
  revision: number,
  name: string,
): Promise<void> {
  const namesake = await manager.findOneBy(MachineEntity, { name });
  if (namesake !== null && namesake.id !== id) {
    throw refused([
      { field: 'name', given: JSON.stringify(name), allowed: 'a name that no other machine has' },
    ]);
  }
  if (revision > 1) {
    await manager.update(MachineEntity, { id }, { name, revision });
    return;
  }
  const last = await manager.maximum(MachineEntity, 'position');
  await manager.insert(MachineEntity, { id, name, position: (last ?? 0) + 1, revision, workshopId });
}

/** In one statement: a firm has hundreds of machines, every page asks for them, and every save for one. */
const newestRevisions = (manager: EntityManager): SelectQueryBuilder<MachineRevisionEntity> =>
  manager
    .createQueryBuilder(MachineRevisionEntity, 'newest')
    .innerJoinAndSelect('newest.machine', 'machine')
    .where('newest.revision = machine.revision');

async function atRevision(manager: EntityManager, machine: MachineEntity): Promise<Machine> {
  const { id, revision } = machine;
  return machineFromRows(
    machine,
    await manager.findOneByOrFail(MachineRevisionEntity, { machineId: id, revision }),
  );
}

function machineFromRows(
  { id, name, revision, retiredAt, workshopId }: MachineEntity,
  row: MachineRevisionEntity,
): Machine {
  const { profile } = revisionFromRow(row);
  return {
    ...{ id, name, revision, profile },
    ...(retiredAt === null ? {} : { retiredAt }),
    ...(workshopId === null ? {} : { workshopId }),
  };
}

/** What to tell of a machine id that this shop does not have. */
export function unknownMachine(id: string): FieldProblem {
  return { field: 'machineId', given: `"${id}"`, allowed: 'a machine of this shop' };
}
