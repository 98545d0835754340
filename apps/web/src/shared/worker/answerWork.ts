import type { WorkProgress } from './askWorker.js';

/** Says how far a worker is, 0 to 1. */
export type SayDone = (done: number) => void;

/**
 * Answers what a worker is asked: with what it found, or with why it could not; on the way it may say how far it has come.
 *
 * @param work takes what the page sent, whose type is the work's to name
 */
export function answerWork(work: (task: never, sayDone: SayDone) => object): void {
  const sayDone: SayDone = (done) => self.postMessage({ done } satisfies WorkProgress);
  self.onmessage = ({ data }: MessageEvent<unknown>) => {
    try {
      self.postMessage(work(data as never, sayDone));
    } catch (fault) {
      self.postMessage({ fault: fault instanceof Error ? fault.message : String(fault) });
    }
  };
}
