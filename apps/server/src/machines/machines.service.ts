import type {
  FieldProblem,
  Machine,
  MachineRevision,
  MachineRevisionDraft,
  Person,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, type EntityManager } from 'typeorm';
import { conflict, notFound, refused } from '../http/problem.js';
import { ChangesService } from '../changes/changes.service.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
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
    private readonly writes: WriteQueue,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {}

  /** Every machine of the shop at its newest revision, in the shop's own order. */
  async list(manager: EntityManager = this.dataSource.manager): Promise<Machine[]> {
    const machines = await manager.find(MachineEntity, { order: { position: 'ASC' } });
    return Promise.all(machines.map((machine) => atRevision(manager, machine)));
  }

  /** A machine at its newest revision; null where the shop has none of that id. */
  async find(id: string, manager: EntityManager = this.dataSource.manager): Promise<Machine | null> {
    const machine = await manager.findOneBy(MachineEntity, { id });
    return machine === null ? null : atRevision(manager, machine);
  }

  /** Every revision of a machine, newest first. */
  async history(id: string): Promise<MachineRevision[]> {
    const { manager } = this.dataSource;
    const rows = await manager.find(MachineRevisionEntity, {
      where: { machineId: id },
      order: { revision: 'DESC' },
    });
    if (rows.length === 0) throw notFound('machine', id);
    return rows.map(revisionFromRow);
  }

  /**
   * Stores the next revision of a machine, or the first one of a new machine. What was recorded with an older revision
   * keeps it. Saving the same revision with the same content again changes nothing; with other content somebody else
   * was quicker, which is a conflict.
   */
  revise(id: string, revision: number, draft: MachineRevisionDraft, by: Person): Promise<RevisedMachine> {
    return this.writes.run(async (manager) => {
      const stored = await manager.findOneBy(MachineRevisionEntity, { machineId: id, revision });
      if (stored !== null) return { machine: await sameRevision(manager, stored, draft, by), isNew: false };
      await this.insertRevision(manager, id, revision, draft, by);
      return { machine: { id, name: draft.name, revision, profile: draft.profile }, isNew: true };
    });
  }

  /** Stores a revision within somebody else's transaction; it must be the next one. */
  async insertRevision(
    manager: EntityManager,
    id: string,
    revision: number,
    draft: MachineRevisionDraft,
    by: Person,
  ): Promise<void> {
    await moveToRevision(manager, id, revision, draft.name);
    await manager.insert(MachineRevisionEntity, {
      ...{ machineId: id, revision, ...draft },
      ...{ madeAt: this.clock.now().toISOString(), madeBy: by.id },
    });
    const what = `${revision === 1 ? 'set up' : 'changed'} ${draft.name}, revision ${revision}${draft.note === '' ? '' : `: ${draft.note}`}`;
    await this.changes.record(manager, { personId: by.id, noun: 'machine', subjectId: id, what });
  }
}

/** Makes the machine, or moves it on by one revision; refuses a revision that does not come next, and a name taken. */
async function moveToRevision(
  manager: EntityManager,
  id: string,
  revision: number,
  name: string,
): Promise<void> {
  const machine = await manager.findOneBy(MachineEntity, { id });
  const next = (machine?.revision ?? 0) + 1;
  if (revision !== next) {
    throw refused([{ field: 'revision', given: String(revision), allowed: `${next}, the next one` }]);
  }
  const namesake = await manager.findOneBy(MachineEntity, { name });
  if (namesake !== null && namesake.id !== id) {
    throw refused([
      { field: 'name', given: JSON.stringify(name), allowed: 'a name that no other machine has' },
    ]);
  }
  if (machine !== null) {
    await manager.update(MachineEntity, { id }, { name, revision });
    return;
  }
  const last = await manager.maximum(MachineEntity, 'position');
  await manager.insert(MachineEntity, { id, name, position: (last ?? 0) + 1, revision });
}

/** The machine of a revision that is stored already, where it says what the draft says. */
async function sameRevision(
  manager: EntityManager,
  stored: MachineRevisionEntity,
  draft: MachineRevisionDraft,
  by: Person,
): Promise<Machine> {
  if (stored.madeBy !== by.id || !isDeepStrictEqual(draftFromRow(stored), draft)) {
    throw conflict(
      `Revision ${stored.revision} of ${stored.name} was made meanwhile with other content. Look at it, then change it again.`,
    );
  }
  return atRevision(manager, await manager.findOneByOrFail(MachineEntity, { id: stored.machineId }));
}

async function atRevision(manager: EntityManager, { id, name, revision }: MachineEntity): Promise<Machine> {
  const row = await manager.findOneByOrFail(MachineRevisionEntity, { machineId: id, revision });
  return { id, name, revision, profile: revisionFromRow(row).profile };
}

/** What to tell of a machine id that this shop does not have. */
export function unknownMachine(id: string): FieldProblem {
  return { field: 'machineId', given: `"${id}"`, allowed: 'a machine of this shop' };
}
