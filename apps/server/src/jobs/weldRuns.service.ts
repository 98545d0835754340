import {
  isSettled,
  beyondMachine,
  seamsInPiece,
  seamStandings,
  type JobDraft,
  type JobWeld,
  type Person,
  type RunTime,
  type WeldRun,
  type WeldRunDraft,
  meanPowerW,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, IsNull, Not, type EntityManager } from 'typeorm';
import { notFound, refused } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import type { Entry } from '../kit/Entry.js';
import { RecordKit } from '../kit/recordKit.js';
import { requirePast } from '../kit/requirePast.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { SpellKeeper } from '../telemetry/face/SpellKeeper.js';
import { WindowsService } from '../windows/windows.service.js';
import { JobEntity } from './job.entity.js';
import { machineOfJob } from './machineOfJob.js';
import { JobRevisionEntity } from './jobRevision.entity.js';
import { runDraftOf, runFromRow, runsOf } from './readJobs.js';
import { WeldClaimEntity } from './weldClaim.entity.js';
import { WeldRunEntity } from './weldRun.entity.js';

/** Goes that teach how long things take: the newest say how this shop works now. */
const mostTaught = 400;

/** What was welded of a job, seam by seam. */
@Injectable()
export class WeldRunsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
    private readonly windows: WindowsService,
    private readonly spells: SpellKeeper,
  ) {}

  /** How long the newest goes took that were timed, of any job. */
  async times(): Promise<RunTime[]> {
    const rows = await this.dataSource.manager.find(WeldRunEntity, {
      select: { id: true, outcome: true, lightOnS: true, handsS: true },
      where: { withdrawnAt: IsNull(), handsS: Not(IsNull()), lightOnS: Not(IsNull()) },
      order: { weldedAt: 'DESC' },
      take: mostTaught,
    });
    return rows.map(({ outcome, lightOnS, handsS }) => ({ outcome, lightOnS, handsS }));
  }

  /**
   * Writes a go at a seam down, through the glass that was fitted then. Repeating it is the same save. A seam that somebody
   * else welded meanwhile is kept all the same: it was welded, and the job says that it was twice.
   */
  write(id: string, draft: WeldRunDraft, by: Person): Promise<WeldRun> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const { row } = await runs.write(entry, id, draft, async () => {
        requirePast('weldedAt', draft.weldedAt, new Date(at));
        const weld = await requireSeam(manager, draft);
        await entry.requireOwn({ machineId: await machineOfJob(manager, draft.jobId) });
        await this.requireMachine(manager, draft);
        const { dialled } = draft;
        await manager.insert(WeldRunEntity, {
          ...{ ...draft, id, metal: weld.joint.metal, gas: dialled?.gas ?? null },
          meanPowerW: dialled === null ? null : meanPowerW(dialled),
          windowId: await this.windowOf(manager, draft),
          ...{ personId: by.id, recordedAt: at, withdrawnAt: null },
          heard: draft.heard ?? null,
        });
        await this.spells.keep(manager, id, draft.heard);
        const { jobId, mark, seam } = draft;
        await manager.delete(WeldClaimEntity, { jobId, mark, seam });
        await countAnew(entry, jobId);
      });
      return runFromRow(row);
    });
  }

  /** Takes a go back, or puts it in again; its light goes with it. Repeating it changes nothing. */
  setWithdrawn(id: string, isWithdrawn: boolean, by: Person): Promise<WeldRun> {
    return this.kit.enter(by, async (entry) => {
      const did = isWithdrawn ? 'took back' : 'put in again';
      const row = await runs.setTakenBack(entry, id, isWithdrawn, async ({ jobId, mark, seam }) => {
        await countAnew(entry, jobId);
        await this.spells.setLetGo(entry.manager, id, isWithdrawn ? entry.at : null);
        await entry.tell('weldRun', id, `${did} a go at ${mark}, seam ${seam}`);
      });
      return runFromRow(row);
    });
  }

  private async requireMachine(manager: EntityManager, { machineId, dialled }: WeldRunDraft): Promise<void> {
    const machine = await this.machines.find(machineId, manager);
    if (machine === null) throw refused([unknownMachine(machineId)]);
    const beyond = dialled === null ? [] : beyondMachine(dialled, machine);
    if (beyond.length > 0) throw refused(beyond.map((each) => ({ ...each, field: `dialled.${each.field}` })));
  }

  private async windowOf(manager: EntityManager, draft: WeldRunDraft): Promise<string | null> {
    if (draft.outcome === 'skipped') return null;
    return (await this.windows.requireFittedAt(draft.machineId, draft.weldedAt, manager)).id;
  }
}

const runs = new ClientRecords<WeldRunEntity, WeldRunDraft>({
  entity: WeldRunEntity,
  ...{ called: 'go at a seam', author: 'personId', takenBack: 'withdrawnAt' },
  whose: ({ machineId }) => ({ machineId }),
  draftOf: runDraftOf,
});

/** The weld of a go, by the newest plan that has the seam: a plan that was changed meanwhile takes nothing from who welded by the one before. */
async function requireSeam(manager: EntityManager, { jobId, mark, seam }: WeldRunDraft): Promise<JobWeld> {
  const plans = await manager.find(JobRevisionEntity, { where: { jobId }, order: { revision: 'DESC' } });
  if (plans[0] === undefined) throw notFound('job', jobId);
  for (const { draft } of plans) {
    const weld = draft.welds.find((each) => each.mark === mark);
    if (weld !== undefined && seam <= seamsOf(weld, draft)) return weld;
  }
  const { draft } = plans[0];
  const weld = draft.welds.find((each) => each.mark === mark);
  throw refused([
    weld === undefined
      ? { field: 'mark', given: mark, allowed: 'the mark of a weld of this job' }
      : { field: 'seam', given: String(seam), allowed: `1 to ${seamsOf(weld, draft)}, the seams of ${mark}` },
  ]);
}

const seamsOf = (weld: JobWeld, { parts, quantity }: JobDraft) => seamsInPiece(weld, parts) * quantity;

/** Says anew how far a job is. What is welded is no longer only planned. */
async function countAnew({ manager, at }: Entry, jobId: string): Promise<void> {
  const all = await runsOf(manager, jobId);
  const standings = [...seamStandings(all.map(runFromRow)).values()];
  const settled = standings.filter(isSettled).length;
  const lightOnS = all.reduce((sum, run) => sum + (run.lightOnS ?? 0), 0);
  await manager.update(JobEntity, { id: jobId }, { settled, lightOnS, changedAt: at });
  const isBegun = all.some(({ outcome }) => outcome !== 'skipped');
  if (!isBegun) return;
  for (const state of ['planned', 'quoted'] as const)
    await manager.update(JobEntity, { id: jobId, state }, { state: 'released' });
}
