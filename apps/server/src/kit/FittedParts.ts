import type { StockKind } from '@lone-heron/contract';
import { isDeepStrictEqual } from 'node:util';
import {
  IsNull,
  type EntityManager,
  type EntityTarget,
  type FindOptionsWhere,
  type QueryDeepPartialEntity,
} from 'typeorm';
import { conflict, notFound } from '../http/problem.js';
import { MachineEntity } from '../machines/machine.entity.js';
import { putBackInDrawer, takeFromDrawer } from '../stock/face/takeFromDrawer.js';
import type { Entry } from './Entry.js';
import { workshopOf } from './requireOwn.js';
import { sentenceStart } from './sentenceStart.js';

/** A piece from its fitting to its removal; a change that was taken back keeps its row. */
export interface FittedRow {
  id: string;
  machineId: string;
  previousId: string | null;
  stockId: string | null;
  fittedAt: string;
  fittedBy: string;
  removedAt: string | null;
  undoneAt: string | null;
  undoneBy: string | null;
}

/** Where pieces are kept, how a change says them, and what is told of it. */
export interface FittedPartsPlan<Row extends FittedRow, Change> {
  readonly entity: EntityTarget<Row>;
  /** In the history: "window". */
  readonly noun: string;
  /** One of them within a sentence: "window 3". */
  readonly called: (row: Row) => string;
  /** Where it goes in: only one piece is fitted there at a time. */
  readonly placeOf: (change: Change) => Partial<Row> & Pick<FittedRow, 'machineId'>;
  /** What the change says of the piece that goes in, its place left out. */
  readonly ownOf: (change: Change) => Partial<Row>;
  /** What the change says of the piece that comes out. */
  readonly removalOf: (change: Change) => Partial<Row>;
  /** The same columns of a piece that is in. */
  readonly noRemoval: Partial<Row>;
  readonly spareOf: (change: Change) => { kind: StockKind; supplier: string; lot: string };
  /** Why, for the history. */
  readonly whyOf: (change: Change) => string;
}

/** A piece and whether this call fitted it (a retried save finds it fitted already). */
export interface Fitted<Row> {
  readonly row: Row;
  readonly isNew: boolean;
}

/**
 * Pieces that wear out and are changed: one goes in, the one before comes out for a reason, and the change can be taken
 * back while its piece is the one that is in. Spares come out of the drawer and go back.
 */
export class FittedParts<Row extends FittedRow, Change> {
  constructor(private readonly plan: FittedPartsPlan<Row, Change>) {}

  /** The piece that is in at a place now; null where none is. */
  fitted(manager: EntityManager, place: Partial<Row>): Promise<Row | null> {
    return manager.findOneBy(this.plan.entity, {
      ...place,
      removedAt: IsNull(),
      undoneAt: IsNull(),
    } as FindOptionsWhere<Row>);
  }

  /**
   * Fits a piece under the client's id; the one before comes out. Repeating it is the same save.
   *
   * @param others columns that the change does not say, given the piece that comes out
   * @throws ProblemException 409 where the id is stored with other content
   */
  async fit(
    entry: Entry,
    id: string,
    change: Change,
    others: (old: Row | null) => Promise<Partial<Row>>,
  ): Promise<Fitted<Row>> {
    const { manager, by, at } = entry;
    const { entity, noun, called, placeOf, ownOf, removalOf, spareOf, whyOf } = this.plan;
    const stored = await this.find(manager, id);
    if (stored !== null) {
      if (await this.isSame(manager, stored, change, by.id)) return { row: stored, isNew: false };
      throw conflict(
        `${sentenceStart(noun)} ${id} is stored already with other content. It is never overwritten.`,
      );
    }
    const place = placeOf(change);
    await entry.requireOwn(place);
    const old = await this.fitted(manager, place);
    const further = await others(old);
    const fittedAt = afterwards(at, old?.fittedAt ?? null);
    if (old !== null) await this.update(manager, old.id, { ...removalOf(change), removedAt: fittedAt });
    const workshopId = await workshopOf(manager, place.machineId);
    const stockId = await takeFromDrawer(manager, { ...spareOf(change), workshopId });
    await manager.insert(entity, {
      ...{ id, stockId, previousId: old?.id ?? null, fittedAt, fittedBy: by.id },
      ...{ ...place, ...ownOf(change), ...further },
    } as unknown as QueryDeepPartialEntity<Row>);
    const row = await this.require(manager, id);
    await entry.tell(
      noun,
      id,
      `fitted ${called(row)} on ${await machineName(manager, row)}: ${whyOf(change)}`,
    );
    return { row, isNew: true };
  }

  /**
   * Takes a change back: the piece before it is fitted again. Repeating it changes nothing.
   *
   * @param settle refuses it for reasons of its own, and mends what stood on the piece that never was
   * @throws ProblemException 409 once the piece was replaced
   */
  async undo(entry: Entry, id: string, settle: (row: Row) => Promise<void>): Promise<void> {
    const { manager, by, at } = entry;
    const { noun, called } = this.plan;
    const row = await this.require(manager, id);
    await entry.requireOwn({ machineId: row.machineId });
    if (row.undoneAt !== null) return;
    if (row.removedAt !== null)
      throw conflict(`${sentenceStart(called(row))} was replaced since: take that change back first.`);
    await settle(row);
    await this.update(manager, id, { undoneAt: at, undoneBy: by.id } as Partial<Row>);
    await putBackInDrawer(manager, row.stockId);
    if (row.previousId !== null)
      await this.update(manager, row.previousId, { ...this.plan.noRemoval, removedAt: null });
    await entry.tell(
      noun,
      id,
      `took back the change to ${called(row)} on ${await machineName(manager, row)}`,
    );
  }

  private find(manager: EntityManager, id: string): Promise<Row | null> {
    return manager.findOneBy(this.plan.entity, { id } as FindOptionsWhere<Row>);
  }

  private async require(manager: EntityManager, id: string): Promise<Row> {
    const row = await this.find(manager, id);
    if (row === null) throw notFound(this.plan.noun, id);
    return row;
  }

  private async update(manager: EntityManager, id: string, columns: Partial<Row>): Promise<void> {
    const where = { id } as FindOptionsWhere<Row>;
    await manager.update(this.plan.entity, where, columns as unknown as QueryDeepPartialEntity<Row>);
  }

  /** Why the one before came out stands on it, and is gone once the change was taken back. */
  private async isSame(manager: EntityManager, stored: Row, change: Change, by: string): Promise<boolean> {
    const { placeOf, ownOf, removalOf } = this.plan;
    if (stored.fittedBy !== by || !says(stored, { ...placeOf(change), ...ownOf(change) })) return false;
    if (stored.undoneAt !== null || stored.previousId === null) return true;
    const old = await this.find(manager, stored.previousId);
    return old === null || says(old, removalOf(change));
  }
}

async function machineName(manager: EntityManager, { machineId }: FittedRow): Promise<string> {
  return (await manager.findOneByOrFail(MachineEntity, { id: machineId })).name;
}

function says<Row extends object>(row: Row, columns: Partial<Row>): boolean {
  return Object.entries(columns).every(([name, value]) => isDeepStrictEqual(row[name as keyof Row], value));
}

/** Never before the piece that it takes the place of: pieces follow each other, also where the clock was set back between. */
function afterwards(at: string, before: string | null): string {
  return before === null || at >= before ? at : new Date(Date.parse(before) + 1).toISOString();
}
