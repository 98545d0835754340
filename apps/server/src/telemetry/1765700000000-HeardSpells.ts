import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';
import { id, long, number, text, whole } from '../storage/migrations/columns.js';

const spell = new Table({
  name: 'heard_spell',
  columns: [
    id,
    text('machine_id'),
    whole('started_at'),
    whole('ended_at'),
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

/** The first shape of the file of what machines say. */
export class HeardSpells1765700000000 implements MigrationInterface {
  readonly name = 'HeardSpells1765700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.createTable(spell);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropTable(spell);
  }
}
