import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';
import { id, long, number, reference, text, whole } from './columns.js';

const key = (column: { name: string; type: string }) => ({ ...column, isPrimary: true });
const flag = (name: string) => ({ name, type: 'boolean' });

const job = new Table({
  name: 'job',
  columns: [
    id,
    whole('number'),
    text('state'),
    whole('revision'),
    whole('settled'),
    number('light_on_s'),
    text('made_at'),
    text('made_by'),
    text('changed_at'),
    text('withdrawn_at', true),
  ],
  indices: [{ name: 'job_number', columnNames: ['number'], isUnique: true }],
  foreignKeys: [reference('job', 'made_by', 'person')],
});

const revision = new Table({
  name: 'job_revision',
  columns: [key(text('job_id')), key(whole('revision')), long('draft'), text('made_at'), text('made_by')],
  foreignKeys: [reference('job_revision', 'job_id', 'job'), reference('job_revision', 'made_by', 'person')],
});

const run = new Table({
  name: 'weld_run',
  columns: [
    id,
    text('job_id'),
    text('machine_id'),
    text('mark'),
    whole('seam'),
    text('outcome'),
    flag('is_repair'),
    number('light_on_s', true),
    number('hands_s', true),
    long('dialled', true),
    flag('is_otherwise'),
    number('gun_angle_deg'),
    text('metal'),
    number('mean_power_w', true),
    text('gas', true),
    long('card', true),
    long('photo_ids'),
    long('remark'),
    text('window_id', true),
    text('person_id'),
    text('welded_at'),
    text('recorded_at'),
    text('withdrawn_at', true),
  ],
  indices: [
    { name: 'weld_run_job', columnNames: ['job_id'] },
    { name: 'weld_run_window', columnNames: ['window_id'] },
    { name: 'weld_run_machine', columnNames: ['machine_id', 'welded_at'] },
  ],
  foreignKeys: [
    reference('weld_run', 'job_id', 'job'),
    reference('weld_run', 'machine_id', 'machine'),
    reference('weld_run', 'window_id', 'protective_window'),
    reference('weld_run', 'person_id', 'person'),
  ],
});

const claim = new Table({
  name: 'weld_claim',
  columns: [key(text('job_id')), key(text('mark')), key(whole('seam')), text('person_id'), text('at')],
  foreignKeys: [reference('weld_claim', 'job_id', 'job'), reference('weld_claim', 'person_id', 'person')],
});

const check = new Table({
  name: 'weld_check',
  columns: [
    id,
    text('job_id'),
    text('mark'),
    { ...whole('seam'), isNullable: true },
    text('kind'),
    text('result'),
    number('undercut_mm', true),
    number('crown_mm', true),
    number('misalignment_mm', true),
    number('indication_mm', true),
    long('found'),
    long('photo_ids'),
    text('person_id'),
    text('done_at'),
    text('recorded_at'),
    text('withdrawn_at', true),
  ],
  indices: [{ name: 'weld_check_job', columnNames: ['job_id'] }],
  foreignKeys: [reference('weld_check', 'job_id', 'job'), reference('weld_check', 'person_id', 'person')],
});
const tables = [job, revision, run, claim, check];

/** Jobs: what is planned, revision by revision, what was welded of it, who has which seam in hand, and what was found on it. */
export class Jobs1765400000000 implements MigrationInterface {
  readonly name = 'Jobs1765400000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const table of tables) await runner.createTable(table);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of tables.toReversed()) await runner.dropTable(table);
  }
}
