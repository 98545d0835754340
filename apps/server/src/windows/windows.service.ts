import type {
  Person,
  ProtectiveWindow,
  WindowChange,
  WindowHistory,
  WindowHistoryQuery,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, IsNull, Not, type EntityManager } from 'typeorm';
import { wasWeldedThrough } from '../coupons/face/readCoupons.js';
import { conflict, refused } from '../http/problem.js';
import { codeInWords } from '../kit/codeInWords.js';
import { FittedParts } from '../kit/FittedParts.js';
import { RecordKit } from '../kit/recordKit.js';
import { moveTrials } from '../trials/face/readTrialLight.js';
import { moveRuns } from '../jobs/face/readRunLight.js';
import { moveLight } from '../light/face/readLight.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { ProtectiveWindowEntity } from './protectiveWindow.entity.js';
import { WindowLivesService } from './windowLives.service.js';
import { Clock } from '../time/clock.js';

/** A window and whether this call fitted it (a retried save finds it fitted already). */
export interface FittedWindow {
  window: ProtectiveWindow;
  isNew: boolean;
}

@Injectable()
export class WindowsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
    private readonly lives: WindowLivesService,
    private readonly clock: Clock,
  ) {}

  /** The windows that are fitted now. */
  async fitted(): Promise<ProtectiveWindow[]> {
    const { manager } = this.dataSource;
    const rows = await manager.find(ProtectiveWindowEntity, {
      where: { undoneAt: IsNull(), removedAt: IsNull() },
      order: { fittedAt: 'DESC' },
    });
    return this.lives.withUse(manager, rows);
  }

  /** Windows that came out, newest first; changes that were taken back left out. */
  async history({ machineId, offset, limit }: WindowHistoryQuery): Promise<WindowHistory> {
    const { manager } = this.dataSource;
    const [rows, total] = await manager.findAndCount(ProtectiveWindowEntity, {
      where: {
        undoneAt: IsNull(),
        removedAt: Not(IsNull()),
        ...(machineId === undefined ? {} : { machineId }),
      },
      order: { removedAt: 'DESC', number: 'DESC' },
      skip: offset,
      take: limit,
    });
    return { total, windows: await this.lives.withUse(manager, rows) };
  }

  /** The window fitted on a machine now. */
  async requireFitted(machineId: string, manager: EntityManager): Promise<ProtectiveWindowEntity> {
    const fitted = await glass.fitted(manager, { machineId });
    if (fitted === null) {
      const machine = await this.machines.find(machineId, manager);
      throw conflict(
        `No protective window of ${machine?.name ?? 'this machine'} is written down yet. Under Optics, say that one is in; then log again.`,
      );
    }
    return fitted;
  }

  /** The window that was fitted on a machine at a moment: the one fitted now, unless it went in later. */
  async requireFittedAt(
    machineId: string,
    moment: string,
    manager: EntityManager,
  ): Promise<ProtectiveWindowEntity> {
    return (await this.fittedOver(machineId, manager))(moment);
  }

  /** The same, of a machine whose windows nobody writes down; null there. */
  async fittedAt(
    machineId: string,
    moment: string,
    manager: EntityManager,
  ): Promise<ProtectiveWindowEntity | null> {
    const isKept = (await glass.fitted(manager, { machineId })) !== null;
    return isKept ? this.requireFittedAt(machineId, moment, manager) : null;
  }

  /** A function that gives the window that was fitted on a machine at each of many moments. */
  async fittedOver(
    machineId: string,
    manager: EntityManager,
  ): Promise<(moment: string) => ProtectiveWindowEntity> {
    const newestFirst = await manager.find(ProtectiveWindowEntity, {
      where: { machineId, undoneAt: IsNull() },
      order: { fittedAt: 'DESC' },
    });
    const now =
      newestFirst.find(({ removedAt }) => removedAt === null) ??
      (await this.requireFitted(machineId, manager));
    const clock = this.clock.now();
    const isSetBack = now.fittedAt > clock.toISOString();
    // Where the clock was set back since, what is welded now is welded through what is fitted now.
    const isNow = (moment: string) => Math.abs(Date.parse(moment) - clock.getTime()) < aboutNowMs;
    return (moment) =>
      isSetBack && isNow(moment) ? now : (newestFirst.find(({ fittedAt }) => fittedAt <= moment) ?? now);
  }

  /** Takes the fitted window out for a reason and fits a new one under the client's id. Repeating it changes nothing. */
  change(id: string, change: WindowChange, by: Person): Promise<FittedWindow> {
    return this.kit.enter(by, async (entry) => {
      const { manager } = entry;
      if ((await this.machines.find(change.machineId, manager)) === null)
        throw refused([unknownMachine(change.machineId)]);
      const { row, isNew } = await glass.fit(entry, id, change, async () => ({
        number: await nextNumber(manager, change.machineId),
      }));
      return { window: await this.withUse(manager, row), isNew };
    });
  }

  /**
   * Takes a change back: the window before it is fitted again, and light that was logged since counts for that one.
   * Refused once a coupon was welded through the new one, for a coupon names its window.
   */
  undoChange(id: string, by: Person): Promise<void> {
    return this.kit.enter(by, (entry) =>
      glass.undo(entry, id, async ({ number, previousId }) => {
        const { manager } = entry;
        if (previousId === null)
          throw conflict(`Window ${number} is the first on record: there is none to go back to.`);
        if (await wasWeldedThrough(manager, id))
          throw conflict(`Coupons were welded through window ${number}: its change cannot be taken back.`);
        await moveLight(manager, id, previousId);
        await moveRuns(manager, id, previousId);
        await moveTrials(manager, id, previousId);
      }),
    );
  }

  private async withUse(manager: EntityManager, row: ProtectiveWindowEntity): Promise<ProtectiveWindow> {
    const [window] = await this.lives.withUse(manager, [row]);
    if (window === undefined) throw new Error(`window ${row.id} was not read`);
    return window;
  }
}

/** What is written down now was welded within this of it, ms. */
const aboutNowMs = 10 * 60_000;

const glass = new FittedParts<ProtectiveWindowEntity, WindowChange>({
  entity: ProtectiveWindowEntity,
  noun: 'window',
  called: ({ number }) => `window ${number}`,
  placeOf: ({ machineId }) => ({ machineId }),
  ownOf: ({ supplier, lot, found }) => ({ supplier, lot, fittedPlace: found?.place ?? null }),
  removalOf: ({ reason, note, found }) => ({ removedReason: reason, removedNote: note, removedFound: found }),
  noRemoval: { removedReason: null, removedNote: null, removedFound: null },
  spareOf: ({ supplier, lot }) => ({ kind: 'window', supplier, lot }),
  whyOf: ({ reason }) => codeInWords(reason),
});

/** Windows are numbered machine by machine; one whose change was taken back gives its number up. */
async function nextNumber(manager: EntityManager, machineId: string): Promise<number> {
  const newest = await manager.maximum(ProtectiveWindowEntity, 'number', { machineId, undoneAt: IsNull() });
  return (newest ?? 0) + 1;
}
