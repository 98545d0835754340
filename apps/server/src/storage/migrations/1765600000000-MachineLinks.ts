import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';
import { id, long, reference, text, whole } from './columns.js';

const link = new Table({
  name: 'machine_link',
  columns: [
    { ...text('machine_id'), isPrimary: true },
    { ...whole('revision'), isPrimary: true },
    long('draft'),
    text('saved_at'),
    text('saved_by'),
  ],
  foreignKeys: [
    reference('machine_link', 'machine_id', 'machine'),
    reference('machine_link', 'saved_by', 'person'),
  ],
});

const sending = new Table({
  name: 'link_sending',
  columns: [
    id,
    text('machine_id'),
    long('draft'),
    text('outcome'),
    long('values'),
    long('why'),
    text('sent_at'),
    text('sent_by'),
  ],
  indices: [{ name: 'link_sending_machine', columnNames: ['machine_id', 'sent_at'] }],
  foreignKeys: [
    reference('link_sending', 'machine_id', 'machine'),
    reference('link_sending', 'sent_by', 'person'),
  ],
});

/** How machines are reached over a wire, and what was sent to them. */
export class MachineLinks1765600000000 implements MigrationInterface {
  readonly name = 'MachineLinks1765600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.createTable(link);
    await runner.createTable(sending);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropTable(sending);
    await runner.dropTable(link);
  }
}
