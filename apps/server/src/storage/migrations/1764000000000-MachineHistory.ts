import { TableColumn, TableForeignKey, type MigrationInterface, type QueryRunner } from 'typeorm';

const table = 'machine_revision';

const columns = [
  new TableColumn({ name: 'name', type: 'varchar', default: "''" }),
  new TableColumn({ name: 'made_by', type: 'varchar', isNullable: true }),
  new TableColumn({ name: 'note', type: 'varchar', default: "''" }),
];

const madeBy = new TableForeignKey({
  name: 'fk_machine_revision_made_by',
  columnNames: ['made_by'],
  referencedTableName: 'person',
  referencedColumnNames: ['id'],
});

/** Each revision of a machine keeps its name, who made it and why. */
export class MachineHistory1764000000000 implements MigrationInterface {
  readonly name = 'MachineHistory1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.addColumns(table, columns);
    await runner.createForeignKey(table, madeBy);
    await runner.query(
      'UPDATE machine_revision SET name = (SELECT name FROM machine WHERE machine.id = machine_id)',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropForeignKey(table, madeBy);
    await runner.dropColumns(table, columns);
  }
}
