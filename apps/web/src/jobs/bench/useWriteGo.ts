import type { Job, WeldRunDraft } from '@lone-heron/contract';
import { useState } from 'react';
import { useSelector } from 'react-redux';
import { v7 as uuid } from 'uuid';
import { useSetRunWithdrawnMutation } from '../../shared/api/weldRunsApi.js';
import { useReadOutbox } from '../../shared/outbox/OutboxSender.js';
import { selectWaiting } from '../../shared/outbox/outboxSlice.js';
import { forget, keepForLater, waitingItems, type OutboxItem } from '../../shared/outbox/outboxStore.js';
import { sayUndoable } from '../../shared/save/sayUndoable.js';
import { toastFailure } from '../../shared/say/toast.js';
import type { GoHere } from './seamNow.js';

/**
 * Writes goes down by way of what waits in this browser: the page moves on at once, and the server takes them as soon as it can,
 * each once. Where the browser cannot keep one, it says so and answers false.
 */
export function useWriteGo({ id: jobId }: Job) {
  const readOutbox = useReadOutbox();
  const waiting = useSelector(selectWaiting);
  const [setWithdrawn] = useSetRunWithdrawnMutation();
  // Sent and not yet read back: without these the page would step back for a moment.
  const [sent, setSent] = useState<readonly (GoHere & { readonly id: string })[]>([]);
  const waitingHere = waiting.flatMap(({ seam }) => (seam?.jobId === jobId ? [seam] : []));
  const write = async (draft: WeldRunDraft, personId: string, words: string) => {
    const id = uuid();
    const { mark, seam, outcome } = draft;
    setSent((before) => [...before, { id, mark, seam, outcome }]);
    try {
      await keepForLater(waitingGo({ id, draft, personId, words }));
    } catch {
      setSent((before) => before.filter((each) => each.id !== id));
      toastFailure(`${mark}, seam ${seam} is not written down: this browser has no room left to keep it.`);
      return false;
    }
    await readOutbox();
    sayUndoable(words, { undo: () => takeBack(id), undone: 'Taken back.', stays: 'It still stands.' });
    return true;
  };
  const takeBack = async (id: string) => {
    const waits = (await waitingItems()).some((item) => item.id === id);
    const answer = waits ? await leave(id) : await setWithdrawn({ id, isWithdrawn: true });
    if (answer.error === undefined) setSent((before) => before.filter((each) => each.id !== id));
    return answer;
  };
  const leave = async (id: string): Promise<{ readonly error?: unknown }> => {
    await forget(id);
    await readOutbox();
    return {};
  };
  return { write, here: [...waitingHere, ...sent] as readonly GoHere[] };
}

function waitingGo({
  draft,
  ...rest
}: Pick<OutboxItem, 'id' | 'personId' | 'words'> & { draft: WeldRunDraft }): OutboxItem {
  const { jobId, mark, seam, outcome } = draft;
  const seamOf = { jobId, mark, seam, outcome };
  return { ...rest, kind: 'run', draft, refused: null, isHeldUp: false, at: Date.now(), seam: seamOf };
}
