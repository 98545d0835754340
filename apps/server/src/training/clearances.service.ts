import type { Clearance, ClearanceDraft, FieldProblem, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { refused } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { findPerson } from '../people/face/readPeople.js';
import { ClearanceEntity } from './clearance.entity.js';

/** Who is cleared for what. */
@Injectable()
export class ClearancesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
  ) {}

  /** Every clearance that was ever given, newest first. */
  async list(): Promise<Clearance[]> {
    const rows = await this.dataSource.manager.find(ClearanceEntity, { order: { clearedAt: 'DESC' } });
    return rows.map(clearanceFromRow);
  }

  /** Clears somebody. Repeating it is the same save; with other content it is a conflict. */
  clear(id: string, draft: ClearanceDraft, by: Person): Promise<Clearance> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const { row } = await clearances.write(entry, id, draft, async () => {
        const names = await this.requireNames(manager, draft);
        await manager.insert(ClearanceEntity, {
          ...{ ...draft, id, clearedAt: at, clearedBy: by.id, withdrawnAt: null },
        });
        const until = draft.until === null ? '' : ` until ${draft.until}`;
        await entry.tell('training', id, `cleared ${names} to ${draft.mode}${until}`);
      });
      return clearanceFromRow(row);
    });
  }

  /** Withdraws a clearance, or gives it again. Repeating it changes nothing. */
  setWithdrawn(id: string, isWithdrawn: boolean, by: Person): Promise<Clearance> {
    return this.kit.enter(by, async (entry) => {
      const did = isWithdrawn ? 'withdrew' : 'gave again';
      const row = await clearances.setTakenBack(entry, id, isWithdrawn, async (cleared) => {
        const names = await this.requireNames(entry.manager, cleared);
        await entry.tell('training', id, `${did} ${names} to ${cleared.mode}`);
      });
      return clearanceFromRow(row);
    });
  }

  /** "Maren on the bench unit"; refuses people and machines that this shop does not have. */
  private async requireNames(manager: EntityManager, draft: ClearanceDraft): Promise<string> {
    const problems: FieldProblem[] = [];
    const person = await findPerson(manager, draft.personId);
    const machine = await this.machines.find(draft.machineId, manager);
    if (person === null)
      problems.push({ field: 'personId', given: `"${draft.personId}"`, allowed: 'a person of this shop' });
    if (machine === null) problems.push(unknownMachine(draft.machineId));
    if (person === null || machine === null) throw refused(problems);
    return `${person.name} on ${machine.name}`;
  }
}

const clearances = new ClientRecords<ClearanceEntity, ClearanceDraft>({
  entity: ClearanceEntity,
  ...{ called: 'clearance', author: 'clearedBy', takenBack: 'withdrawnAt' },
  whose: ({ machineId }) => ({ machineId }),
  draftOf,
});

function draftOf({ personId, machineId, mode, until, note }: ClearanceEntity): ClearanceDraft {
  return { personId, machineId, mode, until, note };
}

function clearanceFromRow(row: ClearanceEntity): Clearance {
  const { id, clearedAt, clearedBy, withdrawnAt } = row;
  return { ...draftOf(row), id, clearedAt, clearedBy, withdrawnAt };
}
