import { v7 as uuid } from 'uuid';
import { keepTyping } from './keptTyping.js';
import { useKept } from './useKept.js';

/**
 * The id that what is typed on a sheet is saved under. `sent` keeps it with the typing, to be called before it is sent: where
 * the answer is lost and the sheet is opened again, saving is the same save and no second record.
 */
export function useKeptId(sheet: string): { readonly id: string; readonly sent: () => void } {
  const [id] = useKept(sheet, 'id', () => uuid());
  return { id, sent: () => keepTyping(sheet, 'id', id) };
}
