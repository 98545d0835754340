import type { Clearance, ClearanceDraft, FieldProblem, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, type EntityManager } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import { conflict, notFound, refused } from '../http/problem.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { PersonEntity } from '../people/person.entity.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { ClearanceEntity } from './clearance.entity.js';

/** Who is cleared for what. */
@Injectable()
export class ClearancesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly machines: MachinesService,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {}

  /** Every clearance that was ever given, newest first. */
  async list(): Promise<Clearance[]> {
    const rows = await this.dataSource.manager.find(ClearanceEntity, { order: { clearedAt: 'DESC' } });
    return rows.map(clearanceFromRow);
  }

  /** Clears somebody. Repeating it is the same save; with other content it is a conflict. */
  clear(id: string, draft: ClearanceDraft, by: Person): Promise<Clearance> {
    return this.writes.run(async (manager) => {
      const stored = await manager.findOneBy(ClearanceEntity, { id });
      if (stored !== null) {
        if (stored.clearedBy === by.id && isDeepStrictEqual(draftOf(stored), draft))
          return clearanceFromRow(stored);
        throw conflict(`Clearance ${id} is stored already with other content. It is never overwritten.`);
      }
      const names = await this.requireNames(manager, draft);
      const clearedAt = this.clock.now().toISOString();
      await manager.insert(ClearanceEntity, { ...draft, id, clearedAt, clearedBy: by.id, withdrawnAt: null });
      const until = draft.until === null ? '' : ` until ${draft.until}`;
      await this.record(manager, by, id, `cleared ${names} to ${draft.mode}${until}`);
      return clearanceFromRow(await requireClearance(manager, id));
    });
  }

  /** Withdraws a clearance, or gives it again. Repeating it changes nothing. */
  setWithdrawn(id: string, isWithdrawn: boolean, by: Person): Promise<Clearance> {
    return this.writes.run(async (manager) => {
      const row = await requireClearance(manager, id);
      if ((row.withdrawnAt !== null) === isWithdrawn) return clearanceFromRow(row);
      const withdrawnAt = isWithdrawn ? this.clock.now().toISOString() : null;
      await manager.update(ClearanceEntity, { id }, { withdrawnAt });
      const names = await this.requireNames(manager, row);
      await this.record(
        manager,
        by,
        id,
        `${isWithdrawn ? 'withdrew' : 'gave again'} ${names} to ${row.mode}`,
      );
      return clearanceFromRow(await requireClearance(manager, id));
    });
  }

  /** "Maren on the bench unit"; refuses people and machines that this shop does not have. */
  private async requireNames(manager: EntityManager, draft: ClearanceDraft): Promise<string> {
    const problems: FieldProblem[] = [];
    const person = await manager.findOneBy(PersonEntity, { id: draft.personId });
    const machine = await this.machines.find(draft.machineId, manager);
    if (person === null)
      problems.push({ field: 'personId', given: `"${draft.personId}"`, allowed: 'a person of this shop' });
    if (machine === null) problems.push(unknownMachine(draft.machineId));
    if (person === null || machine === null) throw refused(problems);
    return `${person.name} on ${machine.name}`;
  }

  private record(manager: EntityManager, by: Person, id: string, what: string): Promise<void> {
    return this.changes.record(manager, { personId: by.id, noun: 'training', subjectId: id, what });
  }
}

async function requireClearance(manager: EntityManager, id: string): Promise<ClearanceEntity> {
  const row = await manager.findOneBy(ClearanceEntity, { id });
  if (row === null) throw notFound('clearance', id);
  return row;
}

function draftOf({ personId, machineId, mode, until, note }: ClearanceEntity): ClearanceDraft {
  return { personId, machineId, mode, until, note };
}

function clearanceFromRow(row: ClearanceEntity): Clearance {
  const { id, clearedAt, clearedBy, withdrawnAt } = row;
  return { ...draftOf(row), id, clearedAt, clearedBy, withdrawnAt };
}
