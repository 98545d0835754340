import {
  seamsOfJob,
  type Job,
  type JobLine,
  type WeldCheck,
  type WeldCheckDraft,
  type WeldRun,
  type WeldRunDraft,
} from '@lone-heron/contract';
import { IsNull, MoreThan, type EntityManager } from 'typeorm';
import { notFound } from '../http/problem.js';
import { windowNumbersOf } from '../windows/face/windowNumbersOf.js';
import { readPlans } from './face/readPlans.js';
import { JobEntity } from './job.entity.js';
import { JobRevisionEntity } from './jobRevision.entity.js';
import { WeldCheckEntity } from './weldCheck.entity.js';
import { WeldClaimEntity } from './weldClaim.entity.js';
import { WeldRunEntity } from './weldRun.entity.js';

/** A seam that somebody took in hand and never welded is free again after this, ms. */
export const claimLasts = 30 * 60_000;

/** Every job with how far it is, newest first, those that were taken back among them. */
export async function readJobLines(manager: EntityManager): Promise<JobLine[]> {
  const rows = await manager.find(JobEntity, { order: { number: 'DESC' } });
  const drafts = new Map((await readPlans(manager)).map(({ id, draft }) => [id, draft]));
  return rows.flatMap((row) => {
    const draft = drafts.get(row.id);
    if (draft === undefined) return [];
    const { name, reference, customer, dueOn, quantity, machineId } = draft;
    const { settled, lightOnS } = row;
    return [
      {
        ...standingOf(row),
        ...{ name, reference, customer, dueOn, quantity, machineId },
        ...{ seams: seamsOfJob(draft), settled, lightOnS },
      },
    ];
  });
}

/** @throws ProblemException 404 where there is none of that id */
export async function readJob(manager: EntityManager, id: string, now: Date): Promise<Job> {
  const row = await manager.findOneBy(JobEntity, { id });
  const newest = row === null ? null : await newestRevision(manager, row);
  if (row === null || newest === null) throw notFound('job', id);
  const claims = await manager.findBy(WeldClaimEntity, {
    jobId: id,
    at: MoreThan(new Date(now.getTime() - claimLasts).toISOString()),
  });
  const runs = (await runsOf(manager, id)).map(runFromRow);
  const through = runs.flatMap(({ windowId }) => (windowId === null ? [] : [windowId]));
  return {
    ...standingOf(row),
    draft: newest.draft,
    runs,
    windows: await windowNumbersOf(manager, through),
    checks: await checksOf(manager, id),
    claims: claims.map(({ mark, seam, personId, at }) => ({ mark, seam, personId, at })),
  };
}

function newestRevision(
  manager: EntityManager,
  { id, revision }: JobEntity,
): Promise<JobRevisionEntity | null> {
  return manager.findOneBy(JobRevisionEntity, { jobId: id, revision });
}

/** Every go at a job that counts, in the order they were welded. */
export function runsOf(manager: EntityManager, jobId: string): Promise<WeldRunEntity[]> {
  return manager.find(WeldRunEntity, {
    where: { jobId, withdrawnAt: IsNull() },
    order: { weldedAt: 'ASC', id: 'ASC' },
  });
}

function standingOf({ id, number, state, revision, madeAt, madeBy, changedAt, withdrawnAt }: JobEntity) {
  return { id, number, state, revision, madeAt, madeBy, changedAt, withdrawnAt };
}

async function checksOf(manager: EntityManager, jobId: string): Promise<WeldCheck[]> {
  const rows = await manager.find(WeldCheckEntity, {
    where: { jobId, withdrawnAt: IsNull() },
    order: { doneAt: 'ASC', id: 'ASC' },
  });
  return rows.map(checkFromRow);
}

/** A check as it was written down. */
export function checkDraftOf(row: WeldCheckEntity): WeldCheckDraft {
  const { jobId, mark, seam, kind, result, undercutMm, crownMm, misalignmentMm, indicationMm } = row;
  const { found, photoIds, doneAt } = row;
  return {
    ...{ jobId, mark, seam, kind, result, undercutMm, crownMm, misalignmentMm, indicationMm },
    ...{ found, photoIds, doneAt },
  };
}

/** A check as the client sees it. */
export function checkFromRow(row: WeldCheckEntity): WeldCheck {
  const { id, personId, recordedAt, withdrawnAt } = row;
  return { ...checkDraftOf(row), id, personId, recordedAt, withdrawnAt };
}

/** A go as it was written down. */
export function runDraftOf(row: WeldRunEntity): WeldRunDraft {
  const { jobId, machineId, mark, seam, outcome, isRepair, lightOnS, handsS, dialled, isOtherwise } = row;
  const { gunAngleDeg, card, photoIds, remark, weldedAt, heard } = row;
  return {
    ...{ jobId, machineId, mark, seam, outcome, isRepair, lightOnS, handsS, dialled, isOtherwise },
    ...{ gunAngleDeg, card, photoIds, remark, weldedAt },
    ...(heard === null ? {} : { heard }),
  };
}

/** A go as the client sees it. */
export function runFromRow(row: WeldRunEntity): WeldRun {
  const { id, personId, recordedAt, windowId, withdrawnAt } = row;
  return { ...runDraftOf(row), id, personId, recordedAt, windowId, withdrawnAt };
}
