import type { TrialDraft } from '@lone-heron/contract';
import { useRef } from 'react';
import { v7 as uuid } from 'uuid';
import { useSetTrialWithdrawnMutation } from '../api/trialsApi.js';
import { useReadOutbox } from '../outbox/OutboxSender.js';
import { forget, keepForLater, waitingItems } from '../outbox/outboxStore.js';
import { sayUndoable } from '../save/sayUndoable.js';
import { toastFailure } from '../say/toast.js';
import { workInWords } from './workInWords.js';

/**
 * Keeps a trial among what waits in this browser: it is safe at once, and the server takes it as soon as it can, once. A second
 * tap before it is kept keeps nothing more.
 *
 * @returns whether it is kept
 */
export function useKeepTrial(): (draft: TrialDraft, personId: string, said: string) => Promise<boolean> {
  const readOutbox = useReadOutbox();
  const [setWithdrawn] = useSetTrialWithdrawnMutation();
  const isUnderWay = useRef(false);
  const takeBack = async (id: string): Promise<{ readonly error?: unknown }> => {
    const waits = (await waitingItems()).some((item) => item.id === id);
    if (!waits) return setWithdrawn({ id, isWithdrawn: true });
    await forget(id);
    await readOutbox();
    return {};
  };
  return async (draft, personId, said) => {
    if (isUnderWay.current) return false;
    isUnderWay.current = true;
    const id = uuid();
    try {
      await keepForLater({
        ...{ id, kind: 'trial', draft, personId, words: workInWords(draft.work) },
        ...{ refused: null, isHeldUp: false, at: Date.now() },
      });
    } catch {
      toastFailure('Not logged: this browser has no room left to keep it.');
      return false;
    } finally {
      isUnderWay.current = false;
    }
    await readOutbox();
    sayUndoable(said, { undo: () => takeBack(id), undone: 'Taken back.', stays: 'It still stands.' });
    return true;
  };
}
