import { createHash } from 'node:crypto';
import { Table, TableColumn, TableIndex, type MigrationInterface, type QueryRunner } from 'typeorm';
import { whole } from './columns.js';

const saves = new Table({
  name: 'saves',
  columns: [{ name: 'id', type: 'integer', isPrimary: true }, whole('count')],
});

/** Holds every column that a list is narrowed by, so that what matches is counted without reading the coupons themselves. */
const counted = new TableIndex({
  name: 'coupon_counted',
  columnNames: [
    'withdrawn_at',
    'machine_id',
    'metal',
    'back',
    'kind',
    'person_id',
    'has_slip',
    'thickness_mm',
  ],
});
/** In order of how long the light was on, so that the middle of it is found without reading them all. */
const light = new TableIndex({ name: 'coupon_light', columnNames: ['withdrawn_at', 'light_on_s'] });
const byMachineAlone = new TableIndex({ name: 'coupon_machine', columnNames: ['machine_id'] });

interface Line {
  readonly id: number;
  readonly at: string;
  readonly person_id: string | null;
  readonly noun: string;
  readonly subject_id: string;
  readonly what: string;
}

/** Each line of the history bears a hash over itself and the line before; saves are counted; coupons that match are counted faster. */
export class HeldFast1765300000000 implements MigrationInterface {
  readonly name = 'HeldFast1765300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.dropIndex('coupon', byMachineAlone);
    await runner.createIndex('coupon', counted);
    await runner.createIndex('coupon', light);
    await runner.createTable(saves);
    await runner.query('INSERT INTO saves (id, count) VALUES (1, 0)');
    await runner.addColumn('change', new TableColumn({ name: 'hash', type: 'varchar', default: "''" }));
    const lines = (await runner.query('SELECT * FROM "change" ORDER BY id')) as Line[];
    let hash = '';
    for (const { id, at, person_id, noun, subject_id, what } of lines) {
      const text = JSON.stringify([hash, at, person_id, noun, subject_id, what]);
      hash = createHash('sha256').update(text).digest('hex');
      await runner.query('UPDATE "change" SET hash = ? WHERE id = ?', [hash, id]);
    }
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropColumn('change', 'hash');
    await runner.dropTable('saves');
    await runner.dropIndex('coupon', light);
    await runner.dropIndex('coupon', counted);
    await runner.createIndex('coupon', byMachineAlone);
  }
}
