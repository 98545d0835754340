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
    const machines: { id: string; name: string }[] = await runner.manager
      .createQueryBuilder()
      .select(['id', 'name'])
      .from('machine', 'machine')
      .getRawMany();
    for (const { id, name } of machines) {
      await runner.manager
        .createQueryBuilder()
        .update(table)
        .set({ name })
        .where('machine_id = :id', { id })
        .execute();
    }
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropForeignKey(table, madeBy);
    await runner.dropColumns(table, columns);
  }
}
