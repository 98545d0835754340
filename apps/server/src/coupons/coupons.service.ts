import {
  beyondMachine,
  type Coupon,
  type CouponDraft,
  type CouponPage,
  type CouponQuery,
  type FieldProblem,
  type Machine,
  type Person,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, IsNull, LessThan, type EntityManager, type FindOptionsWhere } from 'typeorm';
import { conflict, notFound, refused } from '../http/problem.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { OpticsService } from '../optics/optics.service.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { couponFromRow, draftFromRow } from './couponRow.js';
import { CouponEntity } from './coupon.entity.js';

/** A coupon and whether this call stored it (a retried save finds it stored already). */
export interface LoggedCoupon {
  coupon: Coupon;
  isNew: boolean;
}

@Injectable()
export class CouponsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly machines: MachinesService,
    private readonly optics: OpticsService,
  ) {}

  /** Newest first, taken-back ones left out. */
  async list(query: CouponQuery): Promise<CouponPage> {
    const matching: FindOptionsWhere<CouponEntity> = {
      withdrawnAt: IsNull(),
      ...(query.machineId === undefined ? {} : { machineId: query.machineId }),
      ...(query.metal === undefined ? {} : { metal: query.metal }),
    };
    const { manager } = this.dataSource;
    const rows = await manager.find(CouponEntity, {
      where: query.before === undefined ? matching : { ...matching, number: LessThan(query.before) },
      order: { number: 'DESC' },
      relations: { window: true },
      take: query.limit + 1,
    });
    const page = rows.slice(0, query.limit);
    return {
      coupons: page.map(couponFromRow),
      total: await manager.countBy(CouponEntity, matching),
      nextBefore: rows.length > query.limit ? (page.at(-1)?.number ?? null) : null,
    };
  }

  /**
   * Stores a coupon with the next number, the machine's revision and the window fitted now. Saving the same id with
   * the same content again gives the stored coupon back; with other content it is a conflict.
   */
  log(id: string, draft: CouponDraft, by: Person): Promise<LoggedCoupon> {
    return this.writes.run(async (manager) => {
      const stored = await findRow(manager, id);
      if (stored !== null) {
        if (isDeepStrictEqual(draftFromRow(stored), draft))
          return { coupon: couponFromRow(stored), isNew: false };
        throw conflict(`Coupon ${id} is stored already with other content. A coupon is never overwritten.`);
      }
      const machine = await this.requireReferences(manager, draft);
      const window = await this.optics.requireFitted(draft.machineId, manager);
      const newest = await manager.maximum(CouponEntity, 'number');
      await manager.insert(CouponEntity, {
        ...draft,
        id,
        personId: by.id,
        number: (newest ?? 0) + 1,
        machineRevision: machine.revision,
        windowId: window.id,
        metal: draft.joint.metal,
        recordedAt: new Date().toISOString(),
        withdrawnAt: null,
      });
      return { coupon: couponFromRow(await requireRow(manager, id)), isNew: true };
    });
  }

  /** Takes a coupon back, or puts it in again; the record itself stays. Repeating it changes nothing. */
  setWithdrawn(id: string, withdrawn: boolean): Promise<Coupon> {
    return this.writes.run(async (manager) => {
      const row = await requireRow(manager, id);
      if ((row.withdrawnAt !== null) !== withdrawn) {
        row.withdrawnAt = withdrawn ? new Date().toISOString() : null;
        await manager.update(CouponEntity, { id }, { withdrawnAt: row.withdrawnAt });
      }
      return couponFromRow(row);
    });
  }

  /** The machine of a draft, after making sure that what the draft names exists and can do what it says. */
  private async requireReferences(manager: EntityManager, draft: CouponDraft): Promise<Machine> {
    const problems: FieldProblem[] = [];
    const machine = await this.machines.find(draft.machineId, manager);
    if (machine === null) {
      problems.push(unknownMachine(draft.machineId));
    }
    if (machine !== null) problems.push(...beyondMachine(draft.setting, machine));
    if (machine === null || problems.length > 0) throw refused(problems);
    return machine;
  }
}

function findRow(manager: EntityManager, id: string): Promise<CouponEntity | null> {
  return manager.findOne(CouponEntity, { where: { id }, relations: { window: true } });
}

async function requireRow(manager: EntityManager, id: string): Promise<CouponEntity> {
  const row = await findRow(manager, id);
  if (row === null) throw notFound('coupon', id);
  return row;
}
