import type { Eyewear, EyewearDraft, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { EyewearEntity } from './eyewear.entity.js';

@Injectable()
export class EyewearService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {}

  /** Every helmet and pair, those in use first. */
  async list(): Promise<Eyewear[]> {
    const rows = await this.dataSource.manager.find(EyewearEntity, {
      order: { isRetired: 'ASC', name: 'ASC' },
    });
    return rows.map(eyewearFromRow);
  }

  /** Stores how a helmet or a pair was found, in the name of who looked. */
  save(id: string, draft: EyewearDraft, by: Person): Promise<Eyewear> {
    return this.writes.run(async (manager) => {
      const isNew = !(await manager.existsBy(EyewearEntity, { id }));
      const checkedAt = this.clock.now().toISOString();
      await manager.save(EyewearEntity, { ...draft, id, checkedAt, checkedBy: by.id });
      const state = draft.isRetired ? 'out of use' : draft.condition;
      const what = `${isNew ? 'added' : 'looked at'} ${draft.kind} ${draft.name}: ${state}`;
      await this.changes.record(manager, { personId: by.id, noun: 'eyewear', subjectId: id, what });
      return eyewearFromRow(await manager.findOneByOrFail(EyewearEntity, { id }));
    });
  }
}

function eyewearFromRow(row: EyewearEntity): Eyewear {
  const { id, name, kind, marking, opticalDensity, shade, condition, isRetired, checkedAt, checkedBy } = row;
  return { id, name, kind, marking, opticalDensity, shade, condition, isRetired, checkedAt, checkedBy };
}
