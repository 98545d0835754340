import { Table, TableColumn, TableIndex, type MigrationInterface, type QueryRunner } from 'typeorm';
import { id, long, reference, text, whole } from './columns.js';

const workshop = new Table({
  name: 'workshop',
  columns: [id, text('name')],
  indices: [{ name: 'workshop_name', columnNames: ['name'], isUnique: true }],
});

const sheet = new Table({
  name: 'workshop_sheet',
  columns: [
    { ...text('subject'), isPrimary: true },
    { ...whole('revision'), isPrimary: true },
    text('workshop_id'),
    text('sheet'),
    long('content', true),
    text('made_at'),
    text('made_by'),
  ],
  foreignKeys: [
    reference('workshop_sheet', 'workshop_id', 'workshop'),
    reference('workshop_sheet', 'made_by', 'person'),
  ],
});

const account = new Table({
  name: 'account',
  columns: [
    { ...text('person_id'), isPrimary: true },
    text('login'),
    text('passphrase_hash', true),
    text('subject', true),
  ],
  indices: [
    { name: 'account_login', columnNames: ['login'], isUnique: true },
    { name: 'account_subject', columnNames: ['subject'], isUnique: true },
  ],
  foreignKeys: [reference('account', 'person_id', 'person')],
});

/** The newest day of each of hundreds of machines is found in it alone. */
const newestDay = new TableIndex({ name: 'day_machine', columnNames: ['machine_id', 'opened_at'] });

/** What says itself whose it is; everything else is its machine's, its card's or its coupon's. */
const owned = ['person', 'machine', 'card', 'mode_card', 'stock_item', 'bottle', 'eyewear'];

/** Workshops inside a firm, what was before being the whole firm's; and accounts of those who come over the network. */
export class Workshops1765800000000 implements MigrationInterface {
  readonly name = 'Workshops1765800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.createTable(workshop);
    await runner.createTable(sheet);
    await runner.createTable(account);
    await runner.createIndex('day', newestDay);
    for (const table of owned) await runner.addColumn(table, new TableColumn(text('workshop_id', true)));
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of owned) await runner.dropColumn(table, 'workshop_id');
    await runner.dropIndex('day', newestDay);
    await runner.dropTable(account);
    await runner.dropTable(sheet);
    await runner.dropTable(workshop);
  }
}
