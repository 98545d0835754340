import {
  beyondMachine,
  settingOfRung,
  type FieldProblem,
  type Ladder,
  type LadderDraft,
  type Person,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, type EntityManager } from 'typeorm';
import { conflict, notFound, refused } from '../http/problem.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { LadderEntity } from './ladder.entity.js';

@Injectable()
export class LaddersService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly machines: MachinesService,
    private readonly clock: Clock,
  ) {}

  /** Newest first, those that were put away among them. */
  async list(): Promise<Ladder[]> {
    const rows = await this.dataSource.manager.find(LadderEntity, { order: { number: 'DESC' } });
    return rows.map(ladderFromRow);
  }

  /** Keeps a ladder. Repeating it is the same save; with other content it is a conflict. */
  make(id: string, draft: LadderDraft, by: Person): Promise<Ladder> {
    return this.writes.run(async (manager) => {
      const stored = await manager.findOneBy(LadderEntity, { id });
      if (stored !== null) {
        if (isDeepStrictEqual(draftOf(stored), draft)) return ladderFromRow(stored);
        throw conflict(`Ladder ${id} is stored already with other content. A ladder is never overwritten.`);
      }
      await this.requireWithinMachine(manager, draft);
      const newest = await manager.maximum(LadderEntity, 'number');
      await manager.insert(LadderEntity, {
        ...draft,
        id,
        number: (newest ?? 0) + 1,
        madeAt: this.clock.now().toISOString(),
        madeBy: by.id,
        closedAt: null,
      });
      return ladderFromRow(await requireLadder(manager, id));
    });
  }

  /** Puts a ladder away, or takes it out again; its coupons stay. Repeating it changes nothing. */
  setClosed(id: string, isClosed: boolean): Promise<Ladder> {
    return this.writes.run(async (manager) => {
      const row = await requireLadder(manager, id);
      if ((row.closedAt !== null) !== isClosed) {
        row.closedAt = isClosed ? this.clock.now().toISOString() : null;
        await manager.update(LadderEntity, { id }, { closedAt: row.closedAt });
      }
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

async function requireLadder(manager: EntityManager, id: string): Promise<LadderEntity> {
  const row = await manager.findOneBy(LadderEntity, { id });
  if (row === null) throw notFound('ladder', id);
  return row;
}

function draftOf({ name, machineId, joint, setting, axes, rungs }: LadderEntity): LadderDraft {
  return { name, machineId, joint, setting, axes, rungs };
}

function ladderFromRow(row: LadderEntity): Ladder {
  const { id, number, madeAt, madeBy, closedAt } = row;
  return { ...draftOf(row), id, number, madeAt, madeBy, closedAt };
}
