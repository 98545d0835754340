import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';
import { id, long, reference, text, whole } from './columns.js';

const entry = new Table({
  name: 'slot_entry',
  columns: [
    id,
    text('machine_id'),
    whole('slot'),
    long('entry'),
    whole('position'),
    text('at'),
    text('done_by'),
  ],
  indices: [{ name: 'slot_entry_slot', columnNames: ['machine_id', 'slot'] }],
  foreignKeys: [
    reference('slot_entry', 'machine_id', 'machine'),
    reference('slot_entry', 'done_by', 'person'),
  ],
});

/** What was stored in the program slots of the machines, and held against them. */
export class ProgramSlots1764600000000 implements MigrationInterface {
  readonly name = 'ProgramSlots1764600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.createTable(entry);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropTable(entry);
  }
}
