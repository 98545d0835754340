import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';
import { id, long, number, reference, text, whole } from './columns.js';

const key = (column: { name: string; type: string }) => ({ ...column, isPrimary: true });
const flag = (name: string, isNullable: boolean) => ({ name, type: 'boolean', isNullable });

const ladder = new Table({
  name: 'trial_ladder',
  columns: [
    id,
    whole('number'),
    text('name'),
    text('machine_id'),
    long('work'),
    long('setting'),
    text('knob'),
    long('rungs'),
    text('made_at'),
    text('made_by'),
    text('closed_at', true),
  ],
  indices: [{ name: 'trial_ladder_number', columnNames: ['number'], isUnique: true }],
  foreignKeys: [
    reference('trial_ladder', 'machine_id', 'machine'),
    reference('trial_ladder', 'made_by', 'person'),
  ],
});

const trial = new Table({
  name: 'trial',
  columns: [
    id,
    whole('number'),
    text('mode'),
    text('machine_id'),
    whole('machine_revision'),
    long('work'),
    long('setting'),
    text('look'),
    flag('is_tint_left', true),
    number('kerf_mm', true),
    flag('was_sent', true),
    number('light_on_s', true),
    number('stated', true),
    text('ladder_id', true),
    { ...whole('ladder_index'), isNullable: true },
    long('photo_ids'),
    long('remark'),
    text('metal'),
    number('mean_power_w', true),
    text('gas', true),
    text('window_id', true),
    text('person_id'),
    text('made_at'),
    text('recorded_at'),
    text('withdrawn_at', true),
  ],
  indices: [
    { name: 'trial_number', columnNames: ['number'], isUnique: true },
    { name: 'trial_window', columnNames: ['window_id'] },
    { name: 'trial_machine', columnNames: ['machine_id', 'made_at'] },
    { name: 'trial_mode', columnNames: ['mode', 'made_at'] },
  ],
  foreignKeys: [
    reference('trial', 'machine_id', 'machine'),
    reference('trial', 'ladder_id', 'trial_ladder'),
    reference('trial', 'window_id', 'protective_window'),
    reference('trial', 'person_id', 'person'),
  ],
});

const card = new Table({
  name: 'mode_card',
  columns: [id, whole('number'), text('retired_at', true)],
  indices: [{ name: 'mode_card_number', columnNames: ['number'], isUnique: true }],
});

const version = new Table({
  name: 'mode_card_version',
  columns: [key(text('card_id')), key(whole('version')), long('draft'), text('made_at'), text('made_by')],
  foreignKeys: [
    reference('mode_card_version', 'card_id', 'mode_card'),
    reference('mode_card_version', 'made_by', 'person'),
  ],
});

/** Cleaning, cutting and pulses: what was tried, ladders of trials, and cards of what worked. */
export class Modes1765500000000 implements MigrationInterface {
  readonly name = 'Modes1765500000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const table of [ladder, trial, card, version]) await runner.createTable(table);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of [version, card, trial, ladder]) await runner.dropTable(table);
  }
}
