import { isDeepStrictEqual } from 'node:util';
import type {
  EntityManager,
  EntityTarget,
  FindOptionsRelations,
  FindOptionsWhere,
  QueryDeepPartialEntity,
} from 'typeorm';
import { conflict, notFound } from '../http/problem.js';
import type { Entry } from './Entry.js';
import { sentenceStart } from './sentenceStart.js';
import type { Whose } from './Whose.js';

/** A row whose id the client gave. */
interface ClientRow {
  id: string;
}

/** Where records are kept, and what is said of them. */
export interface ClientRecordsPlan<Row extends ClientRow, Draft> {
  readonly entity: EntityTarget<Row>;
  /** What one of them is called within a sentence: "coupon". */
  readonly called: string;
  /** The column that says who wrote it; null where nobody is said to have. */
  readonly author: (keyof Row & string) | null;
  /** What was sent when it was first written. */
  readonly draftOf: (row: Row, manager: EntityManager) => Draft | Promise<Draft>;
  /** The column that says since when it does not count; null where a record cannot be taken back. */
  readonly takenBack: (keyof Row & string) | null;
  /** Only its own people change it. */
  readonly whose: (row: Row, manager: EntityManager) => Whose | Promise<Whose>;
  readonly relations?: FindOptionsRelations<Row>;
  /** Where what was said is mended later; left out where a record stands as it was written. */
  readonly mended?: MendedPlan<Row, Draft>;
}

/** How a record is mended: what it said before is kept beside it, and it counts how often. */
interface MendedPlan<Row, Draft> {
  /** 1 as it was written, one more with each amendment. */
  readonly revisionOf: (row: Row) => number;
  readonly draftNow: (row: Row) => Draft;
  /** Who made the newest amendment; null where there is none. */
  readonly mendedBy: (row: Row, manager: EntityManager) => Promise<string | null>;
  /** One of them within a sentence: "coupon 12". */
  readonly named: (row: Row) => string;
}

/** A record and whether this call stored it (a retried save finds it stored already). */
export interface Written<Row> {
  readonly row: Row;
  readonly isNew: boolean;
}

/**
 * Records under ids that clients give: written once, never overwritten, taken back and put in again. The same id with the
 * same content from the same person is the same save; with anything else it is a conflict.
 */
export class ClientRecords<Row extends ClientRow, Draft> {
  constructor(private readonly plan: ClientRecordsPlan<Row, Draft>) {}

  /** @returns null where there is none of that id */
  async find(manager: EntityManager, id: string): Promise<Row | null> {
    const { entity, relations } = this.plan;
    const where = { id } as FindOptionsWhere<Row>;
    // There is one at most. Asked for one, TypeORM looks for its id first and then for the row, each with all that is joined.
    const [row] = await manager.find(entity, relations === undefined ? { where } : { where, relations });
    return row ?? null;
  }

  /** @throws ProblemException 404 where there is none of that id */
  async require(manager: EntityManager, id: string): Promise<Row> {
    const row = await this.find(manager, id);
    if (row === null) throw notFound(this.plan.called, id);
    return row;
  }

  /**
   * What is stored under an id, where it is the same save; null where nothing is.
   *
   * @throws ProblemException 409 where it is another
   */
  async again({ manager, by }: Pick<Entry, 'manager' | 'by'>, id: string, draft: Draft): Promise<Row | null> {
    const { called, author, draftOf } = this.plan;
    const stored = await this.find(manager, id);
    if (stored === null) return null;
    const isSameAuthor = author === null || stored[author] === by.id;
    if (isSameAuthor && isDeepStrictEqual(await draftOf(stored, manager), draft)) return stored;
    throw conflict(
      `${sentenceStart(called)} ${id} is stored already with other content. It is never overwritten.`,
    );
  }

  /** Writes a record under its id. @param insert stores it; not called for a repeated save */
  async write(entry: Entry, id: string, draft: Draft, insert: () => Promise<void>): Promise<Written<Row>> {
    const stored = await this.again(entry, id, draft);
    if (stored !== null) return { row: stored, isNew: false };
    await insert();
    const row = await this.require(entry.manager, id);
    await this.requireOwn(entry, row);
    return { row, isNew: true };
  }

  /**
   * Writes what a record says anew. Repeating it is the same save; where somebody mended it meanwhile it is a conflict.
   *
   * @param store keeps what it said before, and writes what it says now; not called for a repeated save
   */
  async amend(
    entry: Entry,
    id: string,
    { revision, draft }: { readonly revision: number; readonly draft: Draft },
    store: (row: Row, before: Draft) => Promise<void>,
  ): Promise<Row> {
    const { mended, called } = this.plan;
    if (mended === undefined) throw new Error(`a ${called} stands as it was written`);
    const { manager, by } = entry;
    const row = await this.require(manager, id);
    await this.requireOwn(entry, row);
    const before = mended.draftNow(row);
    const now = mended.revisionOf(row);
    const isSame = now === revision && isDeepStrictEqual(before, draft);
    if (isSame && (await mended.mendedBy(row, manager)) === by.id) return row;
    if (now + 1 !== revision)
      throw conflict(
        `${sentenceStart(mended.named(row))} was amended meanwhile. What you typed is still here: look, then save again.`,
      );
    await store(row, before);
    const amended = await this.require(manager, id);
    // It may be another machine's from now on.
    await this.requireOwn(entry, amended);
    return amended;
  }

  /**
   * Takes a record back, or puts it in again; the record itself stays. Repeating it changes nothing.
   *
   * @param told writes the history, and what follows from it; not called where nothing changed
   */
  async setTakenBack(
    entry: Entry,
    id: string,
    isTakenBack: boolean,
    told: (row: Row) => Promise<void>,
  ): Promise<Row> {
    const { entity, takenBack, called } = this.plan;
    if (takenBack === null) throw new Error(`a ${called} is never taken back`);
    const { manager, at } = entry;
    const row = await this.require(manager, id);
    await this.requireOwn(entry, row);
    if ((row[takenBack] !== null) === isTakenBack) return row;
    const change = { [takenBack]: isTakenBack ? at : null } as unknown as QueryDeepPartialEntity<Row>;
    await manager.update(entity, { id }, change);
    const changed = await this.require(manager, id);
    await told(changed);
    return changed;
  }

  /** @throws ProblemException 403 where it is not for whoever writes to change it */
  async requireOwn(entry: Entry, row: Row): Promise<void> {
    await entry.requireOwn(await this.plan.whose(row, entry.manager));
  }
}
