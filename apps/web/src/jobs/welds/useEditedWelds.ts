import type { Job } from '@lone-heron/contract';
import { useState } from 'react';
import { useKept } from '../../shared/typing/useKept.js';
import type { EditedWelds } from './weldEdits.js';

/** The list as it is edited, kept in the tab until it is saved, with its steps back and forth. */
export function useEditedWelds(sheet: string, { draft, revision }: Job) {
  const { parts, welds, order } = draft;
  // An order by hand may be null: what is kept of it must not be held against the pattern of the first.
  const [kept, setKept] = useKept(sheet, 'welds', () => ({
    basis: revision,
    list: null as EditedWelds | null,
  }));
  const [past, setPast] = useState<readonly EditedWelds[]>([]);
  const [future, setFuture] = useState<readonly EditedWelds[]>([]);
  const stored: EditedWelds = { parts, welds, order };
  const edited = kept.list ?? stored;
  const put = (list: EditedWelds) => setKept({ basis: kept.list === null ? revision : kept.basis, list });
  const [before, after] = [past.at(-1), future.at(-1)];
  return {
    edited,
    /** The revision that was changed. */
    basis: kept.list === null ? revision : kept.basis,
    isChanged: JSON.stringify(edited) !== JSON.stringify(stored),
    edit: (list: EditedWelds) => {
      setPast([...past, edited]);
      setFuture([]);
      put(list);
    },
    undo:
      before === undefined
        ? null
        : () => {
            setPast(past.slice(0, -1));
            setFuture([...future, edited]);
            put(before);
          },
    redo:
      after === undefined
        ? null
        : () => {
            setFuture(future.slice(0, -1));
            setPast([...past, edited]);
            put(after);
          },
  };
}
