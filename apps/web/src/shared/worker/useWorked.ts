import { useCallback, useEffect, useRef, useState } from 'react';
import { useSettled } from '../form/useSettled.js';
import { askWorker, stoppedFault } from './askWorker.js';

/** What a worker answered, and to what. */
export interface ShownWork<Task, Answer> {
  readonly task: Task;
  readonly answer: Answer;
}

/** Work beside the screen, as far as it is. */
export interface Worked<Task, Answer> {
  /** The newest there is: of the task before, while this one is worked out. */
  readonly shown: ShownWork<Task, Answer> | null;
  /** How far the one that is under way has come, 0 to 1; null where none is. */
  readonly done: number | null;
  /** Why there is no answer to this task; null where there is one, or none yet. */
  readonly fault: string | null;
  readonly stop: () => void;
  readonly again: () => void;
}

/**
 * Has a task worked out beside the screen, anew once it has stood still; it can be stopped and asked again.
 *
 * @param task plain figures, or null while there is none
 * @param start makes the worker; kept the same, as a function outside the component is
 */
export function useWorked<Task extends object, Answer extends object>(
  task: Task | null,
  start: () => Worker,
): Worked<Task, Answer> {
  const said = JSON.stringify(task);
  const settled = useSettled(said);
  const [shown, setShown] = useState<ShownWork<Task, Answer> | null>(null);
  const [ended, setEnded] = useState<{ said: string; fault: string | null } | null>(null);
  const [done, setDone] = useState(0);
  const [attempt, setAttempt] = useState(0);
  const cancel = useRef(() => {});
  /** The task that was stopped, perhaps before it stood still: it must not begin then. */
  const stopped = useRef<string | null>(null);
  useEffect(() => {
    if (stopped.current === settled) return undefined;
    stopped.current = null;
    const asked = JSON.parse(settled) as Task | null;
    if (asked === null) return undefined;
    let isOld = false;
    const running = askWorker<Answer>(start(), asked, (far) => {
      if (!isOld) setDone(far);
    });
    cancel.current = running.cancel;
    void running.answer.then((answer) => {
      if (isOld || stopped.current !== null) return;
      if (!('fault' in answer)) setShown({ task: asked, answer });
      setEnded({ said: settled, fault: 'fault' in answer ? answer.fault : null });
      setDone(0);
    });
    return () => {
      isOld = true;
      running.cancel();
    };
  }, [settled, attempt, start]);
  const stop = useCallback(() => {
    stopped.current = said;
    cancel.current();
    setEnded({ said, fault: stoppedFault });
    setDone(0);
  }, [said]);
  const again = useCallback(() => {
    stopped.current = null;
    setEnded(null);
    setAttempt((before) => before + 1);
  }, []);
  const isEnded = ended !== null && ended.said === said;
  return {
    shown: task === null ? null : shown,
    done: task === null || isEnded ? null : done,
    fault: isEnded ? ended.fault : null,
    stop,
    again,
  };
}
