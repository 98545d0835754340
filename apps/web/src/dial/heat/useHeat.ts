import type { WeldHeatInput } from '@lone-heron/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useSettled } from '../../shared/form/useSettled.js';
import { askWorker } from '../../shared/worker/askWorker.js';
import type { HeatAnswer } from './heatAnswer.js';
import type { HeatWorkerAnswer } from './heatWorker.js';

/** A field and what it is of. */
interface ShownHeat {
  readonly task: WeldHeatInput;
  readonly answer: HeatAnswer;
}

/** The heat of a setting, as far as it is worked out. */
export interface Heat {
  /** The newest there is: of the setting before, while this one is worked out. */
  readonly shown: ShownHeat | null;
  /** How far the one that is under way has come, 0 to 1; null where none is. */
  readonly done: number | null;
  /** Why there is none of this setting; null where there is. */
  readonly fault: string | null;
  readonly stop: () => void;
  readonly again: () => void;
}

/** Works a field out beside the screen, anew once the knobs stand still. */
export function useHeat(task: WeldHeatInput | null): Heat {
  const said = JSON.stringify(task);
  const settled = useSettled(said);
  const [shown, setShown] = useState<ShownHeat | null>(null);
  const [ended, setEnded] = useState<{ said: string; fault: string | null } | null>(null);
  const [done, setDone] = useState(0);
  const [attempt, setAttempt] = useState(0);
  const cancel = useRef(() => {});
  useEffect(() => {
    const asked = JSON.parse(settled) as WeldHeatInput | null;
    if (asked === null) return undefined;
    let isOld = false;
    const worker = new Worker(new URL('./heatWorker.ts', import.meta.url), { type: 'module' });
    const running = askWorker<HeatWorkerAnswer>(worker, asked, (far) => {
      if (!isOld) setDone(far);
    });
    cancel.current = running.cancel;
    void running.answer.then((answer) => {
      if (isOld) return;
      if (!('fault' in answer)) setShown({ task: asked, answer });
      setEnded({ said: settled, fault: 'fault' in answer ? answer.fault : null });
      setDone(0);
    });
    return () => {
      isOld = true;
      running.cancel();
    };
  }, [settled, attempt]);
  const stop = useCallback(() => cancel.current(), []);
  const again = useCallback(() => {
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
