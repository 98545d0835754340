import type { RecordDetail, ShopRecordDraft } from '@lone-heron/contract';
import { useSetRecordWithdrawnMutation, useWriteRecordMutation } from '../api/recordsApi.js';
import { problemOf } from '../api/problemOf.js';
import { useUndoableSave } from '../save/useUndoableSave.js';

/** A record with what is said of it. */
interface Said {
  readonly draft: ShopRecordDraft;
  readonly words: string;
}

/**
 * Writes records of a machine, with undo.
 *
 * @param sheet under which what is typed is kept; left out where nothing is
 */
export function useWriteRecord(machineId: string, sheet?: string) {
  const [writeRecord, { isLoading, error }] = useWriteRecordMutation();
  const [setWithdrawn] = useSetRecordWithdrawnMutation();
  const save = useUndoableSave({
    ...(sheet === undefined ? {} : { sheet }),
    send: (id, { draft }: Said) => writeRecord({ id, draft }),
    said: (_, { words }) => words,
    wayBack: (id) => ({ undo: () => setWithdrawn({ id, isWithdrawn: true }), undone: 'Taken back.' }),
  });
  /** @returns whether it is stored */
  const write = (detail: RecordDetail, note: string, words: string): Promise<boolean> =>
    save({ draft: { machineId, detail, note }, words });
  return { write, isSaving: isLoading, failure: error === undefined ? null : problemOf(error).message };
}
