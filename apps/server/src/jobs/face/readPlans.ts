import type { Job } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { JobEntity } from '../job.entity.js';
import { JobRevisionEntity } from '../jobRevision.entity.js';

/** Every job as it is planned now, newest first, those that were taken back among them. */
export async function readPlans(
  manager: EntityManager,
): Promise<Pick<Job, 'id' | 'number' | 'revision' | 'withdrawnAt' | 'draft'>[]> {
  const rows = await manager.find(JobEntity, { order: { number: 'DESC' } });
  const revisions = await manager
    .createQueryBuilder(JobRevisionEntity, 'it')
    .innerJoin(JobEntity, 'job', 'job.id = it.jobId AND job.revision = it.revision')
    .getMany();
  const drafts = new Map(revisions.map(({ jobId, draft }) => [jobId, draft]));
  return rows.flatMap(({ id, number, revision, withdrawnAt }) => {
    const draft = drafts.get(id);
    return draft === undefined ? [] : [{ id, number, revision, withdrawnAt, draft }];
  });
}
