import type {
  Person,
  ProtectiveWindow,
  WindowChange,
  WindowHistory,
  WindowHistoryQuery,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, IsNull, Not, type EntityManager } from 'typeorm';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { conflict, notFound, refused } from '../http/problem.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { putBackInDrawer, takeFromDrawer } from '../stock/takeFromDrawer.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { ProtectiveWindowEntity } from './protectiveWindow.entity.js';
import { WindowLivesService } from './windowLives.service.js';

/** A window and whether this call fitted it (a retried save finds it fitted already). */
export interface FittedWindow {
  window: ProtectiveWindow;
  isNew: boolean;
}

@Injectable()
export class OpticsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly machines: MachinesService,
    private readonly lives: WindowLivesService,
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
    const fitted = await findFitted(manager, machineId);
    if (fitted === null)
      throw conflict(`No protective window is recorded on machine ${machineId}: fit one first.`);
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

  /** A function that gives the window that was fitted on a machine at each of many moments. */
  async fittedOver(
    machineId: string,
    manager: EntityManager,
  ): Promise<(moment: string) => ProtectiveWindowEntity> {
    const now = await this.requireFitted(machineId, manager);
    const newestFirst = await manager.find(ProtectiveWindowEntity, {
      where: { machineId, undoneAt: IsNull() },
      order: { fittedAt: 'DESC' },
    });
    return (moment) => newestFirst.find(({ fittedAt }) => fittedAt <= moment) ?? now;
  }

  /** Takes the fitted window out for a reason and fits a new one under the client's id. Repeating it changes nothing. */
  change(id: string, change: WindowChange, by: Person): Promise<FittedWindow> {
    return this.writes.run(async (manager) => {
      const stored = await manager.findOneBy(ProtectiveWindowEntity, { id });
      if (stored !== null) {
        await requireSameChange(manager, stored, change, by);
        return { window: await this.withUse(manager, stored), isNew: false };
      }
      await this.requireMachine(manager, change.machineId);
      const now = new Date().toISOString();
      const old = await findFitted(manager, change.machineId);
      if (old !== null) {
        await manager.update(
          ProtectiveWindowEntity,
          { id: old.id },
          {
            ...{ removedAt: now, removedReason: change.reason },
            ...{ removedNote: change.note, removedFound: change.found },
          },
        );
      }
      const newest = await manager.maximum(ProtectiveWindowEntity, 'number', {
        machineId: change.machineId,
        undoneAt: IsNull(),
      });
      const { supplier, lot } = change;
      const stockId = await takeFromDrawer(manager, { kind: 'window', supplier, lot });
      await manager.insert(ProtectiveWindowEntity, {
        id,
        machineId: change.machineId,
        number: (newest ?? 0) + 1,
        previousId: old?.id ?? null,
        fittedAt: now,
        fittedBy: by.id,
        ...{ supplier, lot, stockId, fittedPlace: change.found?.place ?? null },
      });
      const fitted = await manager.findOneByOrFail(ProtectiveWindowEntity, { id });
      return { window: await this.withUse(manager, fitted), isNew: true };
    });
  }

  /** Takes a change back: the window before it is fitted again. Refused once a coupon was welded through the new one. */
  undoChange(id: string): Promise<void> {
    return this.writes.run(async (manager) => {
      const row = await manager.findOneBy(ProtectiveWindowEntity, { id });
      if (row === null) throw notFound('window', id);
      if (row.undoneAt !== null) return;
      if (row.removedAt !== null)
        throw conflict(`Window ${row.number} was replaced since: take that change back first.`);
      if (row.previousId === null)
        throw conflict(`Window ${row.number} is the first on record: there is none to go back to.`);
      if (await manager.existsBy(CouponEntity, { windowId: id })) {
        throw conflict(`Coupons were welded through window ${row.number}: its change cannot be taken back.`);
      }
      await manager.update(ProtectiveWindowEntity, { id }, { undoneAt: new Date().toISOString() });
      await manager.update(
        ProtectiveWindowEntity,
        { id: row.previousId },
        { removedAt: null, removedReason: null, removedNote: null, removedFound: null },
      );
      await putBackInDrawer(manager, row.stockId);
    });
  }

  private async withUse(manager: EntityManager, row: ProtectiveWindowEntity): Promise<ProtectiveWindow> {
    const [window] = await this.lives.withUse(manager, [row]);
    if (window === undefined) throw new Error(`window ${row.id} was not read`);
    return window;
  }

  private async requireMachine(manager: EntityManager, machineId: string): Promise<void> {
    if ((await this.machines.find(machineId, manager)) === null) throw refused([unknownMachine(machineId)]);
  }
}

function findFitted(manager: EntityManager, machineId: string): Promise<ProtectiveWindowEntity | null> {
  return manager.findOneBy(ProtectiveWindowEntity, { machineId, removedAt: IsNull(), undoneAt: IsNull() });
}

/** A retried change must say what the stored one says; the reason and note stand on the window that came out. */
async function requireSameChange(
  manager: EntityManager,
  stored: ProtectiveWindowEntity,
  change: WindowChange,
  by: Person,
): Promise<void> {
  const old =
    stored.previousId === null
      ? null
      : await manager.findOneBy(ProtectiveWindowEntity, { id: stored.previousId });
  const isSame =
    stored.machineId === change.machineId &&
    stored.fittedBy === by.id &&
    stored.supplier === change.supplier &&
    stored.lot === change.lot &&
    (stored.undoneAt !== null ||
      old === null ||
      (old.removedReason === change.reason &&
        old.removedNote === change.note &&
        isDeepStrictEqual(old.removedFound, change.found)));
  if (!isSame)
    throw conflict(`Window ${stored.id} is stored already with other content. It is never overwritten.`);
}
