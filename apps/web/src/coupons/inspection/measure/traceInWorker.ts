import type { TraceTask } from '@lone-heron/core';
import { askWorker, type RunningWork } from '../../../shared/worker/askWorker.js';
import type { TraceAnswer } from './traceWorker.js';

/** A search for a fusion line that is under way. */
export type RunningTrace = RunningWork<TraceAnswer>;

/** Looks for the fusion line beside the screen. */
export function traceInWorker(task: TraceTask): RunningTrace {
  const worker = new Worker(new URL('./traceWorker.ts', import.meta.url), { type: 'module' });
  return askWorker(worker, task);
}
