import type { WeldHeatInput } from '@lone-heron/core';
import type { WorkProgress } from '../../shared/worker/askWorker.js';
import { heatAnswer, type HeatAnswer } from './heatAnswer.js';

/** What the worker answers. */
export type HeatWorkerAnswer = HeatAnswer | { readonly fault: string };

/** A field starts with all of its power missing and is settled at this share of it. */
const settledAt = 2e-3;

self.onmessage = ({ data }: MessageEvent<WeldHeatInput>) => {
  self.postMessage(answer(data));
};

function answer(task: WeldHeatInput): HeatWorkerAnswer {
  let furthest = 0;
  const goOn = (_step: number, missing: number) => {
    const done = Math.min(0.99, Math.log(Math.max(missing, settledAt)) / Math.log(settledAt));
    furthest = Math.max(furthest, done);
    self.postMessage({ done: furthest } satisfies WorkProgress);
    return true;
  };
  try {
    return heatAnswer(task, { goOn });
  } catch (fault) {
    return { fault: fault instanceof Error ? fault.message : String(fault) };
  }
}
