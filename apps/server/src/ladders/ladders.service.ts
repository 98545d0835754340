import {
  beyondMachine,
  settingOfRung,
  type FieldProblem,
  type Ladder,
  type LadderDraft,
  type Person,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { refused } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { LadderEntity } from './ladder.entity.js';

@Injectable()
export class LaddersService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
  ) {}

  /** Newest first, those that were put away among them. */
  async list(): Promise<Ladder[]> {
    const rows = await this.dataSource.manager.find(LadderEntity, { order: { number: 'DESC' } });
    return rows.map(ladderFromRow);
  }

  /** Keeps a ladder. Repeating it is the same save; with other content it is a conflict. */
  make(id: string, draft: LadderDraft, by: Person): Promise<Ladder> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const { row } = await ladders.write(entry, id, draft, async () => {
        await this.requireWithinMachine(manager, draft);
        const newest = await manager.maximum(LadderEntity, 'number');
        await manager.insert(LadderEntity, {
          ...{ ...draft, id, number: (newest ?? 0) + 1 },
          ...{ madeAt: at, madeBy: by.id, closedAt: null },
        });
      });
      return ladderFromRow(row);
    });
  }

  /** Puts a ladder away, or takes it out again; its coupons stay. Repeating it changes nothing. */
  setClosed(id: string, isClosed: boolean, by: Person): Promise<Ladder> {
    return this.kit.enter(by, async (entry) => {
      const did = isClosed ? 'put away' : 'took out again';
      const row = await ladders.setTakenBack(entry, id, isClosed, ({ number, name }) =>
        entry.tell('ladder', id, `${did} ladder ${number}: ${name}`),
      );
      return ladderFromRow(row);
    });
  }

  /** Every rung has a value for every knob, and the machine can do them all. */
  private async requireWithinMachine(manager: EntityManager, draft: LadderDraft): Promise<void> {
    const machine = await this.machines.find(draft.machineId, manager);
    if (machine === null) throw refused([unknownMachine(draft.machineId)]);
    const problems: FieldProblem[] = draft.rungs.flatMap((values, i) => {
      if (values.length !== draft.axes.length) {
        const allowed = `${draft.axes.length} values, one for each knob`;
        return [{ field: `rungs.${i}`, given: `${values.length} values`, allowed }];
      }
      return beyondMachine(settingOfRung(draft, values), machine).map((problem) => ({
        ...problem,
        field: `rungs.${i}: ${problem.field}`,
      }));
    });
    if (problems.length > 0) throw refused(problems.slice(0, 5));
  }
}

const ladders = new ClientRecords<LadderEntity, LadderDraft>({
  entity: LadderEntity,
  ...{ called: 'ladder', author: 'madeBy', takenBack: 'closedAt' },
  whose: ({ machineId }) => ({ machineId }),
  draftOf,
});

function draftOf({ name, machineId, joint, setting, axes, rungs }: LadderEntity): LadderDraft {
  return { name, machineId, joint, setting, axes, rungs };
}

function ladderFromRow(row: LadderEntity): Ladder {
  const { id, number, madeAt, madeBy, closedAt } = row;
  return { ...draftOf(row), id, number, madeAt, madeBy, closedAt };
}
