import type { EntityManager } from 'typeorm';
import { notFound } from '../http/problem.js';
import { JobRevisionEntity } from './jobRevision.entity.js';

/** The machine that a job is planned on, by its newest plan: it says whose the job is. */
export async function machineOfJob(manager: EntityManager, jobId: string): Promise<string> {
  const plan = await manager.findOne(JobRevisionEntity, { where: { jobId }, order: { revision: 'DESC' } });
  if (plan === null) throw notFound('job', jobId);
  return plan.draft.machineId;
}
