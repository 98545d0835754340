import { Table, TableColumn, type MigrationInterface, type QueryRunner } from 'typeorm';
import { no } from './columns.js';

const text = (name: string, isNullable = false) => ({ name, type: 'varchar', isNullable });

const columns = (runner: QueryRunner) => [
  new TableColumn({ name: 'pin_hash', type: 'varchar', isNullable: true }),
  new TableColumn({ name: 'has_sample_pin', type: 'boolean', default: no(runner) }),
  new TableColumn({ name: 'disabled_at', type: 'varchar', isNullable: true }),
];

const session = new Table({
  name: 'session',
  columns: [
    { name: 'token_hash', type: 'varchar', isPrimary: true },
    text('person_id'),
    text('begun_at'),
    text('seen_at'),
  ],
  foreignKeys: [
    {
      name: 'fk_session_person',
      columnNames: ['person_id'],
      referencedTableName: 'person',
      referencedColumnNames: ['id'],
    },
  ],
  indices: [{ name: 'session_person', columnNames: ['person_id'] }],
});

const wrongPin = new Table({
  name: 'wrong_pin',
  columns: [
    { name: 'person_id', type: 'varchar', isPrimary: true },
    { name: 'count', type: 'integer' },
    text('last_at'),
  ],
});

const change = new Table({
  name: 'change',
  columns: [
    { name: 'id', type: 'integer', isPrimary: true, isGenerated: true, generationStrategy: 'increment' },
    text('at'),
    text('person_id', true),
    text('noun'),
    text('subject_id'),
    { name: 'what', type: 'text' },
  ],
  indices: [{ name: 'change_subject', columnNames: ['noun', 'subject_id'] }],
});

const tables = [session, wrongPin, change];

/** People sign in with a PIN, and what is changed is written down with who did it. Learners become welders. */
export class SignIn1764100000000 implements MigrationInterface {
  readonly name = 'SignIn1764100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.addColumns('person', columns(runner));
    for (const table of tables) await runner.createTable(table);
    await runner.query("UPDATE person SET role = 'welder' WHERE role = 'learner'");
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of tables.toReversed()) await runner.dropTable(table);
    await runner.dropColumns('person', columns(runner));
  }
}
