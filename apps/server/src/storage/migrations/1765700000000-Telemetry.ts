import { Table, TableColumn, type MigrationInterface, type QueryRunner } from 'typeorm';
import { long, number, reference, text, whole } from './columns.js';

const telemetry = new Table({
  name: 'machine_telemetry',
  columns: [
    { ...text('machine_id'), isPrimary: true },
    { ...whole('revision'), isPrimary: true },
    long('draft'),
    text('saved_at'),
    text('saved_by'),
  ],
  foreignKeys: [
    reference('machine_telemetry', 'machine_id', 'machine'),
    reference('machine_telemetry', 'saved_by', 'person'),
  ],
});

const taken = new Table({
  name: 'taken_spell',
  columns: [
    { ...text('spell_id'), isPrimary: true },
    { ...text('subject_id'), isPrimary: true },
    text('machine_id'),
    text('started_at'),
    text('ended_at'),
    text('source'),
    long('figures'),
    number('step_s'),
    text('let_go_at', true),
    { name: 'curve', type: 'blob', isNullable: true },
  ],
  indices: [{ name: 'taken_spell_subject', columnNames: ['subject_id'] }],
  foreignKeys: [reference('taken_spell', 'machine_id', 'machine')],
});

const heard = new Table({
  name: 'heard_light',
  columns: [
    { ...text('machine_id'), isPrimary: true },
    { ...text('hour'), isPrimary: true },
    number('seconds'),
  ],
  foreignKeys: [reference('heard_light', 'machine_id', 'machine')],
});

/** How machines are listened to, the spells of light that records took, and the hours that were heard. */
export class Telemetry1765700000000 implements MigrationInterface {
  readonly name = 'Telemetry1765700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.createTable(telemetry);
    await runner.createTable(taken);
    await runner.createTable(heard);
    await runner.addColumn('weld_run', new TableColumn(long('heard', true)));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropColumn('weld_run', 'heard');
    await runner.dropTable(heard);
    await runner.dropTable(taken);
    await runner.dropTable(telemetry);
  }
}
