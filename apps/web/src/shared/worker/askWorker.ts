/** A question to a worker that is under way. */
export interface RunningWork<Answer> {
  readonly answer: Promise<Answer | { readonly fault: string }>;
  readonly cancel: () => void;
}

/** How far a worker has come, 0 to 1, which it may say on the way. */
export interface WorkProgress {
  readonly done: number;
}

/** What work says of itself that somebody stopped. */
export const stoppedFault = 'Stopped.';

/**
 * Asks a worker one thing, so that the screen stays alive meanwhile; it ends with the answer or when stopped.
 *
 * @param onProgress told how far it has come, by workers that say so
 */
export function askWorker<Answer extends object>(
  worker: Worker,
  task: object,
  onProgress: (done: number) => void = () => {},
): RunningWork<Answer> {
  let cancel = () => {};
  const answer = new Promise<Answer | { readonly fault: string }>((resolve) => {
    cancel = () => resolve({ fault: stoppedFault });
    worker.onmessage = ({ data }: MessageEvent<Answer | WorkProgress>) => {
      if ('done' in data) onProgress(data.done);
      else resolve(data);
    };
    worker.onerror = ({ message }) => resolve({ fault: message });
  });
  void answer.then(() => worker.terminate());
  worker.postMessage(task);
  return { answer, cancel };
}
