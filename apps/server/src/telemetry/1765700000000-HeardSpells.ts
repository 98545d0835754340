import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';
import { id, long, milliseconds, number, text } from '../storage/migrations/columns.js';

const spell = (runner: QueryRunner) =>
  new Table({
    name: 'heard_spell',
    columns: [
      id,
      text('machine_id'),
      milliseconds(runner, 'started_at'),
      milliseconds(runner, 'ended_at'),
      text('source'),
      long('figures'),
      number('step_s'),
      { name: 'curve', type: 'blob', isNullable: true },
    ],
    indices: [
      { name: 'heard_spell_machine', columnNames: ['machine_id', 'started_at'] },
      { name: 'heard_spell_started', columnNames: ['started_at'] },
    ],
  });

/** The first shape of what machines say: in a file of its own, and in a server's database beside the shop's tables. */
export class HeardSpells1765700000000 implements MigrationInterface {
  readonly name = 'HeardSpells1765700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.createTable(spell(runner));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropTable('heard_spell');
  }
}
