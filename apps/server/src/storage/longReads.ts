import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager, type ObjectLiteral, type SelectQueryBuilder } from 'typeorm';

/** Reads rows as the database has them, under the names they were asked for by. */
export type ReadRows = <Row>(query: SelectQueryBuilder<ObjectLiteral>) => Promise<Row[]>;

/** Rows as a transaction that is under way sees them. */
export const rowsSeenBy =
  (manager: EntityManager): ReadRows =>
  (query) =>
    manager.query(...query.getQueryAndParameters());

/** Reads that go over a hundred thousand rows: beside what is served, so that nobody waits for them. They see what was stored. */
export abstract class LongReads {
  /** @returns the rows of a statement that only reads */
  abstract rows<Row>(sql: string, parameters?: readonly unknown[]): Promise<Row[]>;

  readonly of: ReadRows = <Row>(query: SelectQueryBuilder<ObjectLiteral>) =>
    this.rows<Row>(...query.getQueryAndParameters());
}

/** In the thread that asks: for tests, and for threads of their own. */
@Injectable()
export class LongReadsHere extends LongReads {
  constructor(private readonly dataSource: DataSource) {
    super();
  }

  rows<Row>(sql: string, parameters: readonly unknown[] = []): Promise<Row[]> {
    return this.dataSource.query(sql, [...parameters]);
  }
}
