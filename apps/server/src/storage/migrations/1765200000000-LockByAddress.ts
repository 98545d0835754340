import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';
import { text, whole } from './columns.js';

const byName = new Table({
  name: 'wrong_pin',
  columns: [{ name: 'person_id', type: 'varchar', isPrimary: true }, whole('count'), text('last_at')],
});

const byNameAndAddress = new Table({
  name: 'wrong_pin',
  columns: [
    { name: 'person_id', type: 'varchar', isPrimary: true },
    { name: 'address', type: 'varchar', isPrimary: true },
    whole('count'),
    text('last_at'),
  ],
});

/** Wrong PINs are counted by name and the address they come from; those of before are forgotten. */
export class LockByAddress1765200000000 implements MigrationInterface {
  readonly name = 'LockByAddress1765200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.dropTable('wrong_pin');
    await runner.createTable(byNameAndAddress);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropTable('wrong_pin');
    await runner.createTable(byName);
  }
}
