import { TableColumn, type MigrationInterface, type QueryRunner } from 'typeorm';
import { text } from './columns.js';

/** Since when a machine is out of use. */
export class RetiredMachines1765100000000 implements MigrationInterface {
  readonly name = 'RetiredMachines1765100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.addColumn('machine', new TableColumn(text('retired_at', true)));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropColumn('machine', 'retired_at');
  }
}
