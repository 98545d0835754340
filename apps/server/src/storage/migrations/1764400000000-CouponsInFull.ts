import {
  Table,
  TableColumn,
  TableIndex,
  type MigrationInterface,
  type QueryRunner,
  type TableColumnOptions,
} from 'typeorm';
import { id, long, number, reference, text, whole } from './columns.js';

const couponEntry = new Table({
  name: 'coupon_entry',
  columns: [
    { name: 'coupon_id', type: 'varchar', isPrimary: true },
    { name: 'revision', type: 'integer', isPrimary: true },
    long('draft'),
    long('why'),
    text('superseded_at'),
    text('superseded_by'),
  ],
  foreignKeys: [
    reference('coupon_entry', 'coupon_id', 'coupon'),
    reference('coupon_entry', 'superseded_by', 'person'),
  ],
});

const photo = new Table({
  name: 'photo',
  columns: [
    id,
    text('coupon_id'),
    text('subject'),
    text('hash'),
    text('sent_hash'),
    text('type'),
    whole('width_px'),
    whole('height_px'),
    whole('bytes'),
    text('added_at'),
    text('added_by'),
    text('withdrawn_at', true),
  ],
  foreignKeys: [reference('photo', 'coupon_id', 'coupon'), reference('photo', 'added_by', 'person')],
  indices: [
    { name: 'photo_coupon', columnNames: ['coupon_id'] },
    { name: 'photo_hash', columnNames: ['hash'] },
  ],
});

const couponTest = new Table({
  name: 'coupon_test',
  columns: [
    id,
    text('coupon_id'),
    text('kind'),
    long('detail'),
    text('result'),
    long('remark'),
    text('done_at'),
    text('done_by'),
    long('photo_ids'),
    text('recorded_at'),
    text('withdrawn_at', true),
  ],
  foreignKeys: [
    reference('coupon_test', 'coupon_id', 'coupon'),
    reference('coupon_test', 'done_by', 'person'),
  ],
  indices: [{ name: 'coupon_test_coupon', columnNames: ['coupon_id'] }],
});

const ladder = new Table({
  name: 'ladder',
  columns: [
    id,
    { name: 'number', type: 'integer' },
    text('name'),
    text('machine_id'),
    long('joint'),
    long('setting'),
    long('axes'),
    long('rungs'),
    text('made_at'),
    text('made_by'),
    text('closed_at', true),
  ],
  foreignKeys: [reference('ladder', 'machine_id', 'machine'), reference('ladder', 'made_by', 'person')],
  indices: [{ name: 'ladder_number', columnNames: ['number'], isUnique: true }],
});

const tables = [couponEntry, photo, couponTest, ladder];

/** New columns of a coupon, those that lists go by among them. */
const columns: readonly TableColumnOptions[] = [
  text('kind'),
  number('thickness_mm'),
  number('power_w'),
  number('travel_mm_s', true),
  { name: 'has_slip', type: 'boolean' },
  text('ladder_id', true),
  long('observed'),
  { name: 'revision', type: 'integer' },
  long('section', true),
];

const indices = [
  ['coupon_listed', 'number', 'remark'],
  ['coupon_by_slip', 'has_slip', 'number'],
  ['coupon_by_metal', 'metal', 'number'],
  ['coupon_by_machine', 'machine_id', 'number'],
  ['coupon_by_back', 'back', 'number'],
  ['coupon_by_kind', 'kind', 'number'],
  ['coupon_by_person', 'person_id', 'number'],
  ['coupon_by_thickness', 'thickness_mm', 'number'],
  ['coupon_by_power', 'power_w', 'number'],
  ['coupon_by_travel', 'travel_mm_s', 'number'],
  ['coupon_by_day', 'welded_at', 'number'],
].map(([name, ...by]) => new TableIndex({ name: name as string, columnNames: ['withdrawn_at', ...by] }));

const byLadder = new TableIndex({ name: 'coupon_by_ladder', columnNames: ['ladder_id'] });

/** Coupons with what was seen beside the back, their amendments, photos and tests; columns that long lists go by. */
export class CouponsInFull1764400000000 implements MigrationInterface {
  readonly name = 'CouponsInFull1764400000000';

  async up(runner: QueryRunner): Promise<void> {
    // Old rows have nothing to put there yet: first without the promise that there is something, then with it.
    const open = columns.map((column) => new TableColumn({ ...column, isNullable: true }));
    await runner.addColumns('coupon', open);
    await fillFromRecords(runner);
    await runner.changeColumns(
      'coupon',
      open.map((oldColumn, i) => ({
        oldColumn,
        newColumn: new TableColumn(columns[i] as TableColumnOptions),
      })),
    );
    await runner.createIndices('coupon', [...indices, byLadder]);
    for (const table of tables) await runner.createTable(table);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of tables.toReversed()) await runner.dropTable(table);
    await runner.dropIndices('coupon', [...indices, byLadder]);
    await runner.dropColumns(
      'coupon',
      columns.map(({ name }) => name),
    );
  }
}

interface OldRow {
  readonly id: string;
  readonly joint: string;
  readonly setting: string;
  readonly light_on_s: number | null;
  readonly run_length_mm: number | null;
}

async function fillFromRecords(runner: QueryRunner): Promise<void> {
  const rows = (await runner.query(
    'SELECT id, joint, setting, light_on_s, run_length_mm FROM coupon',
  )) as OldRow[];
  for (const row of rows) {
    const { kind, firstThicknessMm } = JSON.parse(row.joint) as { kind: string; firstThicknessMm: number };
    const { powerW } = JSON.parse(row.setting) as { powerW: number };
    const isTimed = row.light_on_s !== null && row.run_length_mm !== null;
    const travelMmS = isTimed ? row.run_length_mm / row.light_on_s : null;
    await runner.query(
      `UPDATE coupon SET kind = ?, thickness_mm = ?, power_w = ?, travel_mm_s = ?, has_slip = 0, observed = '{}', revision = 1
       WHERE id = ?`,
      [kind, firstThicknessMm, powerW, travelMmS, row.id],
    );
  }
}
