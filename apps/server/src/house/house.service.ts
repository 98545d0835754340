import {
  houseSheets,
  type House,
  type HouseContent,
  type HouseSheet,
  type Person,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { RecordKit } from '../kit/recordKit.js';
import { changedInWords } from './changedInWords.js';
import { HouseSheetEntity } from './houseSheet.entity.js';
import { sheetNow, sheets } from './houseSheets.js';

/** What the shop keeps to: its practice, its units, what it has on hand and what things cost. */
@Injectable()
export class HouseService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
  ) {}

  /** Every sheet as it stands; where a shop starts while nobody has written one. */
  async current(manager: EntityManager = this.dataSource.manager): Promise<House> {
    // One after the other: all of them may stand in one transaction, which has one connection.
    const sheets: [string, unknown][] = [];
    for (const sheet of houseSheets) sheets.push([sheet, await sheetNow(manager, sheet)]);
    return Object.fromEntries(sheets) as unknown as House;
  }

  /** Stores the next revision. Saving the same again changes nothing; where somebody was quicker it is a conflict. */
  revise<Sheet extends HouseSheet>(
    sheet: Sheet,
    revision: number,
    content: HouseContent[Sheet],
    by: Person,
  ): Promise<House> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const before = await sheetNow(manager, sheet);
      await sheets.write(entry, { subject: sheet, revision, draft: content }, async () => {
        await manager.insert(HouseSheetEntity, { sheet, revision, content, madeAt: at, madeBy: by.id });
        await entry.tell('house', sheet, changedInWords(sheet, before.content, content));
      });
      return this.current(manager);
    });
  }
}
