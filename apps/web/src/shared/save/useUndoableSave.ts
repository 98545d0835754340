import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { keepTyping, typingOf } from '../typing/keptTyping.js';
import { sayUndoable, type WayBack } from './sayUndoable.js';

/** How a draft is stored under an id of the client's, and taken back. */
interface UndoableSave<Draft, Saved> {
  /** Under which what is typed is kept, and its id with it once it was sent; left out where nothing is typed. */
  readonly sheet?: string;
  readonly send: (id: string, draft: Draft) => Promise<{ readonly data?: Saved; readonly error?: unknown }>;
  /** What is said of it once it is stored. */
  readonly said: (saved: NonNullable<Saved>, draft: Draft) => string;
  readonly wayBack: (id: string, saved: NonNullable<Saved>) => WayBack;
  /** Once it is stored, before it is said. */
  readonly onSaved?: () => void;
}

/**
 * Stores a draft under an id made once, so that a second tap or a retry is the same save; the next draft gets another. With
 * the way back in what is said.
 *
 * @returns whether it is stored; why not stands in the mutation's own error
 */
export function useUndoableSave<Draft, Saved>({
  sheet,
  send,
  said,
  wayBack,
  onSaved,
}: UndoableSave<Draft, Saved>): (draft: Draft) => Promise<boolean> {
  const [id, setId] = useState(() => keptId(sheet) ?? uuid());
  return async (draft) => {
    if (sheet !== undefined) keepTyping(sheet, 'id', id);
    const { data } = await send(id, draft);
    if (data === undefined || data === null) return false;
    setId(uuid());
    onSaved?.();
    sayUndoable(said(data, draft), wayBack(id, data));
    return true;
  };
}

function keptId(sheet: string | undefined): string | null {
  const kept = sheet === undefined ? undefined : typingOf(sheet)['id'];
  return typeof kept === 'string' ? kept : null;
}
