import {
  usualSequence,
  type Machine,
  type Person,
  type Sequence,
  type SequenceDraft,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { notFound } from '../http/problem.js';
import { RecordKit } from '../kit/recordKit.js';
import { RevisionLog } from '../kit/RevisionLog.js';
import { MachinesService } from '../machines/machines.service.js';
import { SequenceEntity } from './sequence.entity.js';

/** The start-up and shut-down that a machine's days are opened with. */
@Injectable()
export class SequencesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
  ) {}

  /** A machine's template: the newest a lead wrote, or ours for such a machine. */
  async current(machineId: string, manager: EntityManager = this.dataSource.manager): Promise<Sequence> {
    const machine = await this.requireMachine(machineId, manager);
    const row = await templates.newest(manager, machineId);
    return row === null
      ? { machineId, revision: 0, ...usualSequence(machine.profile) }
      : { machineId, revision: row.revision, startUp: row.startUp, shutDown: row.shutDown };
  }

  /** Stores the next revision. Saving the same again changes nothing; where somebody was quicker it is a conflict. */
  revise(machineId: string, revision: number, draft: SequenceDraft, by: Person): Promise<Sequence> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const machine = await this.requireMachine(machineId, manager);
      await templates.write(entry, { subject: machineId, revision, draft }, async () => {
        await manager.insert(SequenceEntity, { ...draft, machineId, revision, madeAt: at, madeBy: by.id });
        const why = draft.note === '' ? '' : `: ${draft.note}`;
        const what = `changed the start-up and shut-down of ${machine.name}, revision ${revision}${why}`;
        await entry.tell('template', machineId, what);
      });
      return this.current(machineId, manager);
    });
  }

  private async requireMachine(id: string, manager: EntityManager): Promise<Machine> {
    const machine = await this.machines.find(id, manager);
    if (machine === null) throw notFound('machine', id);
    return machine;
  }
}

const templates = new RevisionLog<SequenceEntity, SequenceDraft>({
  entity: SequenceEntity,
  ...{ subject: 'machineId', counter: 'revision', author: 'madeBy' },
  whose: ({ machineId }) => ({ machineId }),
  draftOf: ({ startUp, shutDown, note }) => ({ startUp, shutDown, note }),
  meanwhile: (asked) =>
    `Revision ${asked} of this template was made meanwhile. Look at it, then change it again.`,
});
