import type { Person, WeldCheck, WeldCheckDraft } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { refused } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { requirePast } from '../kit/requirePast.js';
import { Clock } from '../time/clock.js';
import { checkDraftOf, checkFromRow, readJob } from './readJobs.js';
import { machineOfJob } from './machineOfJob.js';
import { WeldCheckEntity } from './weldCheck.entity.js';

/** Looks and tests of welds of jobs. */
@Injectable()
export class WeldChecksService {
  constructor(
    private readonly kit: RecordKit,
    private readonly clock: Clock,
  ) {}

  /** Writes a check down. Repeating it is the same save. */
  write(id: string, draft: WeldCheckDraft, by: Person): Promise<WeldCheck> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const { row } = await checks.write(entry, id, draft, async () => {
        requirePast('doneAt', draft.doneAt, new Date(at));
        const job = await readJob(manager, draft.jobId, this.clock.now());
        const isThere =
          job.draft.welds.some(({ mark }) => mark === draft.mark) ||
          job.runs.some(({ mark }) => mark === draft.mark);
        if (!isThere)
          throw refused([{ field: 'mark', given: draft.mark, allowed: 'the mark of a weld of this job' }]);
        await manager.insert(WeldCheckEntity, {
          ...{ ...draft, id, personId: by.id, recordedAt: at, withdrawnAt: null },
        });
      });
      return checkFromRow(row);
    });
  }

  /** Takes a check back, or puts it in again. Repeating it changes nothing. */
  setWithdrawn(id: string, isWithdrawn: boolean, by: Person): Promise<WeldCheck> {
    return this.kit.enter(by, async (entry) => {
      const did = isWithdrawn ? 'took back' : 'put in again';
      const row = await checks.setTakenBack(entry, id, isWithdrawn, ({ kind, mark }) =>
        entry.tell('weldCheck', id, `${did} a check of ${mark} (${kind})`),
      );
      return checkFromRow(row);
    });
  }
}

const checks = new ClientRecords<WeldCheckEntity, WeldCheckDraft>({
  entity: WeldCheckEntity,
  ...{ called: 'check', author: 'personId', takenBack: 'withdrawnAt' },
  whose: async ({ jobId }, manager) => ({ machineId: await machineOfJob(manager, jobId) }),
  draftOf: checkDraftOf,
});
