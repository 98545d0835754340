import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';
import { id, long, reference, text, whole } from './columns.js';

const card = new Table({
  name: 'card',
  columns: [id, whole('number'), text('retired_at', true)],
  indices: [{ name: 'card_number', columnNames: ['number'], isUnique: true }],
});

const version = new Table({
  name: 'card_version',
  columns: [
    { name: 'card_id', type: 'varchar', isPrimary: true },
    { name: 'version', type: 'integer', isPrimary: true },
    long('content'),
    long('why'),
    long('carried_from', true),
    text('made_at'),
    text('made_by'),
    text('signed_at', true),
    text('signed_by', true),
  ],
  foreignKeys: [reference('card_version', 'card_id', 'card'), reference('card_version', 'made_by', 'person')],
});

const proof = new Table({
  name: 'card_proof',
  columns: [
    { name: 'card_id', type: 'varchar', isPrimary: true },
    { name: 'version', type: 'integer', isPrimary: true },
    { name: 'coupon_id', type: 'varchar', isPrimary: true },
    text('added_at'),
    text('added_by'),
  ],
  foreignKeys: [
    reference('card_proof', 'coupon_id', 'coupon'),
    reference('card_proof', 'added_by', 'person'),
  ],
});

const tables = [card, version, proof];

/** Cards with their versions, and the coupons that prove them. */
export class Cards1764500000000 implements MigrationInterface {
  readonly name = 'Cards1764500000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const table of tables) await runner.createTable(table);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of tables.toReversed()) await runner.dropTable(table);
  }
}
