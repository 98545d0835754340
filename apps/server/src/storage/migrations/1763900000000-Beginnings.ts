import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';

const text = (name: string, isNullable = false) => ({ name, type: 'varchar', isNullable });
const id = { name: 'id', type: 'varchar', isPrimary: true };
const count = (name: string) => ({ name, type: 'integer' });

const machine = new Table({
  name: 'machine',
  columns: [id, text('name'), count('position'), count('revision')],
});

const machineRevision = new Table({
  name: 'machine_revision',
  columns: [
    { name: 'machine_id', type: 'varchar', isPrimary: true },
    { name: 'revision', type: 'integer', isPrimary: true },
    { name: 'profile', type: 'text' },
    text('made_at'),
  ],
  foreignKeys: [
    {
      name: 'fk_machine_revision_machine',
      columnNames: ['machine_id'],
      referencedTableName: 'machine',
      referencedColumnNames: ['id'],
    },
  ],
});

const person = new Table({ name: 'person', columns: [id, text('name'), text('role')] });

const reference = (table: string, column: string, to: string) => ({
  name: `fk_${table}_${column.replace(/_id$/, '')}`,
  columnNames: [column],
  referencedTableName: to,
  referencedColumnNames: ['id'],
});

const protectiveWindow = new Table({
  name: 'protective_window',
  columns: [
    id,
    text('machine_id'),
    count('number'),
    text('previous_id', true),
    text('fitted_at'),
    text('fitted_by'),
    text('removed_at', true),
    text('removed_reason', true),
    { name: 'removed_note', type: 'text', isNullable: true },
    text('undone_at', true),
  ],
  foreignKeys: [
    reference('protective_window', 'machine_id', 'machine'),
    reference('protective_window', 'previous_id', 'protective_window'),
    reference('protective_window', 'fitted_by', 'person'),
  ],
  indices: [
    {
      name: 'one_fitted_window_per_machine',
      columnNames: ['machine_id'],
      isUnique: true,
      where: 'removed_at IS NULL AND undone_at IS NULL',
    },
  ],
});

const coupon = new Table({
  name: 'coupon',
  columns: [
    id,
    count('number'),
    text('machine_id'),
    count('machine_revision'),
    text('person_id'),
    text('window_id'),
    text('metal'),
    { name: 'joint', type: 'text' },
    { name: 'setting', type: 'text' },
    text('back'),
    { name: 'light_on_s', type: 'float', isNullable: true },
    { name: 'run_length_mm', type: 'float', isNullable: true },
    { name: 'remark', type: 'text' },
    text('welded_at'),
    text('recorded_at'),
    text('withdrawn_at', true),
  ],
  foreignKeys: [
    {
      name: 'fk_coupon_machine_revision',
      columnNames: ['machine_id', 'machine_revision'],
      referencedTableName: 'machine_revision',
      referencedColumnNames: ['machine_id', 'revision'],
    },
    reference('coupon', 'person_id', 'person'),
    reference('coupon', 'window_id', 'protective_window'),
  ],
  indices: [
    { name: 'coupon_number', columnNames: ['number'], isUnique: true },
    { name: 'coupon_machine', columnNames: ['machine_id'] },
    { name: 'coupon_window', columnNames: ['window_id'] },
  ],
});

const tables = [machine, machineRevision, person, protectiveWindow, coupon];

/** Machines with their revisions, people, protective windows and coupons. */
export class Beginnings1763900000000 implements MigrationInterface {
  readonly name = 'Beginnings1763900000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const table of tables) await runner.createTable(table);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of tables.toReversed()) await runner.dropTable(table);
  }
}
