import type { Eyewear, EyewearDraft, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { RecordKit } from '../kit/recordKit.js';
import { EyewearEntity } from './eyewear.entity.js';

@Injectable()
export class EyewearService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
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
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const stored = await manager.findOneBy(EyewearEntity, { id });
      const workshopId = stored === null ? entry.workshopId : stored.workshopId;
      await entry.requireOwn({ workshopId });
      await manager.save(EyewearEntity, { ...draft, id, checkedAt: at, checkedBy: by.id, workshopId });
      const state = draft.isRetired ? 'out of use' : draft.condition;
      await entry.tell(
        'eyewear',
        id,
        `${stored === null ? 'added' : 'looked at'} ${draft.kind} ${draft.name}: ${state}`,
      );
      return eyewearFromRow(await manager.findOneByOrFail(EyewearEntity, { id }));
    });
  }
}

function eyewearFromRow(row: EyewearEntity): Eyewear {
  const { id, name, kind, marking, opticalDensity, shade, condition, isRetired, checkedAt, checkedBy } = row;
  return {
    ...{ id, name, kind, marking, opticalDensity, shade, condition, isRetired, checkedAt, checkedBy },
    workshopId: row.workshopId,
  };
}
