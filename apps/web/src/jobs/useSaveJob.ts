import type { Job, JobDraft } from '@lone-heron/contract';
import { useState } from 'react';
import { useWriteJobMutation } from '../shared/api/jobsApi.js';
import { sayUndoable } from '../shared/save/sayUndoable.js';

/**
 * Writes the next revision of a job; the toast takes it back by writing the one before anew. `now` is the job as it stands: what
 * was written here last, until the page has asked for it again, so that the next press builds on it.
 */
export function useSaveJob(job: Job) {
  const [write, { isLoading, error }] = useWriteJobMutation();
  const [written, setWritten] = useState<Job | null>(null);
  const now = written !== null && written.revision > job.revision ? written : job;
  /**
   * @param basis revision that was changed: on an older one the save is refused, so that nothing somebody else wrote is lost unseen
   * @returns whether it is stored
   */
  const save = async (draft: JobDraft, said: string, basis = now.revision): Promise<boolean> => {
    const { data } = await write({ id: job.id, revision: basis + 1, draft });
    if (data === undefined) return false;
    setWritten(data);
    sayUndoable(said, {
      undo: async () => {
        const answer = await write({
          ...{ id: job.id, revision: data.revision + 1 },
          draft: { ...now.draft, why: 'taken back' },
        });
        if (answer.data !== undefined) setWritten(answer.data);
        return answer;
      },
      undone: 'Put back as it was.',
      stays: 'The job stands as it was saved.',
    });
    return true;
  };
  return { now, save, isSaving: isLoading, error };
}
