import {
  beyondMachine,
  type Coupon,
  type CouponAmendment,
  type CouponDraft,
  type CouponEntry,
  type CouponFilter,
  type CouponGrouping,
  type CouponGroups,
  type CouponPage,
  type CouponQuery,
  type FieldProblem,
  type FiledCoupon,
  type Machine,
  type Person,
  type RelevantCoupons,
  type RelevantQuery,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { v7 as uuid } from 'uuid';
import { DataSource, type EntityManager } from 'typeorm';
import { refused } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import type { Entry } from '../kit/Entry.js';
import { RecordKit } from '../kit/recordKit.js';
import { requirePast } from '../kit/requirePast.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { SpellKeeper } from '../telemetry/face/SpellKeeper.js';
import { WindowsService } from '../windows/windows.service.js';
import { Clock } from '../time/clock.js';
import { groupCoupons, listCoupons } from './couponList.js';
import { couponFromRow, draftFromRow, rowFromDraft } from './couponRow.js';
import { CouponEntity } from './coupon.entity.js';
import { relevantCoupons } from './relevantCoupons.js';
import { CouponEntryEntity } from './couponEntry.entity.js';

/** A coupon and whether this call stored it (a retried save finds it stored already). */
export interface LoggedCoupon {
  coupon: Coupon;
  isNew: boolean;
}

/** What a coupon takes from its machine. */
interface MachineThen {
  readonly revision: number;
  readonly windowAt: (moment: string) => { readonly id: string };
}

/** A statement may carry so many values and no more. */
const rowsAtOnce = 100;

@Injectable()
export class CouponsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
    private readonly windows: WindowsService,
    private readonly clock: Clock,
    private readonly spells: SpellKeeper,
  ) {}

  /** Taken-back ones left out. */
  list(query: CouponQuery): Promise<CouponPage> {
    return listCoupons(this.dataSource.manager, query);
  }

  /** Those that speak to a question, newest first. */
  relevant(query: RelevantQuery): Promise<RelevantCoupons> {
    return relevantCoupons(this.dataSource.manager, query);
  }

  groups(filter: CouponFilter, by: CouponGrouping): Promise<CouponGroups> {
    return groupCoupons(this.dataSource.manager, filter, by);
  }

  async one(id: string): Promise<Coupon> {
    return asSeen(await coupons.require(this.dataSource.manager, id));
  }

  /** What a coupon said before each amendment, first entry first. */
  async entries(couponId: string): Promise<CouponEntry[]> {
    const rows = await this.dataSource.manager.find(CouponEntryEntity, {
      where: { couponId },
      order: { revision: 'ASC' },
    });
    return rows.map(({ revision, draft, why, supersededAt, supersededBy }) => ({
      revision,
      draft,
      why,
      supersededAt,
      supersededBy,
    }));
  }

  /**
   * Stores a coupon with the next number, the machine's revision, and the window that was fitted when it was welded:
   * one that waited in a browser comes late. Saving the same id with
   * the same content again gives the stored coupon back; with other content it is a conflict.
   */
  log(id: string, draft: CouponDraft, by: Person): Promise<LoggedCoupon> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const { row, isNew } = await coupons.write(entry, id, draft, async () => {
        requirePast('draft.weldedAt', draft.weldedAt, this.clock.now());
        const machine = await this.requireReferences(manager, draft);
        const carries = await this.carriedBy(manager, draft, machine);
        const newest = await manager.maximum(CouponEntity, 'number');
        await manager.insert(CouponEntity, {
          ...{ ...rowFromDraft(draft), id, personId: by.id, number: (newest ?? 0) + 1 },
          ...carries,
          ...{ recordedAt: at, withdrawnAt: null, revision: 1, section: null },
        });
        await this.spells.keep(manager, id, draft.heard);
      });
      return { coupon: asSeen(row), isNew };
    });
  }

  /**
   * Stores coupons that were welded elsewhere or before, in one write, in the order they are given. They are taken to
   * have been looked at: machine and person exist, the setting is within the machine.
   *
   * @param tell is told how many are stored, of how many
   * @returns how many
   */
  async insertAll(
    entry: Entry,
    coupons: readonly FiledCoupon[],
    tell: (done: number, of: number) => void,
  ): Promise<number> {
    const { manager, by, at: recordedAt } = entry;
    const newest = (await manager.maximum(CouponEntity, 'number')) ?? 0;
    const machines = new Map<string, MachineThen>();
    for (const { machineId } of coupons) {
      if (machines.has(machineId)) continue;
      await entry.requireOwn({ machineId });
      machines.set(machineId, await this.machineThen(manager, machineId));
    }
    const rowOf = (
      { id = uuid(), personId = by.id, number: _theirs, ...draft }: FiledCoupon,
      place: number,
    ) => {
      const { revision, windowAt } = machines.get(draft.machineId) as MachineThen;
      return {
        ...rowFromDraft(draft),
        ...{ id, personId, recordedAt, number: newest + 1 + place },
        machineRevision: revision,
        windowId: windowAt(draft.weldedAt).id,
        withdrawnAt: null,
        revision: 1,
        section: null,
      };
    };
    // Rows are made when their turn comes: of a large file all at once they would stand in memory twice.
    for (let from = 0; from < coupons.length; from += rowsAtOnce) {
      tell(from, coupons.length);
      const some = coupons.slice(from, from + rowsAtOnce);
      await manager.insert(
        CouponEntity,
        some.map((coupon, i) => rowOf(coupon, from + i)),
      );
    }
    return coupons.length;
  }

  /**
   * Writes what a coupon says anew; what it said before is kept beside it. Repeating it is the same save; where
   * somebody amended it meanwhile it is a conflict.
   */
  amend(id: string, revision: number, { draft, why }: CouponAmendment, by: Person): Promise<Coupon> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const row = await coupons.amend(entry, id, { revision, draft }, async ({ number }, before) => {
        requireSameRung(before, draft);
        requirePast('draft.weldedAt', draft.weldedAt, this.clock.now());
        const machine = await this.requireReferences(manager, draft);
        const isMoved = before.machineId !== draft.machineId || before.weldedAt !== draft.weldedAt;
        const carries = isMoved ? await this.carriedBy(manager, draft, machine) : {};
        await manager.insert(CouponEntryEntity, {
          ...{ couponId: id, revision: revision - 1, draft: before, why },
          ...{ supersededAt: at, supersededBy: by.id },
        });
        await manager.update(CouponEntity, { id }, { ...rowFromDraft(draft), ...carries, revision });
        await this.spells.keepInstead(manager, id, draft.heard, at);
        await entry.tell('coupon', id, `amended coupon ${number}: ${why}`);
      });
      return asSeen(row);
    });
  }

  /** Takes a coupon back, or puts it in again; the record itself stays. Repeating it changes nothing. */
  setWithdrawn(id: string, isWithdrawn: boolean, by: Person): Promise<Coupon> {
    return this.kit.enter(by, async (entry) => {
      const did = isWithdrawn ? 'took back' : 'put in again';
      const row = await coupons.setTakenBack(entry, id, isWithdrawn, async ({ number }) => {
        await this.spells.setLetGo(entry.manager, id, isWithdrawn ? entry.at : null);
        await entry.tell('coupon', id, `${did} coupon ${number}`);
      });
      return asSeen(row);
    });
  }

  /** A machine's revision, and its window at any moment. */
  private async machineThen(manager: EntityManager, machineId: string): Promise<MachineThen> {
    const machine = await this.machines.find(machineId, manager);
    if (machine === null) throw refused([unknownMachine(machineId)]);
    return { revision: machine.revision, windowAt: await this.windows.fittedOver(machineId, manager) };
  }

  /** What a coupon carries of a machine that it was welded on at its moment. */
  private async carriedBy(manager: EntityManager, { machineId, weldedAt }: CouponDraft, machine: Machine) {
    const window = await this.windows.requireFittedAt(machineId, weldedAt, manager);
    return { machineRevision: machine.revision, windowId: window.id };
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

/** A rung was welded as its ladder says: on another machine or at another setting it is no rung of it. */
function requireSameRung(before: CouponDraft, after: CouponDraft): void {
  if (before.rung === undefined) return;
  for (const field of ['machineId', 'setting', 'rung'] as const) {
    if (!isDeepStrictEqual(before[field], after[field]))
      throw refused([
        { field: `draft.${field}`, given: 'another', allowed: 'that of the ladder that it is a rung of' },
      ]);
  }
}

const coupons = new ClientRecords<CouponEntity, CouponDraft>({
  entity: CouponEntity,
  ...{ called: 'coupon', author: 'personId', takenBack: 'withdrawnAt' },
  whose: ({ machineId }) => ({ machineId }),
  relations: { window: true },
  draftOf: firstDraft,
  mended: {
    revisionOf: ({ revision }) => revision,
    draftNow: draftFromRow,
    mendedBy: async ({ id, revision }, manager) =>
      (await manager.findOneBy(CouponEntryEntity, { couponId: id, revision: revision - 1 }))?.supersededBy ??
      null,
    named: ({ number }) => `coupon ${number}`,
  },
});

function asSeen(row: CouponEntity): Coupon {
  return couponFromRow(row, row.window.number);
}

/** What a coupon was logged as, however often it was amended. */
async function firstDraft(row: CouponEntity, manager: EntityManager): Promise<CouponDraft> {
  if (row.revision === 1) return draftFromRow(row);
  const first = await manager.findOneByOrFail(CouponEntryEntity, { couponId: row.id, revision: 1 });
  return first.draft;
}
