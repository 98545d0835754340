import { isDeepStrictEqual } from 'node:util';
import type { EntityManager, EntityTarget, FindOptionsOrder, FindOptionsWhere, ObjectLiteral } from 'typeorm';
import { conflict } from '../http/problem.js';
import type { Entry } from './Entry.js';
import type { Whose } from './Whose.js';

/** Where revisions are kept, and what is said of them. */
export interface RevisionLogPlan<Row extends ObjectLiteral, Draft> {
  readonly entity: EntityTarget<Row>;
  /** The column that says what is revised, the one that counts, and the one that says who wrote. */
  readonly subject: keyof Row & string;
  readonly counter: keyof Row & string;
  readonly author: keyof Row & string;
  readonly draftOf: (row: Row) => Draft;
  /** Only its own people write it. */
  readonly whose: (row: Row, manager: EntityManager) => Whose | Promise<Whose>;
  /** What is told to whoever was slower, with the number they asked for. */
  readonly meanwhile: (asked: number) => string;
}

/** What is asked of a log: this content, as that revision of that thing. */
export interface Asked<Draft> {
  readonly subject: string;
  /** 1 and up; the next one. */
  readonly revision: number;
  readonly draft: Draft;
}

/**
 * A thing that is written anew as a whole, revision by revision, and never overwritten. The same revision with the same
 * content from the same person is the same save; anything else in its place is a conflict, and so is a gap.
 */
export class RevisionLog<Row extends ObjectLiteral, Draft> {
  constructor(private readonly plan: RevisionLogPlan<Row, Draft>) {}

  /** The newest revision; null where there is none. */
  newest(manager: EntityManager, subject: string): Promise<Row | null> {
    return manager.findOne(this.plan.entity, { where: this.where(subject), order: this.newestFirst() });
  }

  /** The newest revision of each thing. */
  newestOfEach(manager: EntityManager): Promise<Row[]> {
    const { entity, subject, counter } = this.plan;
    return manager
      .createQueryBuilder(entity, 'one')
      .where((query) => {
        const newest = query.subQuery().select(`MAX(each.${counter})`).from(entity, 'each');
        return `one.${counter} = ${newest.where(`each.${subject} = one.${subject}`).getQuery()}`;
      })
      .getMany();
  }

  /** Every revision, newest first. */
  all(manager: EntityManager, subject: string): Promise<Row[]> {
    return manager.find(this.plan.entity, { where: this.where(subject), order: this.newestFirst() });
  }

  /**
   * Writes the next revision.
   *
   * @param insert stores it, given the revision before it; not called for a repeated save
   * @returns whether it is new
   * @throws ProblemException 409 where somebody was quicker, or where it does not come next
   */
  async write(
    entry: Entry,
    { subject, revision, draft }: Asked<Draft>,
    insert: (before: Row | null) => Promise<void>,
  ): Promise<boolean> {
    const { entity, counter, author, draftOf, meanwhile, whose } = this.plan;
    const { manager, by } = entry;
    const stored = await manager.findOneBy(entity, this.where(subject, { [counter]: revision }));
    if (stored !== null) {
      if (stored[author] === by.id && isDeepStrictEqual(draftOf(stored), draft)) return false;
      throw conflict(meanwhile(revision));
    }
    const before = await this.newest(manager, subject);
    const next = (before === null ? 0 : (before[counter] as number)) + 1;
    if (revision < next) throw conflict(meanwhile(revision));
    if (revision > next)
      throw conflict(`${revision} does not come next: ${next} does. Look at it, then save again.`);
    if (before !== null) await entry.requireOwn(await whose(before, manager));
    await insert(before);
    const written = await this.newest(manager, subject);
    if (written === null) throw new Error(`revision ${revision} of ${subject} was not written`);
    await entry.requireOwn(await whose(written, manager));
    return true;
  }

  private where(subject: string, also: object = {}): FindOptionsWhere<Row> {
    return { [this.plan.subject]: subject, ...also } as FindOptionsWhere<Row>;
  }

  private newestFirst(): FindOptionsOrder<Row> {
    return { [this.plan.counter]: 'DESC' } as FindOptionsOrder<Row>;
  }
}
