import { Table, TableColumn, TableIndex, type MigrationInterface, type QueryRunner } from 'typeorm';
import { id, long, number, reference, text, whole } from './columns.js';

const windowColumns = [
  long('removed_found', true),
  { ...text('supplier'), default: "''" },
  { ...text('lot'), default: "''" },
  text('fitted_place', true),
  text('stock_id', true),
];
const couponColumns = [number('mean_power_w'), text('gas'), number('gun_angle_deg', true)];

const light = new Table({
  name: 'light_entry',
  columns: [
    id,
    text('machine_id'),
    text('window_id'),
    text('person_id'),
    number('minutes'),
    number('power_w'),
    text('metal'),
    text('gas'),
    text('batch'),
    number('gun_angle_deg'),
    { name: 'is_soft_start', type: 'boolean' },
    text('welded_at'),
    text('recorded_at'),
    text('withdrawn_at', true),
  ],
  indices: [
    { name: 'light_entry_window', columnNames: ['window_id'] },
    { name: 'light_entry_machine', columnNames: ['machine_id', 'welded_at'] },
  ],
  foreignKeys: [
    reference('light_entry', 'machine_id', 'machine'),
    reference('light_entry', 'window_id', 'protective_window'),
    reference('light_entry', 'person_id', 'person'),
  ],
});

const part = new Table({
  name: 'head_part',
  columns: [
    id,
    text('machine_id'),
    text('kind'),
    text('place'),
    text('supplier'),
    text('lot'),
    text('previous_id', true),
    text('stock_id', true),
    text('fitted_at'),
    text('fitted_by'),
    text('removed_at', true),
    text('removed_reason', true),
    long('removed_note', true),
    text('undone_at', true),
  ],
  indices: [{ name: 'head_part_place', columnNames: ['machine_id', 'kind', 'place'] }],
  foreignKeys: [
    reference('head_part', 'machine_id', 'machine'),
    reference('head_part', 'fitted_by', 'person'),
  ],
});

const stock = new Table({
  name: 'stock_item',
  columns: [
    id,
    text('kind'),
    text('name'),
    text('supplier'),
    text('lot'),
    whole('count'),
    number('price', true),
    number('delivery_days'),
    number('service_level'),
    number('used_per_month', true),
    text('counted_at'),
    text('removed_at', true),
  ],
});

const plan = new Table({
  name: 'upkeep_plan',
  columns: [
    { ...text('machine_id'), isPrimary: true },
    { ...whole('revision'), isPrimary: true },
    long('tasks'),
    text('note'),
    text('made_at'),
    text('made_by'),
  ],
  foreignKeys: [
    reference('upkeep_plan', 'machine_id', 'machine'),
    { ...reference('upkeep_plan', 'made_by', 'person') },
  ],
});

const photo = new Table({
  name: 'shop_photo',
  columns: [
    id,
    text('machine_id'),
    text('subject'),
    text('hash'),
    text('sent_hash'),
    text('type'),
    whole('width_px'),
    whole('height_px'),
    whole('bytes'),
    text('added_at'),
    text('added_by'),
  ],
  indices: [{ name: 'shop_photo_hash', columnNames: ['hash'] }],
  foreignKeys: [
    reference('shop_photo', 'machine_id', 'machine'),
    reference('shop_photo', 'added_by', 'person'),
  ],
});
const tables = [light, part, stock, plan, photo];

const byWindow = new TableIndex({ name: 'coupon_window', columnNames: ['window_id'] });
/** With all that wears glass, so that lives are added up from the index alone. */
const byWear = new TableIndex({
  name: 'coupon_window',
  columnNames: [
    'window_id',
    'withdrawn_at',
    'person_id',
    'metal',
    'gas',
    'light_on_s',
    'mean_power_w',
    'gun_angle_deg',
  ],
});

/** Lives of parts: the light log, spares, upkeep, and what was seen on windows that came out. */
export class Upkeep1764900000000 implements MigrationInterface {
  readonly name = 'Upkeep1764900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.addColumns(
      'protective_window',
      windowColumns.map((column) => new TableColumn(column)),
    );
    const open = couponColumns.map((column) => new TableColumn({ ...column, isNullable: true }));
    await runner.addColumns('coupon', open);
    await fillCoupons(runner);
    await runner.changeColumns(
      'coupon',
      open.map((oldColumn, i) => ({ oldColumn, newColumn: new TableColumn(couponColumns[i] as never) })),
    );
    await runner.dropIndex('coupon', byWindow);
    await runner.createIndex('coupon', byWear);
    for (const table of tables) await runner.createTable(table);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of tables.toReversed()) await runner.dropTable(table);
    await runner.dropIndex('coupon', byWear);
    await runner.createIndex('coupon', byWindow);
    await runner.dropColumns(
      'coupon',
      couponColumns.map(({ name }) => name),
    );
    await runner.dropColumns(
      'protective_window',
      windowColumns.map(({ name }) => name),
    );
  }
}

/** Coupons from before keep these in what was dialled and observed. */
async function fillCoupons(runner: QueryRunner): Promise<void> {
  const rows = (await runner.query('SELECT id, setting, observed FROM coupon')) as {
    id: string;
    setting: string;
    observed: string;
  }[];
  for (const row of rows) {
    const { powerW, dutyPercent, gas } = JSON.parse(row.setting) as {
      powerW: number;
      dutyPercent: number;
      gas: string;
    };
    const { gunAngleDeg } = JSON.parse(row.observed) as { gunAngleDeg?: number };
    await runner.query('UPDATE coupon SET mean_power_w = ?, gas = ?, gun_angle_deg = ? WHERE id = ?', [
      (powerW * dutyPercent) / 100,
      gas,
      gunAngleDeg ?? null,
      row.id,
    ]);
  }
}
