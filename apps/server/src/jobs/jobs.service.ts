import {
  beyondMode,
  type Job,
  type JobDraft,
  type JobLine,
  type JobState,
  type Person,
  type ShopPhoto,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { conflict, notFound, refused } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import type { Entry } from '../kit/Entry.js';
import { RecordKit } from '../kit/recordKit.js';
import { RevisionLog } from '../kit/RevisionLog.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { shopPhotosOf } from '../photos/face/shopPhotosOf.js';
import { Clock } from '../time/clock.js';
import { JobEntity } from './job.entity.js';
import { machineOfJob } from './machineOfJob.js';
import { JobRevisionEntity } from './jobRevision.entity.js';
import { readJob, readJobLines } from './readJobs.js';

/** Whole parts: what is planned of them, and how far they are. */
@Injectable()
export class JobsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
    private readonly clock: Clock,
  ) {}

  /** Newest first, those that were taken back among them. */
  list(): Promise<JobLine[]> {
    return readJobLines(this.dataSource.manager);
  }

  /** A job with everything that was welded of it. */
  read(id: string): Promise<Job> {
    return readJob(this.dataSource.manager, id, this.clock.now());
  }

  /** How a job was planned at one revision. */
  async readRevision(id: string, revision: number): Promise<JobDraft> {
    const row = await this.dataSource.manager.findOneBy(JobRevisionEntity, { jobId: id, revision });
    if (row === null) throw notFound('revision of that job', String(revision));
    return row.draft;
  }

  /** The pictures of a job: those it is planned on, and those that its goes and checks name. */
  async photos(id: string): Promise<ShopPhoto[]> {
    const { draft, runs, checks } = await this.read(id);
    const ids = [
      ...draft.pictures.map(({ photoId }) => photoId),
      ...[...runs, ...checks].flatMap(({ photoIds }) => photoIds),
    ];
    return shopPhotosOf(this.dataSource.manager, ids);
  }

  /** Writes the next revision, the first of which makes the job. Repeating it is the same save; where somebody was quicker it is a conflict. */
  write(id: string, revision: number, draft: JobDraft, by: Person): Promise<Job> {
    return this.kit.enter(by, async (entry) => {
      await this.writeWithin(entry, id, revision, draft);
      return this.readWithin(entry.manager, id);
    });
  }

  /** {@link write} inside a save that is under way. */
  async writeWithin(entry: Entry, id: string, revision: number, draft: JobDraft): Promise<void> {
    const { manager, at, by } = entry;
    await plans.write(entry, { subject: id, revision, draft }, async (before) => {
      if ((await this.machines.find(draft.machineId, manager)) === null)
        throw refused([unknownMachine(draft.machineId)]);
      await this.requireWorks(manager, draft);
      if (before === null) {
        const newest = await manager.maximum(JobEntity, 'number');
        await manager.insert(JobEntity, {
          ...{ id, number: (newest ?? 0) + 1, state: 'planned', revision, settled: 0, lightOnS: 0 },
          ...{ madeAt: at, madeBy: by.id, changedAt: at, withdrawnAt: null },
        });
      }
      await manager.insert(JobRevisionEntity, { jobId: id, revision, draft, madeAt: at, madeBy: by.id });
      await manager.update(JobEntity, { id }, { revision, changedAt: at });
      if (before !== null) await entry.tell('job', id, `changed job ${draft.name}, revision ${revision}`);
    });
  }

  /** Says how far a job is. Repeating it changes nothing. */
  setState(id: string, state: JobState, by: Person): Promise<Job> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const row = await jobs.require(manager, id);
      await jobs.requireOwn(entry, row);
      if (row.state !== state) {
        if (row.withdrawnAt !== null)
          throw conflict(`Job ${row.number} was taken back. Put it in again first.`);
        await manager.update(JobEntity, { id }, { state, changedAt: at });
        await entry.tell('job', id, `said that job ${row.number} is ${state}, after ${row.state}`);
      }
      return this.readWithin(manager, id);
    });
  }

  /** Takes a job back, or puts it in again; it is kept with everything of it. Repeating it changes nothing. */
  setWithdrawn(id: string, isWithdrawn: boolean, by: Person): Promise<Job> {
    return this.kit.enter(by, async (entry) => {
      const did = isWithdrawn ? 'took back' : 'put in again';
      await jobs.setTakenBack(entry, id, isWithdrawn, ({ number }) =>
        entry.tell('job', id, `${did} job ${number}`),
      );
      return this.readWithin(entry.manager, id);
    });
  }

  /** Every work is one that its own machine can do. */
  private async requireWorks(manager: EntityManager, { works = [] }: JobDraft): Promise<void> {
    for (const [i, { machineId, work, setting }] of works.entries()) {
      const machine = await this.machines.find(machineId, manager);
      const problems = machine === null ? [unknownMachine(machineId)] : beyondMode(work, setting, machine);
      if (problems.length > 0)
        throw refused(problems.map((each) => ({ ...each, field: `works.${i}.${each.field}` })));
    }
  }

  private readWithin(manager: EntityManager, id: string): Promise<Job> {
    return readJob(manager, id, this.clock.now());
  }
}

const plans = new RevisionLog<JobRevisionEntity, JobDraft>({
  entity: JobRevisionEntity,
  ...{ subject: 'jobId', counter: 'revision', author: 'madeBy' },
  whose: ({ draft: { machineId } }) => ({ machineId }),
  draftOf: ({ draft }) => draft,
  meanwhile: (asked) =>
    `Revision ${asked} was written meanwhile. What you changed is still here: look, then save again.`,
});

const jobs = new ClientRecords<JobEntity, Pick<JobEntity, 'id'>>({
  entity: JobEntity,
  ...{ called: 'job', author: 'madeBy', takenBack: 'withdrawnAt' },
  whose: async ({ id }, manager) => ({ machineId: await machineOfJob(manager, id) }),
  // It is written by its revisions.
  draftOf: ({ id }) => ({ id }),
});
