import {
  houseSheets,
  houseStarts,
  type House,
  type HouseContent,
  type HouseSheet,
  type Person,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, type EntityManager } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import { conflict, refused } from '../http/problem.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { changedInWords } from './changedInWords.js';
import { HouseSheetEntity } from './houseSheet.entity.js';

/** What the shop keeps to: its practice, its units, what it has on hand and what things cost. */
@Injectable()
export class HouseService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {}

  /** Every sheet as it stands; where a shop starts while nobody has written one. */
  async current(manager: EntityManager = this.dataSource.manager): Promise<House> {
    const sheets = await Promise.all(
      houseSheets.map(async (sheet) => [sheet, await sheetNow(manager, sheet)] as const),
    );
    return Object.fromEntries(sheets) as unknown as House;
  }

  /** Stores the next revision. Saving the same again changes nothing; where somebody was quicker it is a conflict. */
  revise<Sheet extends HouseSheet>(
    sheet: Sheet,
    revision: number,
    content: HouseContent[Sheet],
    by: Person,
  ): Promise<House> {
    return this.writes.run(async (manager) => {
      const stored = await manager.findOneBy(HouseSheetEntity, { sheet, revision });
      if (stored !== null) {
        if (stored.madeBy === by.id && isDeepStrictEqual(stored.content, content))
          return this.current(manager);
        throw conflict(
          `This sheet was changed meanwhile. What you typed is still here: look, then save again.`,
        );
      }
      const before = await sheetNow(manager, sheet);
      const next = before.revision + 1;
      if (revision !== next)
        throw refused([{ field: 'revision', given: String(revision), allowed: `${next}, the next one` }]);
      const madeAt = this.clock.now().toISOString();
      await manager.insert(HouseSheetEntity, { sheet, revision, content, madeAt, madeBy: by.id });
      const what = changedInWords(sheet, before.content, content);
      await this.changes.record(manager, { personId: by.id, noun: 'house', subjectId: sheet, what });
      return this.current(manager);
    });
  }
}

async function sheetNow<Sheet extends HouseSheet>(manager: EntityManager, sheet: Sheet) {
  const row = await manager.findOne(HouseSheetEntity, { where: { sheet }, order: { revision: 'DESC' } });
  return {
    revision: row?.revision ?? 0,
    // A question that a later version asks starts where every shop starts.
    content: withStarts(sheet, row?.content ?? houseStarts[sheet]) as HouseContent[Sheet],
  };
}

function withStarts(sheet: HouseSheet, content: HouseContent[HouseSheet]): unknown {
  return Array.isArray(content) ? content : { ...(houseStarts[sheet] as object), ...content };
}
