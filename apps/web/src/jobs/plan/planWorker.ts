import '../../shared/worker/noEval.js';
import { planJob, type JobPlan, type PlanTask } from './planJob.js';

/** What the worker answers. */
export type PlanAnswer = { readonly plan: JobPlan } | { readonly fault: string };

self.onmessage = ({ data }: MessageEvent<PlanTask>) => {
  self.postMessage(answer(data));
};

function answer(task: PlanTask): PlanAnswer {
  try {
    return { plan: planJob(task) };
  } catch (fault) {
    return { fault: fault instanceof Error ? fault.message : String(fault) };
  }
}
