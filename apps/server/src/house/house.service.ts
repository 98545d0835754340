import {
  houseSheets,
  type House,
  type HouseContent,
  type HouseSheet,
  type Person,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { conflict } from '../http/problem.js';
import type { Entry } from '../kit/Entry.js';
import { RecordKit } from '../kit/recordKit.js';
import { workshopInWords } from '../workshops/face/workshopInWords.js';
import { changedInWords } from './changedInWords.js';
import { HouseSheetEntity } from './houseSheet.entity.js';
import { mayBeOwn, ownSheets, ownSubject, sheetNow, sheets } from './houseSheets.js';
import { WorkshopSheetEntity } from './workshopSheet.entity.js';

/** What the shop keeps to: its practice, its units, what it has on hand and what things cost. A workshop has its own on top. */
@Injectable()
export class HouseService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
  ) {}

  /** Every sheet as a workshop goes by it, null for the firm; where a shop starts while nobody has written one. */
  async current(
    workshopId: string | null = null,
    manager: EntityManager = this.dataSource.manager,
  ): Promise<House> {
    // One after the other: all of them may stand in one transaction, which has one connection.
    const now: [string, unknown][] = [];
    for (const sheet of houseSheets) now.push([sheet, await sheetNow(manager, sheet, workshopId)]);
    return Object.fromEntries(now) as unknown as House;
  }

  /**
   * Stores the next revision: of the workshop's own sheet, where whoever writes is of one. Saving the same again changes nothing;
   * where somebody was quicker it is a conflict.
   */
  revise<Sheet extends HouseSheet>(
    sheet: Sheet,
    revision: number,
    content: HouseContent[Sheet],
    by: Person,
  ): Promise<House> {
    return this.kit.enter(by, async (entry) => {
      const { manager, workshopId } = entry;
      if (workshopId !== null && mayBeOwn(sheet))
        await reviseOwn(entry, { workshopId, sheet, revision, content });
      else await reviseFirms(entry, { sheet, revision, content });
      return this.current(workshopId, manager);
    });
  }

  /** Has a workshop go by the firm's sheet again, as the next revision of its own. */
  leaveToFirm(sheet: HouseSheet, revision: number, by: Person): Promise<House> {
    return this.kit.enter(by, async (entry) => {
      const { manager, workshopId } = entry;
      if (workshopId === null)
        throw conflict(`${by.name} is of the whole firm, and goes by the firm’s already.`);
      await reviseOwn(entry, { workshopId, sheet, revision, content: null });
      return this.current(workshopId, manager);
    });
  }
}

interface FirmsRevision {
  readonly sheet: HouseSheet;
  readonly revision: number;
  readonly content: HouseContent[HouseSheet];
}

async function reviseFirms(entry: Entry, { sheet, revision, content }: FirmsRevision): Promise<void> {
  const { manager, at, by } = entry;
  const before = await sheetNow(manager, sheet, null);
  await sheets.write(entry, { subject: sheet, revision, draft: content }, async () => {
    await manager.insert(HouseSheetEntity, { sheet, revision, content, madeAt: at, madeBy: by.id });
    await entry.tell('house', sheet, changedInWords(sheet, before.content, content));
  });
}

interface OwnRevision {
  readonly workshopId: string;
  readonly sheet: HouseSheet;
  readonly revision: number;
  /** Null to go by the firm's again. */
  readonly content: HouseContent[HouseSheet] | null;
}

async function reviseOwn(entry: Entry, { workshopId, sheet, revision, content }: OwnRevision): Promise<void> {
  const { manager, at, by } = entry;
  const subject = ownSubject(workshopId, sheet);
  const before = await sheetNow(manager, sheet, workshopId);
  await ownSheets.write(entry, { subject, revision, draft: content }, async () => {
    await manager.insert(WorkshopSheetEntity, {
      ...{ subject, revision, workshopId, sheet, content },
      ...{ madeAt: at, madeBy: by.id },
    });
    const name = await workshopInWords(manager, workshopId);
    const did =
      content === null ? `goes by the firm’s ${sheet} again` : changedInWords(sheet, before.content, content);
    await entry.tell('house', sheet, `${name}: ${did}`);
  });
}
