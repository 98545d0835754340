import type { TraceTask } from '@lone-heron/core';
import type { TraceAnswer } from './traceWorker.js';

/** A search for a fusion line that is under way. */
export interface RunningTrace {
  readonly answer: Promise<TraceAnswer>;
  readonly cancel: () => void;
}

/** Looks for the fusion line beside the screen, so that it stays alive meanwhile. */
export function traceInWorker(task: TraceTask): RunningTrace {
  const worker = new Worker(new URL('./traceWorker.ts', import.meta.url), { type: 'module' });
  let cancel = () => {};
  const answer = new Promise<TraceAnswer>((resolve) => {
    cancel = () => resolve({ fault: 'Stopped.' });
    worker.onmessage = ({ data }: MessageEvent<TraceAnswer>) => resolve(data);
    worker.onerror = ({ message }) => resolve({ fault: message });
  });
  void answer.then(() => worker.terminate());
  worker.postMessage(task);
  return { answer, cancel };
}
