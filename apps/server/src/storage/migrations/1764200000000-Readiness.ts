import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';
import { id, long, number, reference, text } from './columns.js';

const sequence = new Table({
  name: 'sequence',
  columns: [
    { name: 'machine_id', type: 'varchar', isPrimary: true },
    { name: 'revision', type: 'integer', isPrimary: true },
    long('start_up'),
    long('shut_down'),
    text('note'),
    text('made_at'),
    text('made_by'),
  ],
  foreignKeys: [reference('sequence', 'machine_id', 'machine'), reference('sequence', 'made_by', 'person')],
});

const day = new Table({
  name: 'day',
  columns: [
    id,
    text('machine_id'),
    { name: 'sequence_revision', type: 'integer' },
    long('start_up'),
    long('shut_down'),
    text('opened_at'),
    text('opened_by'),
    text('closed_at', true),
  ],
  foreignKeys: [reference('day', 'machine_id', 'machine'), reference('day', 'opened_by', 'person')],
  indices: [
    {
      name: 'one_open_day_per_machine',
      columnNames: ['machine_id'],
      isUnique: true,
      where: 'closed_at IS NULL',
    },
  ],
});

const dayEntry = new Table({
  name: 'day_entry',
  columns: [
    id,
    text('day_id'),
    { name: 'place', type: 'integer' },
    text('step_id'),
    text('outcome'),
    long('reading'),
    long('reason'),
    { name: 'is_met', type: 'boolean' },
    long('words'),
    text('at'),
    text('person_id'),
  ],
  foreignKeys: [reference('day_entry', 'day_id', 'day'), reference('day_entry', 'person_id', 'person')],
  indices: [{ name: 'day_entry_place', columnNames: ['day_id', 'place'], isUnique: true }],
});

const bottle = new Table({
  name: 'bottle',
  columns: [
    id,
    text('gas'),
    number('litres'),
    number('pressure_bar'),
    text('purity'),
    text('batch'),
    text('supplier'),
    number('price', true),
    text('machine_id', true),
    text('read_at'),
    text('gone_at', true),
  ],
  foreignKeys: [reference('bottle', 'machine_id', 'machine')],
});

const shopRecord = new Table({
  name: 'shop_record',
  columns: [
    id,
    text('machine_id'),
    text('kind'),
    long('detail'),
    long('note'),
    text('at'),
    text('person_id'),
    text('withdrawn_at', true),
  ],
  foreignKeys: [
    reference('shop_record', 'machine_id', 'machine'),
    reference('shop_record', 'person_id', 'person'),
  ],
  indices: [{ name: 'shop_record_machine', columnNames: ['machine_id', 'kind'] }],
});

const eyewear = new Table({
  name: 'eyewear',
  columns: [
    id,
    text('name'),
    text('kind'),
    text('marking'),
    number('optical_density', true),
    text('shade'),
    text('condition'),
    { name: 'is_retired', type: 'boolean' },
    text('checked_at'),
    text('checked_by'),
  ],
  foreignKeys: [reference('eyewear', 'checked_by', 'person')],
});

const clearance = new Table({
  name: 'clearance',
  columns: [
    id,
    text('person_id'),
    text('machine_id'),
    text('mode'),
    text('until', true),
    long('note'),
    text('cleared_at'),
    text('cleared_by'),
    text('withdrawn_at', true),
  ],
  foreignKeys: [
    reference('clearance', 'person_id', 'person'),
    reference('clearance', 'machine_id', 'machine'),
    reference('clearance', 'cleared_by', 'person'),
  ],
});

const tables = [sequence, day, dayEntry, bottle, shopRecord, eyewear, clearance];

/** Days with their steps, templates, gas bottles, records of tests and upkeep, eyewear, and who is cleared for what. */
export class Readiness1764200000000 implements MigrationInterface {
  readonly name = 'Readiness1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const table of tables) await runner.createTable(table);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of tables.toReversed()) await runner.dropTable(table);
  }
}
