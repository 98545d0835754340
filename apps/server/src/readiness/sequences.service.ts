import {
  usualSequence,
  type Machine,
  type Person,
  type Sequence,
  type SequenceDraft,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, type EntityManager } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import { conflict, notFound, refused } from '../http/problem.js';
import { MachinesService } from '../machines/machines.service.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { SequenceEntity } from './sequence.entity.js';

/** The start-up and shut-down that a machine's days are opened with. */
@Injectable()
export class SequencesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly machines: MachinesService,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {}

  /** A machine's template: the newest a lead wrote, or ours for such a machine. */
  async current(machineId: string, manager: EntityManager = this.dataSource.manager): Promise<Sequence> {
    const machine = await this.requireMachine(machineId, manager);
    const row = await newestRow(manager, machineId);
    return row === null
      ? { machineId, revision: 0, ...usualSequence(machine.profile) }
      : { machineId, revision: row.revision, startUp: row.startUp, shutDown: row.shutDown };
  }

  /** Stores the next revision. Saving the same again changes nothing; where somebody was quicker it is a conflict. */
  revise(machineId: string, revision: number, draft: SequenceDraft, by: Person): Promise<Sequence> {
    return this.writes.run(async (manager) => {
      const machine = await this.requireMachine(machineId, manager);
      const stored = await manager.findOneBy(SequenceEntity, { machineId, revision });
      if (stored !== null) {
        const { startUp, shutDown, note } = stored;
        if (stored.madeBy === by.id && isDeepStrictEqual({ startUp, shutDown, note }, draft))
          return this.current(machineId, manager);
        throw conflict(
          `Revision ${revision} of this template was made meanwhile. Look at it, then change it again.`,
        );
      }
      const next = ((await newestRow(manager, machineId))?.revision ?? 0) + 1;
      if (revision !== next) {
        throw refused([{ field: 'revision', given: String(revision), allowed: `${next}, the next one` }]);
      }
      const madeAt = this.clock.now().toISOString();
      await manager.insert(SequenceEntity, { ...draft, machineId, revision, madeAt, madeBy: by.id });
      const why = draft.note === '' ? '' : `: ${draft.note}`;
      const what = `changed the start-up and shut-down of ${machine.name}, revision ${revision}${why}`;
      await this.changes.record(manager, { personId: by.id, noun: 'template', subjectId: machineId, what });
      return this.current(machineId, manager);
    });
  }

  private async requireMachine(id: string, manager: EntityManager): Promise<Machine> {
    const machine = await this.machines.find(id, manager);
    if (machine === null) throw notFound('machine', id);
    return machine;
  }
}

function newestRow(manager: EntityManager, machineId: string): Promise<SequenceEntity | null> {
  return manager.findOne(SequenceEntity, { where: { machineId }, order: { revision: 'DESC' } });
}
