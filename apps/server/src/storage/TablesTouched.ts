import type { EntitySubscriberInterface, EntityMetadata, QueryRunner } from 'typeorm';

/** What a subscriber is told of a row that was written. */
interface Written {
  readonly queryRunner: QueryRunner;
  readonly metadata: EntityMetadata;
}

/** Notes which tables each transaction writes to. */
export class TablesTouched implements EntitySubscriberInterface {
  private readonly touched = new WeakMap<QueryRunner, Set<string>>();

  /** From now on. */
  begin(runner: QueryRunner): void {
    this.touched.set(runner, new Set());
  }

  /** Since it began. */
  of(runner: QueryRunner): readonly string[] {
    return [...(this.touched.get(runner) ?? [])];
  }

  afterInsert(written: Written): void {
    this.note(written);
  }

  afterUpdate(written: Written): void {
    this.note(written);
  }

  afterRemove(written: Written): void {
    this.note(written);
  }

  private note({ queryRunner, metadata }: Written): void {
    this.touched.get(queryRunner)?.add(metadata.tableName);
  }
}
