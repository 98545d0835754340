import { TableColumn, type MigrationInterface, type QueryRunner } from 'typeorm';
import { text } from './columns.js';

const changed = ['protective_window', 'head_part'];

/** Who took a change of window or part back. */
export class UndoneBy1765000000000 implements MigrationInterface {
  readonly name = 'UndoneBy1765000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const table of changed) await runner.addColumn(table, new TableColumn(text('undone_by', true)));
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of changed) await runner.dropColumn(table, 'undone_by');
  }
}
