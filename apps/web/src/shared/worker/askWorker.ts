/** A question to a worker that is under way. */
export interface RunningWork<Answer> {
  readonly answer: Promise<Answer | { readonly fault: string }>;
  readonly cancel: () => void;
}

/** Asks a worker one thing, so that the screen stays alive meanwhile; it ends with the answer or when stopped. */
export function askWorker<Answer>(worker: Worker, task: object): RunningWork<Answer> {
  let cancel = () => {};
  const answer = new Promise<Answer | { readonly fault: string }>((resolve) => {
    cancel = () => resolve({ fault: 'Stopped.' });
    worker.onmessage = ({ data }: MessageEvent<Answer>) => resolve(data);
    worker.onerror = ({ message }) => resolve({ fault: message });
  });
  void answer.then(() => worker.terminate());
  worker.postMessage(task);
  return { answer, cancel };
}
