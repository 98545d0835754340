import { houseStarts, type HouseContent, type HouseSheet } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { RevisionLog } from '../kit/RevisionLog.js';
import { HouseSheetEntity } from './houseSheet.entity.js';
import { WorkshopSheetEntity } from './workshopSheet.entity.js';

const meanwhile = () =>
  'This sheet was changed meanwhile. What you typed is still here: look, then save again.';

/** The revisions of every sheet of the house. */
export const sheets = new RevisionLog<HouseSheetEntity, HouseContent[HouseSheet]>({
  entity: HouseSheetEntity,
  ...{ subject: 'sheet', counter: 'revision', author: 'madeBy' },
  draftOf: ({ content }) => content,
  whose: () => ({ workshopId: null }),
  meanwhile,
});

/** The revisions of every sheet that a workshop has of its own. */
export const ownSheets = new RevisionLog<WorkshopSheetEntity, HouseContent[HouseSheet] | null>({
  entity: WorkshopSheetEntity,
  ...{ subject: 'subject', counter: 'revision', author: 'madeBy' },
  draftOf: ({ content }) => content,
  whose: ({ workshopId }) => ({ workshopId }),
  meanwhile,
});

export const ownSubject = (workshopId: string, sheet: HouseSheet) => `${workshopId}/${sheet}`;

/** A sheet as somebody goes by it. */
export interface SheetNow<Sheet extends HouseSheet> {
  /** The newest of what they would write the next revision of: their workshop's, or the firm's. */
  readonly revision: number;
  readonly content: HouseContent[Sheet];
  /** It is their workshop's own. */
  readonly isOwn: boolean;
}

/**
 * A sheet as it stands for a workshop: its own, the firm's where it has none, and where a shop starts while nobody has written it.
 *
 * @param workshopId null for who goes by the firm's
 */
export async function sheetNow<Sheet extends HouseSheet>(
  manager: EntityManager,
  sheet: Sheet,
  workshopId: string | null,
): Promise<SheetNow<Sheet>> {
  const isOwnable = workshopId !== null && mayBeOwn(sheet);
  const own = isOwnable ? await ownSheets.newest(manager, ownSubject(workshopId, sheet)) : null;
  const ours = own?.content ?? null;
  if (ours !== null) return { revision: own?.revision ?? 0, content: withStarts(sheet, ours), isOwn: true };
  const row = await sheets.newest(manager, sheet);
  return {
    revision: isOwnable ? (own?.revision ?? 0) : (row?.revision ?? 0),
    content: withStarts(sheet, row?.content ?? houseStarts[sheet]),
    isOwn: false,
  };
}

/** How glass is weighed is one for the firm: the lives of all its windows are worked out together. */
export const mayBeOwn = (sheet: HouseSheet) => sheet !== 'glassWeights';

/** A question that a later version asks starts where every shop starts. */
function withStarts<Sheet extends HouseSheet>(
  sheet: Sheet,
  content: HouseContent[HouseSheet],
): HouseContent[Sheet] {
  const whole = Array.isArray(content) ? content : { ...(houseStarts[sheet] as object), ...content };
  return whole as HouseContent[Sheet];
}
