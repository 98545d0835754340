import {
  meanPowerOf,
  type ModeWork,
  type Person,
  type Trial,
  type TrialDraft,
  type TrialLadder,
  type TrialLadderDraft,
} from '@lone-heron/contract';
import type { ShieldingGas } from '@lone-heron/core';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { refused } from '../http/problem.js';
import type { Entry } from '../kit/Entry.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { requirePast } from '../kit/requirePast.js';
import { MachinesService } from '../machines/machines.service.js';
import { WindowsService } from '../windows/windows.service.js';
import { TrialEntity } from './trial.entity.js';
import { TrialLadderEntity } from './trialLadder.entity.js';

/** Trials that are answered at once: the newest, which are what thresholds are learned from. */
const mostTrials = 2000;

/** Strips, pieces and pulses that were tried, and ladders of them. */
@Injectable()
export class TrialsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
    private readonly windows: WindowsService,
  ) {}

  /** The newest first, those that were taken back among them. */
  async list(manager: EntityManager = this.dataSource.manager): Promise<Trial[]> {
    const order = { madeAt: 'DESC', number: 'DESC' } as const;
    const rows = await manager.find(TrialEntity, { order, take: mostTrials });
    return rows.map(trialFromRow);
  }

  /** Keeps a trial, through the glass that was fitted then where that is written down. Repeating it is the same save. */
  write(id: string, draft: TrialDraft, by: Person): Promise<Trial> {
    return this.kit.enter(by, async (entry) => trialFromRow(await this.writeWithin(entry, id, draft)));
  }

  /** {@link write} inside a save that is under way. */
  async writeWithin(entry: Entry, id: string, draft: TrialDraft): Promise<TrialEntity> {
    const { manager, at, by } = entry;
    const { row } = await trials.write(entry, id, draft, async () => {
      requirePast('madeAt', draft.madeAt, new Date(at));
      const machine = await this.machines.requireDoing(draft, manager);
      await requireRung(manager, draft);
      const { ladder, work, setting, ...told } = draft;
      const window = await this.windows.fittedAt(draft.machineId, draft.madeAt, manager);
      await manager.insert(TrialEntity, {
        ...{ ...told, id, work, setting, number: await nextNumber(manager, TrialEntity) },
        ...{ mode: work.mode, metal: work.metal, gas: gasOf(work) },
        ...{ machineRevision: machine.revision, meanPowerW: meanPowerOf(setting, machine.profile) },
        ...{ ladderId: ladder?.ladderId ?? null, ladderIndex: ladder?.index ?? null },
        ...{ windowId: window?.id ?? null, personId: by.id, recordedAt: at, withdrawnAt: null },
      });
    });
    return row;
  }

  /** Takes a trial back, or puts it in again; its light goes with it. Repeating it changes nothing. */
  setWithdrawn(id: string, isWithdrawn: boolean, by: Person): Promise<Trial> {
    return this.kit.enter(by, async (entry) => {
      const did = isWithdrawn ? 'took back' : 'put in again';
      const row = await trials.setTakenBack(entry, id, isWithdrawn, ({ number, mode }) =>
        entry.tell('trial', id, `${did} trial ${number}: ${mode}`),
      );
      return trialFromRow(row);
    });
  }

  /** Newest first, those that were put away among them. */
  async ladders(): Promise<TrialLadder[]> {
    const rows = await this.dataSource.manager.find(TrialLadderEntity, { order: { number: 'DESC' } });
    return rows.map(ladderFromRow);
  }

  /** Keeps a ladder. Repeating it is the same save; with other content it is a conflict. */
  makeLadder(id: string, draft: TrialLadderDraft, by: Person): Promise<TrialLadder> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const { row } = await ladders.write(entry, id, draft, async () => {
        for (const value of draft.values) {
          const setting = { ...draft.setting, [draft.knob]: value };
          await this.machines.requireDoing({ ...draft, setting }, manager);
        }
        await manager.insert(TrialLadderEntity, {
          ...{ ...draft, id, number: await nextNumber(manager, TrialLadderEntity) },
          ...{ madeAt: at, madeBy: by.id, closedAt: null },
        });
      });
      return ladderFromRow(row);
    });
  }

  /** Puts a ladder away, or takes it out again; its trials stay. Repeating it changes nothing. */
  setLadderClosed(id: string, isClosed: boolean, by: Person): Promise<TrialLadder> {
    return this.kit.enter(by, async (entry) => {
      const did = isClosed ? 'put away' : 'took out again';
      const row = await ladders.setTakenBack(entry, id, isClosed, ({ number, name }) =>
        entry.tell('trialLadder', id, `${did} ladder of trials ${number}: ${name}`),
      );
      return ladderFromRow(row);
    });
  }
}

/** As the log of light names gases. */
function gasOf(work: ModeWork): ShieldingGas | null {
  if (work.mode !== 'cut') return null;
  return work.gas === 'air' ? 'dryAir' : work.gas;
}

const trials = new ClientRecords<TrialEntity, TrialDraft>({
  entity: TrialEntity,
  ...{ called: 'trial', author: 'personId', takenBack: 'withdrawnAt' },
  whose: ({ machineId }) => ({ machineId }),
  draftOf: trialDraftOf,
});

const ladders = new ClientRecords<TrialLadderEntity, TrialLadderDraft>({
  entity: TrialLadderEntity,
  ...{ called: 'ladder of trials', author: 'madeBy', takenBack: 'closedAt' },
  whose: ({ machineId }) => ({ machineId }),
  draftOf: ladderDraftOf,
});

async function requireRung(manager: EntityManager, { ladder }: TrialDraft): Promise<void> {
  if (ladder === null) return;
  const row = await ladders.find(manager, ladder.ladderId);
  if (row === null)
    throw refused([{ field: 'ladder.ladderId', given: ladder.ladderId, allowed: 'a ladder of this shop' }]);
  if (ladder.index < row.values.length) return;
  const allowed = `0 to ${row.values.length - 1}, the rungs of ${row.name}`;
  throw refused([{ field: 'ladder.index', given: String(ladder.index), allowed }]);
}

async function nextNumber(
  manager: EntityManager,
  entity: typeof TrialEntity | typeof TrialLadderEntity,
): Promise<number> {
  return ((await manager.maximum<TrialEntity | TrialLadderEntity>(entity, 'number')) ?? 0) + 1;
}

function trialDraftOf(row: TrialEntity): TrialDraft {
  const { machineId, work, setting, look, isTintLeft, kerfMm, wasSent, lightOnS, stated } = row;
  const { photoIds, remark, madeAt, ladderId, ladderIndex } = row;
  const ladder = ladderId === null || ladderIndex === null ? null : { ladderId, index: ladderIndex };
  return {
    ...{ machineId, work, setting, look, isTintLeft, kerfMm, wasSent, lightOnS, stated },
    ...{ ladder, photoIds, remark, madeAt },
  };
}

function trialFromRow(row: TrialEntity): Trial {
  const { id, personId, number, machineRevision, windowId, recordedAt, withdrawnAt } = row;
  return { ...trialDraftOf(row), id, personId, number, machineRevision, windowId, recordedAt, withdrawnAt };
}

function ladderDraftOf(row: TrialLadderEntity): TrialLadderDraft {
  const { name, machineId, work, setting, knob, values } = row;
  return { name, machineId, work, setting, knob, values };
}

function ladderFromRow(row: TrialLadderEntity): TrialLadder {
  const { id, number, madeAt, madeBy, closedAt } = row;
  return { ...ladderDraftOf(row), id, number, madeAt, madeBy, closedAt };
}
