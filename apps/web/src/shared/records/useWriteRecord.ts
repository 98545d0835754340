import type { RecordDetail } from '@lone-heron/contract';
import { useState } from 'react';
import { toast } from 'sonner';
import { v7 as uuid } from 'uuid';
import { useSetRecordWithdrawnMutation, useWriteRecordMutation } from '../api/recordsApi.js';
import { problemOf } from '../api/problemOf.js';

/** Writes records of a machine, each under an id made once, so that a second tap is the same save; with undo. */
export function useWriteRecord(machineId: string) {
  const [id, setId] = useState(() => uuid());
  const [writeRecord, { isLoading, error }] = useWriteRecordMutation();
  const [setWithdrawn] = useSetRecordWithdrawnMutation();
  const undo = async (written: string) => {
    const answer = await setWithdrawn({ id: written, isWithdrawn: true });
    if (answer.error === undefined) toast('Taken back.');
    else toast.error(problemOf(answer.error).message);
  };
  /** @returns whether it is stored */
  const write = async (detail: RecordDetail, note: string, words: string): Promise<boolean> => {
    const answer = await writeRecord({ id, draft: { machineId, detail, note } });
    if (answer.error !== undefined) return false;
    setId(uuid());
    toast(words, { action: { label: 'Undo', onClick: () => void undo(id) } });
    return true;
  };
  return { write, isSaving: isLoading, failure: error === undefined ? null : problemOf(error).message };
}
