import { houseStarts, type HouseContent, type HouseSheet } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { RevisionLog } from '../kit/RevisionLog.js';
import { HouseSheetEntity } from './houseSheet.entity.js';

/** The revisions of every sheet of the house. */
export const sheets = new RevisionLog<HouseSheetEntity, HouseContent[HouseSheet]>({
  entity: HouseSheetEntity,
  ...{ subject: 'sheet', counter: 'revision', author: 'madeBy' },
  draftOf: ({ content }) => content,
  meanwhile: () => 'This sheet was changed meanwhile. What you typed is still here: look, then save again.',
});

/** A sheet as it stands; where a shop starts while nobody has written it. */
export async function sheetNow<Sheet extends HouseSheet>(manager: EntityManager, sheet: Sheet) {
  const row = await sheets.newest(manager, sheet);
  return {
    revision: row?.revision ?? 0,
    // A question that a later version asks starts where every shop starts.
    content: withStarts(sheet, row?.content ?? houseStarts[sheet]) as HouseContent[Sheet],
  };
}

function withStarts(sheet: HouseSheet, content: HouseContent[HouseSheet]): unknown {
  return Array.isArray(content) ? content : { ...(houseStarts[sheet] as object), ...content };
}
