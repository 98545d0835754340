import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';
import { long, reference, text, whole } from './columns.js';

const revision = new Table({
  name: 'procedure_revision',
  columns: [
    { name: 'card_id', type: 'varchar', isPrimary: true },
    { name: 'revision', type: 'integer', isPrimary: true },
    whole('card_version'),
    long('stated'),
    long('why'),
    text('prepared_at'),
    text('prepared_by'),
    text('approved_at', true),
    text('approved_by', true),
  ],
  foreignKeys: [
    reference('procedure_revision', 'card_id', 'card'),
    reference('procedure_revision', 'prepared_by', 'person'),
  ],
});

/** Welding procedures that are filled from cards, revision by revision. */
export class Procedures1764700000000 implements MigrationInterface {
  readonly name = 'Procedures1764700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.createTable(revision);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropTable(revision);
  }
}
