import { jobStates, type Job, type JobState } from '@lone-heron/contract';
import { useState } from 'react';
import { useSetJobStateMutation, useSetJobWithdrawnMutation } from '../../shared/api/jobsApi.js';
import { useAsSomebody } from '../../shared/door/useAsSomebody.js';
import { sayFailed, sayUndoable } from '../../shared/save/sayUndoable.js';
import { stateWords } from '../jobWords.js';

const choices = [...jobStates, 'takenBack'] as const;

/** How far the job is, said by somebody; taking it back keeps everything. */
export function StateKeys({ job: asked }: { job: Job }) {
  // What is said next builds on what was stored last, however long it takes until the job is asked for anew.
  const [stored, setStored] = useState<{ readonly over: Job; readonly job: Job } | null>(null);
  const job = stored?.over === asked ? stored.job : asked;
  const asSomebody = useAsSomebody();
  const [setState] = useSetJobStateMutation();
  const [setWithdrawn] = useSetJobWithdrawnMutation();
  const { id, state, withdrawnAt, number } = job;
  const said = withdrawnAt === null ? state : 'takenBack';
  const back = () =>
    withdrawnAt === null ? setState({ id, state }) : setWithdrawn({ id, isWithdrawn: true });
  const change = async (to: (typeof choices)[number]) => {
    const answer = to === 'takenBack' ? await setWithdrawn({ id, isWithdrawn: true }) : await putIn(to);
    if (answer.error !== undefined) {
      sayFailed(answer.error, 'Nothing changed.');
      return;
    }
    if (answer.data !== undefined) setStored({ over: asked, job: answer.data });
    const undo = to === 'takenBack' ? () => setWithdrawn({ id, isWithdrawn: false }) : back;
    sayUndoable(`Job ${number} is ${to === 'takenBack' ? 'taken back' : stateWords[to]}.`, { undo });
  };
  const putIn = async (to: JobState) => {
    if (withdrawnAt !== null) {
      const answer = await setWithdrawn({ id, isWithdrawn: false });
      if (answer.error !== undefined) return answer;
    }
    return setState({ id, state: to });
  };
  return (
    <select
      className="select touch-always w-auto text-base"
      aria-label="How far the job is"
      value={said}
      onChange={(event) => {
        const to = choices.find((each) => each === event.target.value);
        if (to !== undefined && to !== said) asSomebody(() => void change(to));
      }}
    >
      {choices.map((each) => (
        <option key={each} value={each}>
          {each === 'takenBack' ? 'taken back' : stateWords[each]}
        </option>
      ))}
    </select>
  );
}
