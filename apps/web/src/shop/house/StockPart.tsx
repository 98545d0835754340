import type { HouseSheet } from '@lone-heron/contract';
import { useState, type ComponentType } from 'react';
import { OwnSheetNote } from './OwnSheetNote.js';
import { useHouseSheet, type WrittenSheet } from './useHouseSheet.js';

interface StockPartProps<Sheet extends HouseSheet> {
  name: Sheet;
  /** The newest revision. */
  newest: number;
  part: ComponentType<{ sheet: WrittenSheet<Sheet> }>;
}

/**
 * A sheet that is typed into. Somebody else's save meanwhile takes nothing away from what is typed here: it is said, and
 * theirs is shown on a press.
 */
export function StockPart<Sheet extends HouseSheet>({ name, newest, part: Part }: StockPartProps<Sheet>) {
  const [basis, setBasis] = useState(newest);
  const sheet = useHouseSheet(name, basis);
  if (sheet === null) return null;
  const goOn = async (storing: Promise<number | null>) => {
    const stored = await storing;
    if (stored !== null) setBasis(stored);
    return stored;
  };
  const own: WrittenSheet<Sheet> = {
    ...sheet,
    save: (content, what) => goOn(sheet.save(content, what)),
    leaveToFirm: () => goOn(sheet.leaveToFirm()),
  };
  return (
    <>
      {newest !== basis && !sheet.isSaving && (
        <p role="status" className="caution flex flex-wrap items-center gap-3 p-3">
          This was changed meanwhile; what you typed is still here.
          <button type="button" className="btn touch btn-sm" onClick={() => setBasis(newest)}>
            Show what is stored
          </button>
        </p>
      )}
      <OwnSheetNote sheet={own} />
      <Part key={basis} sheet={own} />
    </>
  );
}
